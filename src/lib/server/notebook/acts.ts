import { burnSchema, checkSchema } from '../../input/fires';
import { spreadSchema } from '../../input/beds';
import { moistureSchema, stackSchema } from '../../input/woodyard';
import type { Reading, Values } from '../../input/form';
import type { Books } from '../db/books';
import { send } from '../send';
import type { Outcome } from '../usecases/act';
import type { Issue } from '../../input/act';
import { checkQuench } from '../usecases/check-quench';
import { measureStack } from '../usecases/measure-stack';
import { readMoisture } from '../usecases/read-moisture';
import { recordBurn } from '../usecases/record-burn';
import { spreadLot } from '../usecases/spread-lot';
import type { NotebookRow } from './rows';

/** What rows before have made: labels of stacks and burns to the codes of their lots. */
export type Labels = Map<string, string>;

export interface Desk {
	readonly books: Books;
	readonly reading: Reading;
	/** Every act of the batch is named by it, so that the same notebook sent twice is one. */
	readonly batch: string;
	readonly labels: Labels;
}

/** What a row came to: the lot, fire or bed it is about, or what is wrong with it. */
export type RowOutcome =
	| { readonly status: 'ok'; readonly path: string }
	| { readonly status: 'bad'; readonly issues: readonly Issue[] };

type Cells = NotebookRow['cells'];

const bad = (field: string, code: string, facts: Issue['facts'] = {}): RowOutcome => ({
	status: 'bad',
	issues: [{ field, code, facts }]
});
const outcomeOf = (outcome: Outcome): RowOutcome =>
	outcome.status === 'done'
		? { status: 'ok', path: outcome.path }
		: { status: 'bad', issues: outcome.issues };

/** One row through the doors and use cases that the forms use. */
export function writeRow(desk: Desk, row: NotebookRow): RowOutcome {
	if ((row.cells.date ?? '') === '') return bad('happenedAt', 'bad-empty');
	const write = { stacks: writeStack, burns: writeBurn, spreads: writeSpread }[row.sheet];
	return write(desk, row.cells, `${desk.batch}-${row.sheet}${row.line}`);
}

function writeStack({ books, reading, labels }: Desk, cells: Cells, actId: string): RowOutcome {
	const { label = '', moisture = '', filled = '' } = cells;
	const taken = refuseLabel(labels, label);
	if (taken) return taken;
	const values = {
		...rest(cells),
		...envelope(cells, actId),
		sizedBy: filled === '' ? 'outline' : 'measures',
		outline: cells.outline || 'box',
		suspicion: 'none'
	};
	const stack = outcomeOf(send(books, reading, values, (r) => stackSchema(r), measureStack));
	if (stack.status !== 'ok') return stack;
	const code = codeIn(stack.path);
	labels.set(key(label), code);
	if (moisture === '') return stack;
	const read = send(
		books,
		reading,
		{ method: 'pin', pieces: moisture, ...envelope(cells, `${actId}m`) },
		() => moistureSchema(code),
		readMoisture
	);
	return read.status === 'done' ? stack : outcomeOf(read);
}

function writeBurn({ books, reading, labels }: Desk, cells: Cells, actId: string): RowOutcome {
	const { label = '', stacks = '', depth = '', sample = '', cold = '' } = cells;
	const taken = refuseLabel(labels, label);
	if (taken) return taken;
	const loads: Record<string, string> = {};
	for (const part of stacks.split('+').map((word) => word.trim())) {
		const [name = '', amount = ''] = part.split(':').map((word) => word.trim());
		const code = codeOf(labels, name);
		loads.loads = [loads.loads, code].filter(Boolean).join('\n');
		loads[`part-${code}`] = amount;
	}
	const [volume = '', mass = ''] = sample.split('=').map((word) => word.trim());
	const values = {
		...rest(cells),
		...loads,
		...envelope(cells, actId),
		measuredBy: depth === '' ? 'litres' : 'depth',
		sampleVolume: volume,
		sampleMass: mass,
		charWeighed: cells.weighed ?? '',
		oddReason: cells.reason ?? ''
	};
	const burnt = outcomeOf(send(books, reading, values, burnSchema, recordBurn));
	if (burnt.status !== 'ok') return burnt;
	const code = codeIn(burnt.path);
	labels.set(key(label), books.burns.maybeOne(code)?.record?.charCode ?? '');
	if (cold === '') return burnt;
	const felt = { hand1: 'cold', hand2: 'cold', hand3: 'cold' };
	const check = send(
		books,
		reading,
		{ ...felt, ...envelope({ ...cells, date: cold }, `${actId}c`) },
		// The notebook's word stands for the whole series: nobody wrote each look down.
		(r) => checkSchema(r, code).transform((check) => ({ ...check, wholeSeries: true })),
		checkQuench
	);
	if (check.status === 'done') return burnt;
	return {
		status: 'bad',
		issues: check.issues.map((one) => ({ ...one, field: 'places' }))
	};
}

function writeSpread({ books, reading, labels }: Desk, cells: Cells, actId: string): RowOutcome {
	const values = {
		...rest(cells),
		...envelope(cells, actId),
		lot: codeOf(labels, cells.lot ?? ''),
		form: 'carried',
		moisture: ''
	};
	return outcomeOf(
		send(books, reading, values, (r) => spreadSchema(r, cells.bed ?? ''), spreadLot)
	);
}

/** A label is made once; nothing may go by it twice. */
function refuseLabel(labels: Labels, label: string): RowOutcome | undefined {
	if (label === '') return bad('label', 'bad-empty');
	return labels.has(key(label)) ? bad('label', 'notebook-label-twice', { label }) : undefined;
}

const key = (label: string) => label.toLowerCase();
const codeOf = (labels: Labels, name: string) => labels.get(key(name)) ?? name.toUpperCase();
const codeIn = (path: string) => path.split('/').at(-1) ?? '';

/** Columns that are fields of the form under the same name. */
function rest({ label: _label, date: _date, note: _note, ...cells }: Cells): Values {
	return cells;
}

function envelope({ date = '', note = '' }: Cells, actId: string): Values {
	const [day = '', time = '12:00'] = date.split(/[ T]/);
	return { actId, note, happenedAt: `${day}T${time}` };
}
