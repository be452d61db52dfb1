import { describe, expect, it } from 'vitest';
import { wordsOf } from '$lib/format/sentence';
import { sampledDensity } from '$lib/core/char';
import { compositionOf } from '$lib/core/materials';
import { kgDry, litres, metres } from '$lib/core/units';
import { schools } from '$lib/core/charging';
import { chargePlanAnswer, inTimeWords } from './answer';
import { extraChoice } from './parts';
import { levelsOf, mostCharOf } from './tub';
import { freshCharge, partnerFor, partnersOf, reckonPlan, type PlanChar } from './reckoning';

const now = Date.UTC(2026, 4, 1);
const almanac = { timeZone: 'UTC', now_ms: now };
const char: PlanChar = {
	code: 'K2',
	verdict: 'untried',
	failed: '',
	state: 'crushed',
	wetness: 'drained',
	volume_ul: 100_000_000,
	density: sampledDensity(litres(10), kgDry(2))
};
const vat = {
	name: 'Vat',
	shape: {
		kind: 'round' as const,
		rimWidth: metres(0.6),
		floorWidth: metres(0.6),
		depth: metres(0.6)
	},
	capacity_l: 170
};
const plan = (values: Record<string, string>) =>
	reckonPlan(
		freshCharge(values, [char], [vat], 'metric'),
		{ chars: [char], tubs: [vat], stock: [], analyses: {}, system: 'metric' },
		now
	);

describe('what goes in besides', () => {
	const castings = {
		code: 'M4',
		name: 'steps bin',
		material: 'castings' as const,
		composition: {
			...compositionOf('castings'),
			nitrogen: { ...compositionOf('castings').nitrogen, value: 99 }
		},
		volume_ul: 40_000_000
	};
	const school = schools.find(({ id }) => id === 'living-soil-soak')!;
	const compost = school.extras[0]!;

	it('is the lot in stock that its list shows, and what is reckoned with is that lot', () => {
		const entry = freshCharge({ school: school.id }, [char], [vat], 'metric');
		expect(extraChoice(compost, entry.extras, [castings])).toBe('lot:M4:castings');
		expect(extraChoice(compost, entry.extras, [])).toBe('finished-compost');
		const shown = reckonPlan(
			entry,
			{ chars: [char], tubs: [vat], stock: [castings], analyses: {}, system: 'metric' },
			now
		)!;
		expect(shown.charge.extras[0]).toMatchObject({ composition: castings.composition });
		const chosen = { ...entry, extras: { compost: { amount: '0', with: 'leaf-mould' } } };
		expect(extraChoice(compost, chosen.extras, [castings])).toBe('leaf-mould');
	});

	it('offers a school the largest lot of a partner it takes', () => {
		expect(partnerFor('compost-rest', { partner: '' }, [castings])).toBe('lot:M4:castings');
		expect(partnerFor('nitrogen-soak', { partner: 'castings' }, [castings])).toBe('urine');
		expect(partnerFor('compost-rest', { partner: 'leaf-mould' }, [castings])).toBe('leaf-mould');
	});

	it('says which schools are in time, and which of them feeds best', () => {
		const plans = new Map(schools.map(({ id }) => [id, plan({ school: id })]));
		const said = (days: number) => inTimeWords(plans, now + days * 86_400_000, almanac);
		expect(said(4)).toMatch(
			/^Ready by .*: nitrogen soak, plant or tea soak, living-soil soak and everything soak; of these/
		);
		expect(said(1)).toMatch(/^None of them/);
	});
});

describe('a charge as typed', () => {
	it('offers all of the char by compost rest, one to one', () => {
		const rest = plan({});
		expect(rest?.school.id).toBe('compost-rest');
		expect(rest?.charge.partner.value).toBe(100);
	});
	it('moves with the part, the ratio and the nitrogen wanted', () => {
		expect(plan({ part: '40 L' })?.charge.partner.value).toBe(40);
		expect(plan({ part: '40 L', ratio: '1.5' })?.charge.partner.value).toBe(60);
		const soak = (wantedN: string) =>
			plan({ school: 'nitrogen-soak', part: '40 L', wantedN })?.charge.partner.value ?? 0;
		expect(soak('6')).toBeCloseTo(2 * soak('3'), 9);
	});
	it.each([
		{ part: '101 L' },
		{ part: 'a bit' },
		{ ratio: '0' },
		{ ratio: '31' },
		{ school: 'alchemy' },
		{ char: 'K9' },
		{ temperature: 'warm' },
		{ temperature: '95' }
	] as Record<string, string>[])('of %o is none yet', (values) => {
		expect(plan(values)).toBeUndefined();
	});
	it('gives a school a partner of its own when the one chosen is another’s', () => {
		expect(partnersOf('nitrogen-soak')).toEqual(['urine', 'fish-hydrolysate']);
		expect(plan({ school: 'nitrogen-soak', partner: 'castings' })?.partner).toBe('urine');
		expect(plan({ partner: 'lot:M3:castings' })?.partner).toBe('castings');
	});
	it('goes by what really went in, and keeps what was asked for beside it', () => {
		const mixed = plan({ part: '40 L', reallyPartner: '50 L', reallyWater: '5 L' });
		expect(mixed?.asked.partner.value).toBe(40);
		expect(mixed?.charge.partner.value).toBe(50);
		expect(mixed?.charge.water.value).toBe(5);
		expect(mixed!.charge.charShare.value).toBeLessThan(mixed!.asked.charShare.value);
		const weighed = reckonPlan(
			freshCharge({ part: '40 L', reallyPartner: '27 kg' }, [char], [vat], 'metric'),
			{
				chars: [char],
				tubs: [vat],
				stock: [],
				analyses: {},
				system: 'metric'
			},
			now
		);
		expect(weighed?.charge.partner.value).toBeCloseTo(27 / Math.sqrt(0.45 * 0.65), 6);
	});
	it('answers what to add, whether it feeds, and when it may be ready', () => {
		expect(wordsOf(chargePlanAnswer(plan({}), false, 'metric', almanac))).toMatch(
			/^Add 100 L of finished compost and [\d–]+ L of rain water to 100 L of K2: it will be fed by curing, ready 10 May/
		);
		expect(
			wordsOf(chargePlanAnswer(plan({ temperature: '2' }), false, 'metric', almanac))
		).toContain('too cold to cure');
		expect(
			wordsOf(
				chargePlanAnswer(
					plan({ school: 'nitrogen-soak', part: '40 L', wantedN: '1' }),
					false,
					'metric',
					almanac
				)
			)
		).toContain('it would stay hungry');
		expect(wordsOf(chargePlanAnswer(undefined, false, 'metric', almanac))).toMatch(
			/^Choose the char/
		);
	});
});

describe('a tub', () => {
	it('is told how high char and liquid stand in it, and the most it takes', () => {
		const soak = plan({ school: 'nitrogen-soak', part: '40 L' })!;
		const { char, liquid } = levelsOf(soak);
		// 40 L in an upright tub 60 cm wide: 14.1 cm, and 5 cm of liquid above.
		expect(char?.value).toBeCloseTo((40_000 / (Math.PI * 30 ** 2)) * 1, 1);
		expect((liquid?.value ?? 0) - (char?.value ?? 0)).toBeCloseTo(5, 6);
		expect(mostCharOf(soak).value).toBeCloseTo((Math.PI * 30 ** 2 * 55) / 1000, 1);
	});
	it('has no levels in a mix of solids, nor above its rim', () => {
		expect(levelsOf(plan({})!)).toEqual({ char: undefined, liquid: undefined });
		const small = { ...vat, shape: { ...vat.shape, depth: metres(0.1) }, capacity_l: 28 };
		const over = reckonPlan(
			freshCharge({ school: 'nitrogen-soak', part: '40 L' }, [char], [small], 'metric'),
			{ chars: [char], tubs: [small], stock: [], analyses: {}, system: 'metric' },
			now
		)!;
		expect(levelsOf(over).char).toBeUndefined();
	});
});
