import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
	because,
	burnInput,
	day,
	envelope,
	later,
	start,
	withRipeSoak,
	yard
} from '../../../../tests/fixtures/garden';
import { faultsOf } from '../../../../tests/fixtures/faults';
import { celsius, kgDry, litres } from '../../core/units';
import { accounts, balanceOf, nothing, type Amount } from '../../core/ledger';
import type { Books } from '../db/books';
import type { Outcome } from './act';
import { recountLot, takeAway } from './count-lot';
import { stockUp } from './bring-in';
import { drainCharge } from './drain-charge';
import { holdLot } from './hold-lot';
import { putOnBed } from './put-on-bed';
import { joinBatches, splitBatch } from './split-batch';
import { testCharge } from './test-charge';
import { topUpBatch } from './top-up-batch';
import { reMeasureChar } from './re-measure-char';
import { recordBurn } from './record-burn';
import { reverseAct } from './reverse-act';
import { spreadLot } from './spread-lot';
import { startCharge } from './start-charge';

const kinds = [
	'spread',
	'recount',
	'dispose',
	'sample',
	'charge',
	'burn',
	'hold',
	'stock-up',
	'top-up',
	'split',
	'join',
	'drain',
	'put',
	'test',
	'reverse',
	'again'
] as const;

interface Step {
	readonly kind: (typeof kinds)[number];
	readonly amount: number;
	/** Days after the soak was ripe: any order, so that much is written down late. */
	readonly day: number;
	/** Which earlier act is reversed or sent again. */
	readonly pick: number;
}

const step: fc.Arbitrary<Step> = fc.record({
	kind: fc.constantFrom(...kinds),
	amount: fc.integer({ min: 1, max: 70 }),
	day: fc.integer({ min: 0, max: 12 }),
	pick: fc.nat(30)
});

function take(books: Books, { kind, amount, day: on, pick }: Step, done: string[]): Outcome {
	const id = `law-${done.length}-${kind}-${on}`;
	const when = because('law', envelope(start + (11 + on) * day, id));
	const earlier = done[pick % Math.max(1, done.length)] ?? 'no-such-act';
	switch (kind) {
		case 'spread':
			return spreadLot(books, later, when, {
				bed: 'Mere 2',
				lot: 'C1',
				ask: { by: 'rate', form: 'L/m2', amount: amount / 10 }
			});
		case 'recount':
			return recountLot(books, later, when, { code: 'C1', found: litres(amount), reason: 'law' });
		case 'dispose':
			return takeAway(books, later, when, {
				code: 'C1',
				part: amount,
				how: amount % 2 ? 'lose' : 'give-away',
				reason: 'law'
			});
		case 'sample':
			return reMeasureChar(books, later, when, {
				code: 'K2',
				litres: litres(10),
				kg: kgDry(amount / 20)
			});
		case 'charge':
			return startCharge(books, later, when, {
				char: 'K2',
				part: amount,
				school: 'nitrogen-soak',
				partner: 'urine',
				ratio: 1,
				wantedN: 4,
				tub: 'Tub',
				temperature: celsius(15)
			});
		case 'burn':
			return recordBurn(books, later, when, {
				...burnInput,
				loads: [{ code: 'S1', litres: amount * 10 }],
				measured: { by: 'litres', litres: litres(amount * 2) }
			});
		case 'stock-up':
			return stockUp(books, later, when, {
				material: pick % 2 ? 'hardwood-ash' : 'finished-compost',
				name: '',
				measure: { litres: litres(amount) }
			});
		case 'top-up':
			return topUpBatch(books, later, when, {
				code: 'C1',
				add:
					pick % 3 === 0
						? { from: 'M2', part: amount / 2 }
						: pick % 3 === 1
							? { from: 'K2', part: amount }
							: { material: 'urine', measure: { litres: litres(amount / 10) } }
			});
		case 'split':
			return splitBatch(books, later, when, { code: 'C1', part: amount });
		case 'join':
			return joinBatches(books, later, when, { code: 'C2', into: 'C1', part: 'all' });
		case 'drain':
			return drainCharge(books, later, when, {
				code: 'C1',
				places: [],
				smoke: false,
				whiteSpots: false
			});
		case 'put':
			return putOnBed(books, later, when, {
				bed: 'Mere 2',
				lot: 'M2',
				part: amount / 2,
				way: 'top-dressed'
			});
		case 'test':
			return testCharge(books, later, when, { code: 'C1', passed: pick % 3 > 0 });
		case 'hold':
			return holdLot(books, later, when, { code: 'K2', held: pick % 2 === 0, reason: 'law' });
		case 'reverse':
			return reverseAct(books, later, when, {
				actId: earlier,
				withDependents: true,
				backTo: '/'
			});
		case 'again': {
			const act = books.acts.maybeOne(earlier);
			const input = act?.resolved as never;
			const again = { ...envelope(start + (11 + on) * day, earlier) };
			return act?.verb === 'spread'
				? spreadLot(books, later, again, input)
				: { status: 'refused', issues: [] };
		}
	}
}

const snapshot = (books: Books) =>
	JSON.stringify([
		books.db.prepare('SELECT * FROM movement').all(),
		books.db.prepare('SELECT * FROM content').all(),
		books.db.prepare('SELECT * FROM held_in_lot').all(),
		books.db.prepare('SELECT * FROM act').all()
	]);

/**
 * The acts that remain, played again line by line onto empty lots: every taking must find what it took, and
 * carry of each substance the part that its litres are of what was there. Whatever stood on something that
 * was taken back shows here.
 */
function unlikeReplayed(books: Books): unknown[] {
	const standing = new Set(
		books.db.prepare<[], string>('SELECT id FROM standing_act').pluck().all()
	);
	const lots = books.db
		.prepare<[], { id: number; act_id: string }>('SELECT id, act_id FROM lot')
		.all();
	const relative = new Set(accounts.filter(({ isRelative }) => isRelative).map(({ id }) => id));
	return lots.flatMap(({ id, act_id }) => {
		const lines = books.ledger.ofLot(id).filter(({ actId }) => standing.has(actId));
		if (lines.length > 0 && !standing.has(act_id)) return [{ id, why: 'of a lot that is no more' }];
		let held: Amount = nothing;
		return lines.flatMap((line): unknown[] => {
			const before = held;
			held = balanceOf([{ direction: 'in', ...before }, line]);
			const isRelative = books.ledger
				.ofAct(line.actId)
				.some(({ account }) => account !== undefined && relative.has(account));
			if (line.direction === 'in' || isRelative) return [];
			if (before.volume_ul < line.volume_ul) return [{ id, why: 'more than there was' }];
			const share = line.volume_ul / before.volume_ul;
			return Object.entries(before.contents).flatMap(([substance, amount]) => {
				const took = line.contents[substance as keyof typeof line.contents] ?? 0;
				// Whole milligrams and microlitres leave a little over at each taking.
				const off = Math.abs(took - amount * share);
				return off > 20 + amount * 2e-4 ? [{ id, substance, took, wanted: amount * share }] : [];
			});
		});
	});
}

const at = (kind: Step['kind'], amount: number): Step => ({ kind, amount, day: 0, pick: 0 });

/** Found once: undone with what rests on it, the lot was below zero between the two. */
const undoneTogether: Step[] = [
	at('spread', 1),
	at('recount', 60),
	at('spread', 2),
	at('dispose', 57),
	at('spread', 1),
	at('reverse', 1),
	at('spread', 1)
];

/** Found once: taken back, what went before a topping up would have made it another mix for what went after. */
const takenBeforeTopUp: Step[] = [
	at('spread', 1),
	{ ...at('top-up', 5), pick: 4 },
	at('dispose', 16),
	at('reverse', 1),
	at('spread', 1)
];

describe('the laws of the ledger', () => {
	it('hold after any acts, reversals, recounts and repeats, in any order of time; a refusal changes nothing', () => {
		fc.assert(
			fc.property(fc.array(step, { minLength: 1, maxLength: 18 }), (steps) => {
				const books = yard();
				withRipeSoak(books);
				const done: string[] = [];
				for (const next of steps) {
					const before = snapshot(books);
					const outcome = take(books, next, done);
					if (outcome.status === 'refused') expect(snapshot(books)).toBe(before);
					else if (outcome.repeated) expect(snapshot(books)).toBe(before);
					else done.push(books.acts.recent(1)[0]?.id ?? '');
					expect(faultsOf(books)).toEqual([]);
					expect(unlikeReplayed(books)).toEqual([]);
				}
				books.db.close();
			}),
			{ numRuns: 60, examples: [[undoneTogether], [takenBeforeTopUp]] }
		);
	}, 60_000);
});
