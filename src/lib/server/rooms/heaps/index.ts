import { sayDay } from '../../../format/dates';
import { say } from '../../../format/figure';
import { callWords, heapStateWords, stageWords, wayWords } from '../../../format/heap-words';
import { inLitres } from '../../../core/units';
import type { HeapState } from '../../../core/heaps';
import { left, perMillion, standingLot, utc } from '../../keeping/sheet-sql';
import { heapLines, type HeapLine } from '../../questions/heaps';
import { lotsAs } from '../lots';
import type { Saying } from '../../line/saying';
import type { Duty, Room } from '../room';
import { growHeaps } from './demo';
import { workHeaps } from './demo-holding';
import { heapVerb, leavesVerb, liftVerb } from './verbs';

export const heaps: Room = {
	id: 'heaps',
	verbs: [heapVerb, leavesVerb, liftVerb],
	things: (books, now_ms) =>
		lotsAs(
			'heap',
			heapLines(books, now_ms).map(({ heap }) => heap),
			({ start }) => ({ facts: { way: start.way } })
		),
	counts: (books, now_ms) => ({
		href: '/heaps',
		n: heapLines(books, now_ms).filter(({ state }) => pressing.has(state)).length,
		word: 'want you'
	}),
	duties: (books, now_ms, saying) => heapLines(books, now_ms).map((line) => dutyOf(line, saying)),
	sheets: {
		heaps: `SELECT l.code, l.name AS corner, ${utc('a.happened_at_ms')} AS laid_at_utc, a.person, x.recipe AS way, ${left}
			FROM batch x ${standingLot} WHERE l.kind = 'heap' ORDER BY l.id`,
		'heap-layers': `SELECT l.code AS heap, ${utc('a.happened_at_ms')} AS laid_at_utc, i.material, f.code AS from_lot, ${perMillion('i.volume_ul')} AS volume_l
			FROM ingredient i JOIN standing_act a ON a.id = i.act_id JOIN lot l ON l.id = i.batch_lot_id AND l.kind = 'heap' LEFT JOIN lot f ON f.id = i.from_lot_id ORDER BY i.id`
	},
	grow: growHeaps,
	work: workHeaps
};

const pressing: ReadonlySet<HeapState> = new Set(['wants', 'forgotten', 'look']);

const stands: Readonly<Record<HeapState, Pick<Duty, 'is' | 'act' | 'told'>>> = {
	wants: { is: 'due', act: 'See to it', told: ['heap wants you', 'heaps want you'] },
	forgotten: { is: 'due', act: 'Look at it', told: ['heap is forgotten', 'heaps are forgotten'] },
	look: { is: 'watch', act: 'Look at it' },
	done: { is: 'ripe', act: 'Lift it', told: ['heap is done', 'heaps are done'] },
	usable: { is: 'working' },
	working: { is: 'working' }
};

/** What comes next for a heap. */
export function nextOfHeap(
	{ state, call, stage, window, ready, heap }: HeapLine,
	{ almanac }: Saying
): string {
	const { best_ms, usable_ms } = ready;
	if (call) return callWords[call.why];
	if (state === 'done')
		return stage === 'crumbly'
			? stageWords.crumbly
			: `likely done since ${sayDay(window.best_ms ?? best_ms[0], almanac)}: look, then lift it`;
	const rough =
		usable_ms[0] > almanac.now_ms
			? `rough from ${sayDay(usable_ms[0], almanac)}`
			: heap.start.way === 'worms'
				? 'castings can be taken'
				: 'good for mulch now';
	const done = `done ${sayDay(best_ms[0], almanac)} to ${sayDay(best_ms[1], almanac)}`;
	return heap.start.way === 'ash-soak'
		? `dry ${sayDay(best_ms[0], almanac)} to ${sayDay(best_ms[1], almanac)}`
		: `${rough}; ${done}`;
}

function dutyOf(line: HeapLine, saying: Saying): Duty {
	const { heap, state, window } = line;
	return {
		...stands[state],
		code: heap.code,
		name: `${wayWords[heap.start.way]} at ${heap.name}, ${say(inLitres(heap.volume_ul), 'L', saying.system)} as laid`,
		href: `/heaps/${heap.code}`,
		state: heapStateWords[state],
		says: [
			nextOfHeap(line, saying),
			pressing.has(state) && !line.call ? `last seen ${sayDay(line.seen_ms, saying.almanac)}` : ''
		]
			.filter(Boolean)
			.join('; '),
		window
	};
}
