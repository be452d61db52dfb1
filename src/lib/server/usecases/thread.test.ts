import { readTemperature, remark } from '../demo/small';
import fc from 'fast-check';
import { faultsOf } from '../../../../tests/fixtures/faults';
import { describe, expect, it } from 'vitest';
import {
	because,
	allCold,
	burnInput,
	cold,
	day,
	done,
	envelope,
	hour,
	later,
	refused,
	soakInput,
	start,
	withCrushed,
	withRipeSoak,
	yard
} from '../../../../tests/fixtures/garden';
import { celsius, kgDry, litres, metres } from '../../core/units';
import type { Books } from '../db/books';
import { chargeLines } from '../questions/charging';
import { didOf } from '../questions/did';
import { traceOf } from '../questions/ledger';
import { insideOf, tubsHold } from '../questions/vessels';
import { checkQuench } from './check-quench';
import { takeAway } from './count-lot';
import { crushChar } from './crush-char';
import { drainCharge } from './drain-charge';
import { holdLot } from './hold-lot';
import { keepSettings } from './keep-settings';
import { measureStack } from './measure-stack';
import { planBurn } from './plan-burn';
import { readMoisture } from './read-moisture';
import { recordBurn } from './record-burn';
import { dependentsOf, reverseAct } from './reverse-act';
import { reverseWhole } from './reverse-round';
import { spreadLot } from './spread-lot';
import type { SpreadInput } from '../../input/beds';
import { spreadRound } from './spread-round';
import { startCharge } from './start-charge';
import { testCharge } from './test-charge';

const spreadInput: SpreadInput = {
	bed: 'Mere 2',
	lot: 'C1',
	ask: { by: 'rate', form: 'L/m2', amount: 2.5 }
};
const spreadAt = start + 12 * day;
const spread = (
	books: Books,
	change: Partial<SpreadInput> = {},
	at = spreadAt,
	id?: string,
	reason = ''
) => spreadLot(books, later, because(reason, envelope(at, id)), { ...spreadInput, ...change });

const crushInput = {
	code: 'K1',
	before: 'all',
	after: litres(195),
	wetness: 'drained'
} as const;

describe('one batch from a stack to a bed', () => {
	it('keeps every gram: each act closes, the bed holds what left the charge', () => {
		const books = yard();
		withRipeSoak(books);
		done(spread(books));
		expect(faultsOf(books)).toEqual([]);
		const bed = books.beds.maybeOne('Mere 2');
		expect(bed?.char_l).toBe(20);
		expect(bed?.share).toBeCloseTo(20 / 1200, 9);
		const charge = books.batches.maybeOne('C1');
		// K1 holds 300 L × 0.16 = 48 kg; 60 of 195 L went into the soak, 20 of 60 L onto the bed.
		const inSoak = Math.round((48e6 * 60) / 195);
		expect(charge?.contents.char).toBe(inSoak - Math.round((inSoak * 20) / 60));
		expect(books.applications.ofBed(bed!.id, 1)[0]?.char_kg).toBeCloseTo((48 * 20) / 195, 2);
	});

	it('traces the bed back to the wood and the wood forward to the bed', () => {
		const books = yard();
		withRipeSoak(books);
		done(spread(books));
		expect(
			traceOf(books, {
				bed: books.beds.maybeOne('Mere 2')!,
				spreads: { most: 12, skip: 0 }
			}).back.steps.map((step) => step.code)
		).toEqual(expect.arrayContaining(['C1', 'K2', 'K1', 'S1', 'M1']));
		// The urine was brought in when the soak was set: it came of no char, and no char went into it.
		expect(
			traceOf(books, { lot: books.ledger.lot('S1') }).forward.steps.map((step) => step.code)
		).toEqual(['K1', 'K2', 'C1', 'Mere 2']);
		expect(traceOf(books, { lot: books.ledger.lot('M1') }).back.steps).toEqual([]);
	});

	it('names the loss of a burn and refuses more out than in', () => {
		const books = yard();
		done(recordBurn(books, later, envelope(start + day), burnInput));
		const loss = books.db
			.prepare<[], { g: number }>(
				`SELECT c.amount_mg / 1000.0 AS g FROM movement m JOIN content c ON c.movement_id = m.id WHERE m.account = 'gas-and-ash'`
			)
			.get();
		const burn = books.burns.maybeOne('F1')?.record;
		expect(loss!.g / 1000).toBeCloseTo(burn!.wood.value - burn!.charKg, 3);
		const heavy = { ...burnInput, loads: [{ code: 'S1', litres: 150 }] };
		expect(refused(recordBurn(books, later, envelope(start + 3 * day), heavy))).toEqual([
			'more-out-than-in'
		]);
		const odd = { ...burnInput, measured: { by: 'litres' as const, litres: litres(40) } };
		expect(refused(recordBurn(books, later, envelope(start + 4 * day), odd))).toEqual([
			'implausible-yield'
		]);
		done(
			recordBurn(books, later, because('left to burn overnight', envelope(start + 5 * day)), odd)
		);
	});

	it('takes litres from a dipped depth by the vessel, and refuses one above its rim', () => {
		const books = yard();
		const dipped = (depth: number) =>
			recordBurn(books, later, envelope(start + day), {
				...burnInput,
				measured: { by: 'depth', depth: metres(depth) }
			});
		expect(refused(dipped(0.81))).toEqual(['above-rim']);
		done(dipped(0.6));
		const expected = ((Math.PI * 0.6) / 12) * (0.45 ** 2 + 0.45 * 1.0875 + 1.0875 ** 2) * 1000;
		expect(books.char.maybeOne('K1')?.volume_ul).toBe(Math.round(expected * 1e6));
	});
});

describe('what is held back', () => {
	it('is char of a fire not proven out, until a check passes', () => {
		const books = yard();
		done(recordBurn(books, later, envelope(start + day), burnInput));
		const crush = (at: number) => crushChar(books, later, envelope(at), crushInput);
		expect(refused(crush(start + 400 * day))).toEqual(['not-proven']);
		const check = (at: number, places = [cold, cold, cold]) =>
			checkQuench(books, later, envelope(at), {
				burn: 'F1',
				places,
				smoke: false,
				whiteSpots: false
			});
		done(check(start + day + hour, [cold, cold]));
		expect(refused(crush(start + 2 * day))).toEqual(['not-proven']);
		done(check(start + day + 1.5 * hour));
		// A day on two more looks were missed: it counts as not proven again.
		expect(refused(crush(start + 2 * day))).toEqual(['not-proven']);
		done(crush(start + day + 1.6 * hour));
	});

	it('is char of a fire checked once: to be crushed damp, sunk or heaped, but not left, bagged or kept dry', () => {
		const books = yard();
		done(recordBurn(books, later, envelope(start + day), burnInput));
		done(checkQuench(books, later, envelope(start + day + hour), { burn: 'F1', ...allCold }));
		const at = start + day + 1.2 * hour;
		const facts = (outcome: ReturnType<typeof spread>) =>
			outcome.status === 'refused' ? outcome.issues[0]?.facts : undefined;
		expect(
			facts(crushChar(books, later, envelope(at), { ...crushInput, wetness: 'dry' }))
		).toMatchObject({ needed: 'stored' });
		done(crushChar(books, later, envelope(at), crushInput));
		done(startCharge(books, later, envelope(at), soakInput));
		const bag = () =>
			takeAway(books, later, envelope(at), {
				code: 'K2',
				part: 10,
				how: 'give-away',
				reason: 'over the lane'
			});
		expect(facts(bag())).toMatchObject({ needed: 'stored', passed: 1, of: 4 });
		expect(facts(spread(books, { lot: 'K2' }, at, undefined, 'raw'))).toMatchObject({
			needed: 'series'
		});
	});

	it('is char sunk after one check, until it is drained and checked once', () => {
		const books = yard();
		done(recordBurn(books, later, envelope(start + day), burnInput));
		done(checkQuench(books, later, envelope(start + day + hour), { burn: 'F1', ...allCold }));
		done(crushChar(books, later, envelope(start + day + 1.2 * hour), crushInput));
		done(startCharge(books, later, envelope(start + day + 1.5 * hour), soakInput));
		done(testCharge(books, later, envelope(start + 10 * day), { code: 'C1', passed: true }));
		expect(refused(spread(books, {}, start + 11 * day))).toEqual(['not-proven']);
		const drain = (places = allCold.places) =>
			drainCharge(books, later, envelope(start + 11 * day), { ...allCold, code: 'C1', places });
		done(drain());
		expect(refused(drain())).toEqual(['already-drained']);
		done(spread(books, {}, start + 11 * day + hour));
		const drained = books.checks.ofLot(books.ledger.lot('C1').id)[0];
		expect(dependentsOf(books, drained?.actId ?? '').map((act) => act.verb)).toEqual(['spread']);
	});

	it('is a quarantined stack and everything made of it, until released with a reason', () => {
		const books = yard();
		withCrushed(books);
		done(
			holdLot(books, later, envelope(start + 3 * day), {
				code: 'S1',
				held: true,
				reason: 'paint found'
			})
		);
		const charge = () =>
			startCharge(books, later, envelope(start + 4 * day), {
				char: 'K2',
				part: 'all',
				school: 'compost-rest',
				partner: 'finished-compost',
				ratio: 1,
				wantedN: 5,
				temperature: celsius(15)
			});
		expect(refused(charge())).toEqual(['held']);
		expect(refused(recordBurn(books, later, envelope(start + 4 * day), burnInput))).toEqual([
			'held'
		]);
		done(
			holdLot(books, later, envelope(start + 5 * day), {
				code: 'S1',
				held: false,
				reason: 'it was lichen'
			})
		);
		done(charge());
	});

	it('is a suspect pile from the moment it is measured', () => {
		const books = yard();
		done(
			measureStack(books, later, envelope(start), {
				name: 'grey boards',
				suspicion: 'paint',
				measure: {
					form: 'split',
					wood: 'softwood',
					seasoned: true,
					size: { by: 'measures', litres: litres(500), typed: '' }
				}
			})
		);
		expect(
			refused(
				recordBurn(books, later, envelope(start + day), {
					...burnInput,
					loads: [{ code: 'S2', litres: 'all' }]
				})
			)
		).toEqual(['held']);
	});

	it('is raw, uncured and over-limit char on a bed, unless a reason is given', () => {
		const books = yard();
		withRipeSoak(books);
		expect(refused(spread(books, { lot: 'K2' }))).toEqual(['char-raw']);
		expect(refused(spread(books, {}, start + 4 * day))).toEqual(['not-ripe']);
		expect(refused(spread(books, { ask: { by: 'rate', form: 'percent', amount: 4 } }))).toEqual([
			'char-first-season'
		]);
		expect(refused(spread(books, { ask: { by: 'rate', form: 'L/m2', amount: 40 } }))).toEqual([
			'short'
		]);
		done(spread(books, { lot: 'K2' }, undefined, undefined, 'under a thick manure mulch'));
	});
});

describe('a charge', () => {
	it('is ripe by date and test, and lost by a failed test', () => {
		const books = yard();
		withRipeSoak(books);
		const state = (at: number) => chargeLines(books, at)[0]?.state;
		expect(state(start + 5 * day)).toBe('working');
		expect(state(start + 8 * day)).toBe('wants-test');
		expect(state(start + 11 * day)).toBe('ripe');
		done(testCharge(books, later, envelope(start + 11 * day), { code: 'C1', passed: false }));
		expect(state(start + 12 * day)).toBe('failed');
	});

	it('does not fit a tub too small for it, and keeps its partner as a lot', () => {
		const books = yard();
		withCrushed(books);
		const soak = (part: number | 'all') =>
			startCharge(books, later, envelope(start + 3 * day), {
				char: 'K2',
				part,
				school: 'nitrogen-soak',
				partner: 'urine',
				ratio: 1,
				wantedN: 4,
				tub: 'Tub',
				temperature: celsius(15)
			});
		expect(refused(soak('all'))).toEqual(['overflows']);
		done(soak(60));
		expect(books.ledger.lot('M1')).toMatchObject({ kind: 'stock', volume_ul: 0 });
	});
});

describe('the same act', () => {
	it('sent twice counts once and returns the first result', () => {
		const books = yard();
		withRipeSoak(books);
		const first = spread(books, {}, spreadAt, 'one-and-the-same');
		const second = spread(books, {}, spreadAt, 'one-and-the-same');
		expect(second).toMatchObject({ status: 'done', path: done(first), repeated: true });
		expect(books.beds.maybeOne('Mere 2')?.char_l).toBe(20);
	});

	it('from two tabs on the same lot cannot take more than is there', () => {
		const books = yard();
		withRipeSoak(books);
		done(
			spread(books, { ask: { by: 'rate', form: 'L/m2', amount: 5 } }, undefined, undefined, 'asked')
		);
		expect(
			refused(
				spread(
					books,
					{ ask: { by: 'rate', form: 'L/m2', amount: 5 } },
					undefined,
					undefined,
					'asked'
				)
			)
		).toEqual(['short']);
		expect(books.ledger.lot('C1').volume_ul).toBe(20_000_000);
	});
});

describe('time', () => {
	it('lets nothing be taken before it came, whatever the order of writing', () => {
		const books = yard();
		const before = () => refused(recordBurn(books, later, envelope(start - day), burnInput));
		expect(before()).toEqual(['before-lot']);
		withCrushed(books);
		expect(before()).toEqual(['before-lot']);
	});

	it('lets nothing be seen, read or held of a lot before it was made', () => {
		const books = yard();
		withCrushed(books);
		const early = envelope(start - day);
		for (const outcome of [
			readMoisture(books, later, early, { code: 'S1', method: 'pin', pieces: [{ percent: 19 }] }),
			remark(books, later, envelope(start + day), { at: 'lot', name: 'K2', words: 'damp' }),
			readTemperature(books, later, envelope(start + day), {
				at: 'lot',
				name: 'K2',
				temperature: celsius(20)
			}),
			holdLot(books, later, envelope(start - day), { code: 'S1', held: true, reason: 'paint' })
		])
			expect(refused(outcome)).toEqual(['before-lot']);
	});

	it('asks back at what was burnt long ago, and at what is planned for the past or for years on', () => {
		const books = yard();
		const old = (reason: string) =>
			recordBurn(books, start + 1500 * day, because(reason, envelope(start + day)), burnInput);
		expect(refused(old(''))).toEqual(['long-ago']);
		done(old('the year is right: found in an old diary'));
		const plan = (days: number, sure = false) =>
			planBurn(
				books,
				start + 10 * day,
				{ ...envelope(start + 10 * day), ...(sure ? { sure: 'all' } : {}) },
				{
					vessel: 'Lantern',
					loads: [{ code: 'S1', litres: 100 }],
					plannedFor_ms: start + days * day
				}
			);
		expect(refused(plan(3))).toEqual(['planned-past']);
		expect(refused(plan(900))).toEqual(['planned-far']);
		done(plan(900, true));
		done(plan(12));
	});

	it('refuses what has not happened yet', () => {
		const books = yard();
		expect(refused(recordBurn(books, start, envelope(start + day), burnInput))).toEqual(['future']);
	});
});

describe('putting a mistake right', () => {
	const reverse = (books: Books, actId: string, withDependents = false) =>
		reverseAct(books, later, envelope(start + 20 * day), {
			actId,
			withDependents,
			backTo: '/ledger/lot/S1'
		});

	it('undoes a spread: the lot and the bed are as before', () => {
		const books = yard();
		withRipeSoak(books);
		const before = books.ledger.lot('C1');
		done(spread(books, {}, spreadAt, 'spread-to-undo'));
		done(reverse(books, 'spread-to-undo'));
		expect(books.ledger.lot('C1')).toEqual(before);
		expect(books.beds.maybeOne('Mere 2')?.char_l).toBe(0);
		expect(refused(reverse(books, 'spread-to-undo'))).toEqual(['already-reversed']);
	});

	it('undoes a whole round as it was sent, all of its beds or none', () => {
		const books = yard();
		withRipeSoak(books);
		const before = books.ledger.lot('C1');
		const stop = (amount: number) => ({
			bed: 'Mere 2',
			ask: { by: 'rate' as const, form: 'L/m2' as const, amount },
			field: 'amount:Mere 2'
		});
		const round = { lot: 'C1', reason: '', stops: [stop(1), stop(0.5)] };
		done(spreadRound(books, later, envelope(spreadAt, 'a-whole-round'), round));
		expect(didOf(books, 'a-whole-round')).toMatchObject({ verb: 'spread', state: 'stands' });
		const undo = envelope(spreadAt + day, 'undo-the-round');
		const input = { actId: 'a-whole-round', withDependents: false, backTo: '/log' };
		done(reverseWhole(books, later, undo, input));
		expect(books.ledger.lot('C1')).toEqual(before);
		expect(didOf(books, 'undo-the-round')).toMatchObject({ verb: 'spread', state: 'reversed' });
		expect(reverseWhole(books, later, undo, input)).toMatchObject({ repeated: true });
	});

	it('of a burn lists what rests on it and undoes it all in order', () => {
		const books = yard();
		withRipeSoak(books);
		done(spread(books));
		const burnAct = books.burns.maybeOne('F1')!.actId;
		expect(dependentsOf(books, burnAct).map((act) => act.verb)).toEqual([
			'spread',
			'test-charge',
			'charge',
			'crush',
			...Array.from({ length: 4 }, () => 'check-quench')
		]);
		expect(refused(reverse(books, burnAct))).toEqual(['rests-on-it']);
		done(reverse(books, burnAct, true));
		expect(books.ledger.lot('S1').volume_ul).toBe(2_400_000_000);
		expect(books.burns.count()).toBe(0);
		expect(books.ledger.maybeLot('K1')).toBeNull();
		expect(books.beds.maybeOne('Mere 2')?.char_l).toBe(0);
		expect(faultsOf(books)).toEqual([]);
	});

	it('of a passed test takes with it the spreads that it alone made right, whatever was said with them', () => {
		const books = yard();
		withRipeSoak(books);
		done(
			testCharge(books, later, envelope(start + 10.5 * day, 'the-test'), {
				code: 'C1',
				passed: true
			})
		);
		done(
			spread(books, { ask: { by: 'rate', form: 'L/m2', amount: 1 } }, spreadAt, 'spread-as-ripe')
		);
		done(
			spread(
				books,
				{ ask: { by: 'rate', form: 'L/m2', amount: 1 } },
				spreadAt,
				'spread-reasoned',
				'in any case'
			)
		);
		// The first test alone still made it ripe; without both of them it was not.
		expect(dependentsOf(books, 'the-test')).toEqual([]);
		const [first] = books.tests.of(books.ledger.lot('C1').id);
		done(
			reverseAct(books, later, envelope(start + 13 * day), {
				actId: 'the-test',
				withDependents: false,
				backTo: '/'
			})
		);
		expect(dependentsOf(books, first?.actId ?? '').map(({ id }) => id)).toEqual([
			'spread-reasoned',
			'spread-as-ripe'
		]);
	});

	it('of a passed check takes with it what moved on that proof', () => {
		const books = yard();
		done(recordBurn(books, later, envelope(start + day), burnInput));
		const look = (hours: number) =>
			done(
				checkQuench(books, later, envelope(start + day + hours * hour), { burn: 'F1', ...allCold })
			);
		look(0.6);
		done(crushChar(books, later, envelope(start + day + hour), crushInput));
		const [check] = books.checks.of(books.burns.maybeOne('F1')!.id);
		const verbs = () => dependentsOf(books, check?.actId ?? '').map((act) => act.verb);
		expect(verbs()).toEqual(['crush']);
		// A further look proves no more: what went through first stays what it rests on.
		look(0.7);
		expect(verbs()).toEqual(['crush']);
		expect(
			dependentsOf(books, books.checks.of(books.burns.maybeOne('F1')!.id).at(-1)?.actId ?? '')
		).toEqual([]);
	});

	it('of one look of the series takes with it what was left on a bed by it, not what was handled', () => {
		const books = yard();
		withRipeSoak(books);
		done(spread(books));
		const morning = books.checks.of(books.burns.maybeOne('F1')!.id).at(-1);
		expect(dependentsOf(books, morning?.actId ?? '').map((act) => act.verb)).toEqual(['spread']);
	});
});

describe('the books', () => {
	it('refuse to be changed or shortened', () => {
		const books = yard();
		for (const table of ['act', 'movement', 'lot', 'bed_version'])
			for (const sql of [`DELETE FROM ${table}`, `UPDATE ${table} SET id = id`])
				expect(() => books.db.exec(sql)).toThrow(/append-only/);
	});

	it('hold through any order of spreads and reversals', () => {
		const step = fc.record({
			amount: fc.double({ min: 0.1, max: 4, noNaN: true }),
			undo: fc.boolean(),
			days: fc.integer({ min: 0, max: 30 })
		});
		fc.assert(
			fc.property(fc.array(step, { maxLength: 8 }), (steps) => {
				const books = yard();
				withRipeSoak(books);
				const acts: string[] = [];
				steps.forEach(({ amount, undo, days }, i) => {
					const last = acts.pop();
					if (undo && last !== undefined) reverse(books, last);
					else if (
						spread(
							books,
							{ ask: { by: 'rate', form: 'L/m2', amount } },
							spreadAt + days * day,
							`property-${i}`,
							'trial'
						).status === 'done'
					)
						acts.push(`property-${i}`);
				});
				expect(faultsOf(books)).toEqual([]);
				expect(books.ledger.lot('C1').volume_ul).toBeGreaterThanOrEqual(0);
				const bedG =
					books.db
						.prepare<[], { g: number | null }>(
							"SELECT sum(amount_mg) AS g FROM put_on_bed WHERE substance = 'char'"
						)
						.get()?.g ?? 0;
				expect((books.ledger.lot('C1').contents.char ?? 0) + bedG).toBe(
					Math.round((48e6 * 60) / 195)
				);
			}),
			{ numRuns: 25 }
		);
		function reverse(books: Books, actId: string) {
			return reverseAct(books, later, envelope(later), {
				actId,
				withDependents: true,
				backTo: '/'
			});
		}
	});
});

describe('what can’t have been', () => {
	it('is more char than the vessel holds, measured as litres', () => {
		const books = yard();
		const litresOf = (amount: number) =>
			recordBurn(books, later, envelope(start + day), {
				...burnInput,
				loads: [{ code: 'S1', litres: 'all' }],
				measured: { by: 'litres', litres: litres(amount) },
				sample: { litres: litres(10), kg: kgDry(0.6) }
			});
		// The cone holds 518 L to the rim; a little may be heaped.
		expect(refused(litresOf(1100))).toEqual(['more-than-vessel']);
		done(litresOf(540));
	});

	it('is two fires in one vessel at one time, burnt or planned', () => {
		const books = yard();
		const load = [{ code: 'S1', litres: 400 }];
		const small = {
			...burnInput,
			loads: load,
			measured: { by: 'litres' as const, litres: litres(90) }
		};
		const burnAt = (at: number) => recordBurn(books, later, envelope(at), small);
		done(burnAt(start + day));
		expect(refused(burnAt(start + day + 0.5 * hour))).toEqual(['vessel-busy']);
		expect(refused(burnAt(start + day - 0.5 * hour))).toEqual(['vessel-busy']);
		done(burnAt(start + day + hour));
		const planAt = (at: number) =>
			planBurn(books, start + 2 * day, envelope(start + 2 * day), {
				vessel: 'Lantern',
				loads: [{ code: 'S1', litres: 100 }],
				plannedFor_ms: at
			});
		done(planAt(start + 5 * day));
		expect(refused(planAt(start + 5 * day + 0.5 * hour))).toEqual(['vessel-busy']);
	});

	it('is two soaks in one tub, until the first is drained; an older one may be entered late', () => {
		const books = yard();
		withCrushed(books);
		const soakAt = (days: number, part: number) =>
			startCharge(books, later, envelope(start + days * day), { ...soakInput, part });
		done(soakAt(5, 60));
		expect(refused(soakAt(6, 40))).toEqual(['tub-busy']);
		done(soakAt(4, 40));
		const drained = { ...allCold, code: 'C1', places: [] };
		done(drainCharge(books, later, envelope(start + 8 * day), drained));
		done(soakAt(8.1, 20));
		const tub = books.vessels.maybeOne('Tub');
		expect([...tubsHold(books, start + 9 * day)]).toEqual([['Tub', 'C3']]);
		expect(insideOf(books, tub!, start + 9 * day)).toMatchObject({
			now: { code: 'C3', does: 'soaks', litres: 20 },
			others: [
				{ code: 'C1', does: 'soaked', to_ms: start + 8 * day },
				{ code: 'C2', does: 'soaked', to_ms: start + 5 * day }
			]
		});
	});

	it('is a little more than is left only by the rounding of the page: then it is the exact rest', () => {
		const books = yard();
		withCrushed(books);
		done(
			keepSettings(books, later, envelope(start), {
				place: '',
				latitude: null,
				longitude: null,
				timeZone: 'UTC',
				system: 'us',
				people: []
			})
		);
		// 195 L are shown as 52 gal (51.51); the rest after 40 gal as 12 gal, and that can be taken.
		const gallon = 3.785411784;
		const lose = (part: number) =>
			takeAway(books, later, envelope(start + 5 * day), {
				code: 'K2',
				part,
				how: 'lose',
				reason: 'spilt'
			});
		done(lose(40 * gallon));
		expect(refused(lose(13 * gallon))).toEqual(['short']);
		done(lose(12 * gallon));
		expect(books.ledger.lot('K2')).toMatchObject({ volume_ul: 0, dry_g: 0 });
	});
});
