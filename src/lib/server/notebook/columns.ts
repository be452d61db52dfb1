import { schools } from '../../core/charging';

/** The sheets of an old notebook, in the order in which they are written. */
export const notebookSheets = [
	'stacks',
	'burns',
	'crushings',
	'charges',
	'tests',
	'spreads'
] as const;
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
	says: '14 May 2025, 2025-05-14 16:30, or as you write dates',
	fields: ['happenedAt']
};
const note: Column = { name: 'note', needed: false, says: 'anything' };
const reason = (says: string): Column => ({
	name: 'reason',
	needed: false,
	says,
	fields: ['reason']
});

export const columns: Readonly<Record<NotebookSheet, readonly Column[]>> = {
	stacks: [
		{ name: 'label', needed: true, says: 'your own name for it; burns refer to it' },
		date,
		{ name: 'name', needed: false, says: 'what it is, like alder rods' },
		{ name: 'form', needed: true, says: 'split, rods, brush, chips, shavings or canes' },
		{ name: 'wood', needed: true, says: 'softwood, light-hardwood, dense-hardwood or canes' },
		{ name: 'seasoned', needed: true, says: 'yes, no, or dead for what died standing' },
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
		{ name: 'char', needed: false, says: 'loose and whole: 180 L' },
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
	crushings: [
		{ name: 'label', needed: false, says: 'your own name for what it became' },
		date,
		{ name: 'char', needed: true, says: 'the label of a burn, or a code like K4' },
		{ name: 'before', needed: false, says: 'how much of it, 90 L; empty: all of it' },
		{ name: 'after', needed: true, says: 'what it came to, 60 L' },
		{ name: 'wetness', needed: false, says: 'dry, drained or quench-wet; empty: drained' },
		reason('why odd figures are right'),
		note
	],
	charges: [
		{ name: 'label', needed: true, says: 'your own name for it; tests and spreads refer to it' },
		date,
		{ name: 'char', needed: true, says: 'the label of a burn or crushing, or a code like K9' },
		{ name: 'part', needed: false, says: 'how much of it, 60 L; empty: all of it' },
		{
			name: 'school',
			needed: true,
			says: `how it was charged: ${schools.map(({ id }) => id).join(', ')}`
		},
		{
			name: 'partner',
			needed: true,
			says: `what with: ${[...new Set(schools.flatMap(({ partners }) => partners))].join(', ')}`
		},
		{ name: 'ratio', needed: false, says: 'of a rest: litres of it to one of char, 1 or 1:1' },
		{
			name: 'nitrogen',
			needed: false,
			says: 'of a soak: g mineral N to the kg',
			fields: ['wantedN']
		},
		{ name: 'tub', needed: false, says: 'of a soak: the tub it stood in' },
		{ name: 'temperature', needed: false, says: 'how warm it stood; empty: 15 °C' },
		note
	],
	tests: [
		date,
		{ name: 'charge', needed: true, says: 'the label of a charge, or a code like C2' },
		{ name: 'passed', needed: true, says: 'yes or no' },
		note
	],
	spreads: [
		date,
		{ name: 'bed', needed: true, says: 'a bed that is measured here' },
		{
			name: 'lot',
			needed: true,
			says: 'the label of a burn, crushing or charge, or a code like C4'
		},
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

/** A sheet to begin with: its head, and a row as it may look. */
export const templateOf = (sheet: NotebookSheet): string =>
	`${columns[sheet].map(({ name }) => name).join(',')}\r\n${examples[sheet]}\r\n`;

const examples: Readonly<Record<NotebookSheet, string>> = {
	stacks: 'A,2026-03-03,alder rods,rods,light-hardwood,yes,box,2 m,1 m,1.2 m,,18 21 19,',
	burns:
		'first,2026-04-02 16:30,Lantern,A: 1200 L,320 L,,10 L = 1.6 kg,,quench-wet,,300 L,2026-04-03,,',
	crushings: 'fine,2026-04-05,first,,210 L,drained,,',
	charges: 'spring,2026-04-06,fine,60 L,compost-rest,finished-compost,1:1,,,12 C,',
	tests: '2026-05-20,spring,yes,smells of the wood',
	spreads: '2026-05-22,Mere 2,spring,40 L,,'
};
