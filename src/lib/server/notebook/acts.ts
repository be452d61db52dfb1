import { burnSchema } from '../../input/burns';
import { checkSchema } from '../../input/fires';
import { spreadSchema } from '../../input/beds';
import { crushSchema } from '../../input/char';
import { testSchema } from '../../input/batch';
import { chargeSchema } from '../../input/charging';
import { moistureSchema, stackSchema } from '../../input/woodyard';
import { readMoment } from '../../core/time';
import { datesOf, type Reading, type Values } from '../../input/form';
import type { Books } from '../db/books';
import { send, type Written } from '../send';
import type { Outcome } from '../usecases/act';
import type { Issue } from '../../input/act';
import { checkQuench } from '../usecases/check-quench';
import { measureStack } from '../usecases/measure-stack';
import { readMoisture } from '../usecases/read-moisture';
import { recordBurn } from '../usecases/record-burn';
import { crushChar } from '../usecases/crush-char';
import { spreadLot } from '../usecases/spread-lot';
import { startCharge } from '../usecases/start-charge';
import { testCharge } from '../usecases/test-charge';
import type { NotebookSheet } from './columns';
import type { NotebookRow } from './rows';
import { inTheirWords } from './their-words';

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

const outcomeOf = (outcome: Outcome): RowOutcome =>
	outcome.status === 'done'
		? { status: 'ok', path: outcome.path }
		: { status: 'bad', issues: outcome.issues };

type Write = (desk: Desk, cells: Cells, actId: string) => RowOutcome;

const writers: Readonly<Record<NotebookSheet, Write>> = {
	stacks: writeStack,
	burns: writeBurn,
	crushings: writeCrushing,
	charges: writeCharge,
	tests: writeTest,
	spreads: writeSpread
};

/** One row through the doors and use cases that the forms use; all that is wrong with it at once. */
export function writeRow(desk: Desk, row: NotebookRow): RowOutcome {
	const { date = '', label } = row.cells;
	const before = [
		...(date === '' ? [{ field: 'happenedAt', code: 'bad-empty' }] : []),
		...(label === undefined ? [] : labelIssues(desk.labels, label, row.sheet))
	];
	const outcome = writers[row.sheet](desk, row.cells, `${desk.batch}-${row.sheet}${row.line}`);
	const after =
		outcome.status === 'bad'
			? outcome.issues.map(inTheirWords(row, (name) => codeOf(desk.labels, name)))
			: [];
	return before.length + after.length === 0
		? outcome
		: { status: 'bad', issues: [...before, ...after] };
}

function writeStack(desk: Desk, cells: Cells, actId: string): RowOutcome {
	const { books, reading, labels } = desk;
	const { label = '', moisture = '', filled = '' } = cells;
	const values = {
		...rest(cells),
		...envelope(desk, cells, actId),
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
		{ method: 'pin', pieces: moisture, ...envelope(desk, cells, `${actId}m`) },
		() => moistureSchema(code),
		readMoisture
	);
	return read.status === 'done' ? stack : outcomeOf(read);
}

function writeBurn(desk: Desk, cells: Cells, actId: string): RowOutcome {
	const { books, reading, labels } = desk;
	const { label = '', stacks = '', depth = '', sample = '', cold = '' } = cells;
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
		...envelope(desk, cells, actId),
		measuredBy: depth === '' ? 'litres' : 'depth',
		sampleVolume: volume,
		sampleMass: mass,
		charWeighed: cells.weighed ?? '',
		reason: cells.reason ?? ''
	};
	const burnt = outcomeOf(
		send(books, reading, values, burnSchema, recordBurn, answered(cells.reason))
	);
	if (burnt.status !== 'ok') return burnt;
	const code = codeIn(burnt.path);
	labels.set(key(label), books.burns.maybeOne(code)?.record?.charCode ?? '');
	if (cold === '') return burnt;
	const felt = { hand1: 'cold', hand2: 'cold', hand3: 'cold' };
	const check = send(
		books,
		reading,
		{ ...felt, ...envelope(desk, { ...cells, date: cold }, `${actId}c`) },
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

function writeCrushing(desk: Desk, cells: Cells, actId: string): RowOutcome {
	const { books, reading, labels } = desk;
	const { char = '', before = '', after = '', wetness = '', reason = '', label = '' } = cells;
	const values = {
		before,
		after,
		wetness: wetness || 'drained',
		reason,
		...envelope(desk, cells, actId)
	};
	const code = codeOf(labels, char);
	return labelled(
		labels,
		label,
		outcomeOf(
			send(books, reading, values, (r) => crushSchema(r, code), crushChar, answered(reason))
		)
	);
}

function writeCharge(desk: Desk, cells: Cells, actId: string): RowOutcome {
	const { books, reading, labels } = desk;
	const { label = '', char = '', nitrogen = '', temperature = '', ratio = '' } = cells;
	const values = {
		...rest(cells),
		...envelope(desk, cells, actId),
		char: codeOf(labels, char),
		ratio: ratio || '1',
		wantedN: nitrogen || '5',
		temperature: temperature || usualTemperature
	};
	return labelled(
		labels,
		label,
		outcomeOf(send(books, reading, values, chargeSchema, startCharge))
	);
}

/** Where nobody wrote it down. */
const usualTemperature = '15 C';

function writeTest(desk: Desk, cells: Cells, actId: string): RowOutcome {
	const { books, reading, labels } = desk;
	const code = codeOf(labels, cells.charge ?? '');
	const values = { passed: cells.passed ?? '', ...envelope(desk, cells, actId) };
	return outcomeOf(send(books, reading, values, (r, v) => testSchema(r, code, v), testCharge));
}

/** What a row made goes by its label from here on. */
function labelled(labels: Labels, label: string, outcome: RowOutcome): RowOutcome {
	if (outcome.status === 'ok' && label !== '') labels.set(key(label), codeIn(outcome.path));
	return outcome;
}

function writeSpread(desk: Desk, cells: Cells, actId: string): RowOutcome {
	const { books, reading, labels } = desk;
	const values = {
		...rest(cells),
		...envelope(desk, cells, actId),
		reason: cells.reason ?? '',
		lot: codeOf(labels, cells.lot ?? ''),
		form: 'carried',
		moisture: ''
	};
	return outcomeOf(
		send(
			books,
			reading,
			values,
			(r) => spreadSchema(r, cells.bed ?? ''),
			spreadLot,
			answered(cells.reason)
		)
	);
}

/** A label is made once; nothing may go by it twice. */
function labelIssues(labels: Labels, label: string, sheet: NotebookSheet): Issue[] {
	if (label === '') return sheet === 'crushings' ? [] : [{ field: 'label', code: 'bad-empty' }];
	return labels.has(key(label))
		? [{ field: 'label', code: 'notebook-label-twice', facts: { label } }]
		: [];
}

/** A row's reason answers what speaks against it: the preview of the sheet has shown that. */
const answered = (reason = ''): Written => (reason === '' ? {} : { sure: 'all' });

const key = (label: string) => label.toLowerCase();
const codeOf = (labels: Labels, name: string) => labels.get(key(name)) ?? name.toUpperCase();
const codeIn = (path: string) => path.split('/').at(-1) ?? '';

/** Columns that are fields of the form under the same name. */
function rest({ label: _label, date: _date, note: _note, ...cells }: Cells): Values {
	return cells;
}

/** When it was, as the grower writes dates; what can't be read is refused as it stands. */
function envelope({ reading }: Desk, { date = '', note = '' }: Cells, actId: string): Values {
	const { now_ms } = reading;
	return { actId, note, happenedAt: readMoment(date, now_ms, datesOf(reading)) ?? date };
}
