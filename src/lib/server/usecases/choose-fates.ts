import type { FateStop, FateInput } from '../../input/fate-doors';
import { fieldOfPart } from '../../input/fate-doors';
import type { Envelope } from '../../input/act';
import { useOfPile } from '../../format/fate-words';
import { sayDay } from '../../format/dates';
import type { Books } from '../db/books';
import { settingsOf } from '../questions/settings';
import type { Outcome } from './act';
import { inRound } from './round';
import { measureStack } from './measure-stack';
import { putOnBed } from './put-on-bed';
import { splitStack } from './shift-stacks';
import { stockUp } from './bring-in';
import { startBrew } from './brews/start-brew';
import { addToHeap, startHeap } from './heaps/start-heap';

/** An act of a part of a pile: most parts are one, what is laid on a bed is brought in first. */
interface Step {
	readonly field: string;
	readonly stop: FateStop;
	readonly act: (envelope: Envelope) => Outcome;
}

/** The parts of a pile begin their ways: all of them or none, each an act that can be undone by itself. */
export function chooseFates(
	books: Books,
	now_ms: number,
	envelope: Envelope,
	{ stops }: FateInput
): Outcome {
	const steps = stops.flatMap((stop) => stepsOf(books, now_ms, stop));
	const path = '/fate';
	return inRound(books, envelope, { stops: steps, path }, (one, { stop, act }) =>
		atRow(act({ ...one, note: noteOf(books, one, stop) }), stop)
	);
}

/** What it is wanted for stays with it. */
function noteOf(books: Books, { note }: Envelope, { part: { use, wanted_ms } }: FateStop): string {
	const { timeZone } = settingsOf(books);
	const by =
		wanted_ms === undefined ? '' : `, by ${sayDay(wanted_ms, { timeZone, now_ms: wanted_ms })}`;
	const wanted = use === 'any' && by === '' ? '' : `Wanted as ${useOfPile[use]}${by}`;
	return [note, wanted].filter(Boolean).join('. ');
}

function stepsOf(books: Books, now_ms: number, stop: FateStop): readonly Step[] {
	const { begun, row } = stop;
	const step = (act: Step['act']): Step => ({ field: `part${row}`, stop, act });
	switch (begun.does) {
		case 'heap':
			return [step((envelope) => heapOrMore(books, now_ms, envelope, begun.heap))];
		case 'brew':
			return [step((envelope) => startBrew(books, now_ms, envelope, begun.brew))];
		case 'stack':
			return [step((envelope) => measureStack(books, now_ms, envelope, begun.stack))];
		case 'split':
			return [step((envelope) => splitOrLeave(books, now_ms, envelope, begun.split))];
		case 'put':
			return [step((envelope) => putOnBed(books, now_ms, envelope, begun.put))];
		case 'lay':
			return layNow(books, now_ms, stop, begun).map(step);
	}
}

/** More goes on a heap of that kind that stands in that corner. */
function heapOrMore(
	books: Books,
	now_ms: number,
	envelope: Envelope,
	heap: Extract<FateStop['begun'], { does: 'heap' }>['heap']
): Outcome {
	// Sent again, it is the heap that it began.
	const hasBegun = books.acts.maybeOne(envelope.actId)?.verb === 'heap';
	const there = books.heaps
		.inStock()
		.find(({ name, start }) => start.way === heap.way && name === heap.name);
	return there && !hasBegun
		? addToHeap(books, now_ms, envelope, { code: there.code, parts: heap.parts })
		: startHeap(books, now_ms, envelope, heap);
}

/** What is left of a stack once its other parts went stays where it is: nothing is to be written of it. */
function splitOrLeave(
	books: Books,
	now_ms: number,
	envelope: Envelope,
	split: Extract<FateStop['begun'], { does: 'split' }>['split']
): Outcome {
	const outcome = splitStack(books, now_ms, envelope, split);
	const isAll =
		outcome.status === 'refused' && outcome.issues.every(({ code }) => code === 'split-all');
	return isAll ? { status: 'done', path: `/woodyard/${split.code}`, repeated: false } : outcome;
}

/** It is brought in, and laid where a bed was named. */
function layNow(
	books: Books,
	now_ms: number,
	{ part }: FateStop,
	{ stock, bed }: Extract<FateStop['begun'], { does: 'lay' }>
): Step['act'][] {
	let code = '';
	const bring: Step['act'] = (envelope) => {
		const outcome = stockUp(books, now_ms, envelope, stock);
		if (outcome.status === 'done') code = outcome.path.split('/').at(-1) ?? '';
		return outcome;
	};
	const lay: Step['act'] = (envelope) =>
		putOnBed(books, now_ms, envelope, { bed, lot: code, part: 'all', way: 'top-dressed' });
	return bed === '' || part.litres <= 0 ? [bring] : [bring, lay];
}

/** What a room complains of stands at the line of its part. */
function atRow(outcome: Outcome, { row }: FateStop): Outcome {
	if (outcome.status === 'done') return outcome;
	return {
		status: 'refused',
		issues: outcome.issues.map((issue) => ({ ...issue, field: fieldOfPart(issue.field, row) }))
	};
}
