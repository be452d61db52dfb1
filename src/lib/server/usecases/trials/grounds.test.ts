import { beforeEach, describe, expect, it } from 'vitest';
import {
	because,
	day,
	done,
	envelope,
	plainBed,
	refused,
	start,
	withRipeSoak,
	yard
} from '../../../../../tests/fixtures/garden';
import { faultsOf } from '../../../../../tests/fixtures/faults';
import { litres, metres } from '../../../core/units';
import type { PlanTrialInput } from '../../../input/trials';
import { treatTrialSchema } from '../../../input/treatings';
import type { Books } from '../../db/books';
import { bedsInOrder } from '../../questions/kept-beds';
import { ownResults } from '../../questions/own-results';
import { stripOffer, stripsWaiting } from '../../questions/strips';
import { outcomesOf, trialLineOf } from '../../questions/trials';
import { dutiesOf } from '../../rooms/duties';
import { markPart } from '../mark-part';
import { measureBed } from '../measure-bed';
import { reverseAct } from '../reverse-act';
import { spreadLot } from '../spread-lot';
import { leaveStrip } from './leave-strip';
import { lookAtStrip, lookAtUnit } from './look-at';
import { planTrial } from './plan-trial';
import { endTrial, moveTrial, runTrialOn } from './run-trial';
import { treatTrial } from './treat-trial';

const now = start + 30 * day;
const plan: PlanTrialInput = {
	question: 'Does it help?',
	unit: 'pot',
	arms: [{ kind: 'nothing' }, { kind: 'charged', share: 5 }, { kind: 'wet-only' }],
	blocks: 4,
	order: 'drawn',
	seed: 7,
	differs: 'sun to shade',
	isBlind: false,
	measures: ['height'],
	bed: 'Pots'
};
let books: Books;
beforeEach(() => {
	books = yard();
	withRipeSoak(books);
	done(
		measureBed(books, now, envelope(start), {
			...{ ...plainBed, name: 'Pots', target: 'pots', pieces: 12 },
			...{ length_m: 0.26, width_m: 0.26, depth_m: 0.226 }
		})
	);
});
const planned = (more: Partial<PlanTrialInput> = {}) =>
	planTrial(books, now, envelope(now), { ...plan, ...more });
const bed = (name: string) => books.beds.maybeOne(name)!;
const treat = (gifts: Parameters<typeof treatTrial>[3]['gifts'], reason = 'it is the trial') =>
	treatTrial(books, now, because(reason, envelope(now)), { trial: 'T1', gifts });

describe('a trial in pots of the books', () => {
	it('has its arms as parts of them, that stand in no list of beds', () => {
		done(planned());
		expect(trialLineOf(books, 'T1')!.armBeds.length).toBe(3);
		expect(bed('T1 B')).toMatchObject({
			pieces: 4,
			within: { name: 'Pots', place: { scattered: 4 } }
		});
		expect(bedsInOrder(books).map(({ name }) => name)).not.toContain('T1 B');
	});

	it('what an arm gets is an act of its own and counts on the arm and on the whole', () => {
		done(planned());
		done(
			treat([
				{ n: 0, lot: 'C1' },
				{ n: 1, each_l: litres(0.5) }
			])
		);
		expect(bed('T1 B').share).toBeCloseTo(0.05, 9);
		expect(bed('T1 A').char_l).toBe(0);
		expect(bed('Pots').share).toBeCloseTo(0.05 / 3, 9);
		const verbs = books.acts.recent(99).map(({ verb }) => verb);
		expect(verbs.filter((verb) => ['put-own', 'spread'].includes(verb)).length).toBe(2);
		expect(faultsOf(books)).toEqual([]);
	});

	it('so much each is so much times the pots of the arm', () => {
		done(planned());
		const before = books.ledger.lot('C1')!.volume_ul;
		done(treat([{ n: 0, lot: 'C1', each_l: litres(0.25) }]));
		expect(before - books.ledger.lot('C1')!.volume_ul).toBe(1_000_000);
	});

	it('all or none: what is wrong stands at its own line', () => {
		done(planned());
		const before = books.acts.recent(99).length;
		const outcome = treat([{ n: 0, lot: 'C1' }, { n: 1 }]);
		expect(outcome).toMatchObject({ issues: [{ field: 'per2', code: 'bad-empty' }] });
		expect(treat([{ n: 0, lot: 'C9' }])).toMatchObject({ issues: [{ field: 'lot1' }] });
		expect(treat([{ n: 0, each_l: litres(1) }])).toMatchObject({ issues: [{ field: 'lot1' }] });
		expect(treat([{ n: 0, lot: 'C1', each_l: litres(900) }])).toMatchObject({
			issues: [{ field: 'per1' }]
		});
		expect(refused(treat([]))).toEqual(['no-stops']);
		expect(books.acts.recent(99).length).toBe(before);
	});

	it('a trial that stands nowhere in the books has nothing to count on', () => {
		done(planned({ bed: undefined as never }));
		expect(refused(treat([{ n: 0, lot: 'C1' }]))).toEqual(['arm-nowhere']);
	});

	it('is refused where it has no room, among plots, or beside another that runs', () => {
		expect(refused(planned({ blocks: 5 }))).toEqual(['units-outside']);
		expect(refused(planned({ unit: 'plot' }))).toEqual(['plots-in-pots']);
		const alike = [...plan.arms, { kind: 'charged' as const, share: 5 }];
		expect(refused(planned({ arms: alike }))).toEqual(['arms-alike']);
		done(planned());
		expect(refused(planned())).toEqual(['trial-stands-there']);
		done(endTrial(books, now, envelope(now), { trial: 'T1' }));
		expect(done(planned())).toBe('/trials/T2');
	});

	it('plots are slices across a bed, and no strip is marked out among them', () => {
		done(planned({ unit: 'plot', bed: 'Mere 2' }));
		expect(bed('T1 B').ground.area).toBeCloseTo(8 / 3, 9);
		expect(stripOffer(books, bed('Mere 2'), now)).toBeUndefined();
		expect(
			refused(
				markPart(books, now, envelope(now), {
					...{ bed: 'Mere 2', name: 'a strip', along: metres(1), length: metres(1) }
				})
			)
		).toEqual(['part-overlaps']);
	});

	it('measured again, an arm stays an arm, and a strip where it lies', () => {
		done(planned());
		const again = { ...plainBed, isNew: false, length_m: 0.26, width_m: 0.26, depth_m: 0.2 };
		done(
			measureBed(books, now, envelope(now), { ...again, name: 'T1 B', target: 'pots', pieces: 4 })
		);
		expect(bed('T1 B').within?.place).toEqual({ scattered: 4 });
		done(
			markPart(books, now, envelope(now), {
				...{ bed: 'Mere 2', name: 'a strip', along: metres(3), length: metres(1) }
			})
		);
		done(
			measureBed(books, now, envelope(now), {
				...plainBed,
				isNew: false,
				name: 'a strip',
				length_m: 1
			})
		);
		expect(bed('a strip').within?.place).toMatchObject({ along: 3 });
	});

	it('taken back, its arms go with it', () => {
		const made = envelope(now);
		done(planTrial(books, now, made, plan));
		const back = { actId: made.actId, withDependents: true, backTo: '/' };
		done(reverseAct(books, now, envelope(now), back));
		expect(books.beds.maybeOne('T1 B')).toBeNull();
		expect(bed('Pots').parts).toEqual([]);
	});
});

describe('a trial over the seasons', () => {
	const readAll = (at: number, by: number) => {
		for (const { n, arm } of trialLineOf(books, 'T1')!.units)
			done(
				lookAtUnit(books, at, envelope(at), {
					...{ trial: 'T1', unit: n, measure: 'height' },
					value: by * (10 + arm * 4 + (n % 3) / 4)
				})
			);
	};
	const runOn = (at: number) => runTrialOn(books, at, envelope(at), { trial: 'T1' });

	it('runs on once it was read, also after it was ended; each season is judged by itself', () => {
		done(planned());
		expect(refused(runOn(now))).toEqual(['season-unread']);
		readAll(now, 1);
		done(endTrial(books, now, envelope(now), { trial: 'T1' }));
		const next = now + 300 * day;
		done(runOn(next));
		expect(trialLineOf(books, 'T1')!.ended_ms).toBeUndefined();
		expect(refused(runOn(next + day))).toEqual(['season-unread']);
		readAll(next + day, 2);
		const [told] = outcomesOf(books, trialLineOf(books, 'T1')!);
		expect(told!.seasons.map(({ season }) => season)).toEqual([0, 1]);
		expect(told!.last.raw.means[0]!.mean).toBeGreaterThan(20);
		expect(told!.across?.given.length).toBe(12);
		expect(faultsOf(books)).toEqual([]);
	});

	it('pots are moved, plots are not', () => {
		done(planned());
		done(moveTrial(books, now, envelope(now), { trial: 'T1', where: 'under glass' }));
		expect(trialLineOf(books, 'T1')!.moved).toMatchObject([{ where: 'under glass' }]);
		done(planned({ unit: 'plot', bed: 'Mere 2' }));
		expect(
			refused(moveTrial(books, now, envelope(now), { trial: 'T2', where: 'under glass' }))
		).toEqual(['plots-stay']);
	});

	it('stands beside the rates of schools, with its ground', () => {
		expect(ownResults(books)).toEqual([]);
		done(planned());
		readAll(now, 1);
		expect(ownResults(books)).toMatchObject([
			{ kind: 'own trial with control', href: '/trials/T1' }
		]);
	});
});

describe('a strip that is left', () => {
	const leave = (at = now) => leaveStrip(books, at, envelope(at), { bed: 'Mere 2', weeks: 8 });
	const asked = (at: number) => dutiesOf(books, at).filter(({ code }) => code === 'Mere 2');

	it('is a part that doses pass over until its look, once a season', () => {
		done(leave());
		expect(bed('Mere 2 strip 2026').within?.name).toBe('Mere 2');
		done(
			spreadLot(books, now, because('trial', envelope(now)), {
				...{ bed: 'Mere 2', lot: 'C1', ask: { by: 'carried', litres: litres(10) } }
			})
		);
		expect(bed('Mere 2 strip 2026').char_l).toBe(0);
		expect(refused(leave(now + day))).toEqual(['no-strip']);
		expect(stripOffer(books, bed('Mere 2'), now + 365 * day)).toBeDefined();
		expect(faultsOf(books)).toEqual([]);
	});

	it('is asked for on its day, and not again once it was looked at', () => {
		done(leave());
		expect(stripsWaiting(books)).toMatchObject([{ bed: 'Mere 2', lookDay: '2026-05-26' }]);
		expect(asked(now + day)).toMatchObject([{ is: 'working' }]);
		const on = now + 57 * day;
		expect(asked(on)).toMatchObject([{ is: 'due', href: '/trials?look=Mere%202#look' }]);
		done(
			lookAtStrip(books, on, envelope(on), {
				...{ bed: 'Mere 2', measure: 'score', untreated: 3, treated: 4 }
			})
		);
		expect(asked(on)).toEqual([]);
	});

	it('lies off what was left before, year for year', () => {
		done(leave());
		for (const year of [1, 2, 3]) done(leave(now + year * 365 * day));
		const places = bed('Mere 2').parts.map(({ name }) => bed(name).within!.place);
		expect(new Set(places.map((place) => JSON.stringify(place))).size).toBe(4);
	});
});

describe('what a treating says', () => {
	const read = (values: Record<string, string>) =>
		treatTrialSchema(
			{ measures: [], timeZone: 'UTC', person: 'Oda', now_ms: now, system: 'metric' },
			'T1'
		).safeParse(values);

	it('lines without a lot or an amount are passed by', () => {
		expect(read({ lot1: 'C1', per1: '', lot2: '', per2: '', per3: '0,5 L' }).data).toEqual({
			trial: 'T1',
			gifts: [
				{ n: 0, lot: 'C1' },
				{ n: 2, each_l: 0.5 }
			]
		});
	});

	it('an amount that can’t be read is told at its line', () => {
		expect(read({ lot1: 'C1', per1: 'some' }).error?.issues[0]?.path).toEqual(['per1']);
	});
});
