/** The three sheets of an old notebook, in the order in which they are written. */
export const notebookSheets = ['stacks', 'burns', 'spreads'] as const;
export type NotebookSheet = (typeof notebookSheets)[number];

export interface Column {
	readonly name: string;
	readonly needed: boolean;
	/** What may stand in it. */
	readonly says: string;
	/** The fields of the form it fills, where they go by another name. */
	readonly fields?: readonly string[];
}

const date: Column = {
	name: 'date',
	needed: true,
	says: '2025-05-14, or 2025-05-14 16:30',
	fields: ['happenedAt']
};
const note: Column = { name: 'note', needed: false, says: 'anything' };
const reason = (says: string): Column => ({
	name: 'reason',
	needed: false,
	says,
	fields: ['oddReason']
});

export const columns: Readonly<Record<NotebookSheet, readonly Column[]>> = {
	stacks: [
		{ name: 'label', needed: true, says: 'your own name for it; burns refer to it' },
		date,
		{ name: 'name', needed: false, says: 'what it is, like alder rods' },
		{ name: 'form', needed: true, says: 'split, rods, brush, chips, shavings or canes' },
		{ name: 'wood', needed: true, says: 'softwood, light-hardwood, dense-hardwood or canes' },
		{ name: 'seasoned', needed: true, says: 'yes or no' },
		{ name: 'outline', needed: false, says: 'box, ridge or dome, with the three sides' },
		{ name: 'length', needed: false, says: '2 m' },
		{ name: 'width', needed: false, says: '1 m' },
		{ name: 'height', needed: false, says: '1.2 m' },
		{ name: 'filled', needed: false, says: 'instead of sides: 600 L, 8 barrows' },
		{ name: 'moisture', needed: false, says: 'pin readings: 18 21 19', fields: ['pieces'] },
		note
	],
	burns: [
		{ name: 'label', needed: true, says: 'your own name for it; spreads refer to its char by it' },
		{ ...date, says: `when it was quenched, ${date.says}` },
		{ name: 'vessel', needed: true, says: 'a kiln or trench that is measured here' },
		{
			name: 'stacks',
			needed: true,
			says: 'labels or codes, with plus between; a part with a colon: A + B: 300 L',
			fields: ['loads']
		},
		{ name: 'char', needed: false, says: 'litres, loose and whole: 180 L' },
		{ name: 'depth', needed: false, says: 'instead: dipped in the vessel, 45 cm' },
		{
			name: 'sample',
			needed: false,
			says: 'a dried sample: 10 L = 1.6 kg',
			fields: ['sampleVolume', 'sampleMass']
		},
		{
			name: 'weighed',
			needed: false,
			says: 'all of it dried and weighed: 30 kg',
			fields: ['charWeighed']
		},
		{ name: 'wetness', needed: true, says: 'dry, drained or quench-wet' },
		{ name: 'brands', needed: false, says: 'picked out: 20 L' },
		{ name: 'water', needed: false, says: 'used to quench: 300 L' },
		{
			name: 'cold',
			needed: false,
			says: 'when it was found cold for good, all checks after the quench passed; without it nothing of it can move on',
			fields: ['places']
		},
		reason('why odd figures are right'),
		note
	],
	spreads: [
		date,
		{ name: 'bed', needed: true, says: 'a bed that is measured here' },
		{ name: 'lot', needed: true, says: 'the label of a burn, or a code like C4' },
		{ name: 'amount', needed: true, says: '38 L, 2 barrows, 5 L/m2, 2 lb/ft2' },
		{
			name: 'reason',
			needed: false,
			says: 'why raw char, or a dose above a limit, was right'
		},
		note
	]
};

/** The column that a field's complaint belongs to. */
export function columnOf(sheet: NotebookSheet, field: string): string {
	return (
		columns[sheet].find((column) => (column.fields ?? [column.name]).includes(field))?.name ?? field
	);
}
