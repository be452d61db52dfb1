import { describe, expect, it } from 'vitest';
import { plainStands, soundThing } from '../../../../tests/fixtures/judged';
import { asks, keyOf, onceEach } from '../cautions';
import { days } from '../time';
import { litres, share } from '../units';
import { applyingRules, around, judgeApplying, nitrogenCaps, type Given, type Putting } from '.';

const at_ms = days(1000);
const sound: Putting = {
	thing: soundThing,
	target: plainStands,
	way: 'dug-in',
	at_ms,
	litres: 20,
	gives: {}
};
const gram = 1000;
const ash = { ...soundThing, code: 'M2', hasChar: false, isAsh: true };
const tea = {
	...soundThing,
	code: 'B3',
	name: 'aerated tea',
	hasChar: false,
	isBrew: true,
	isLiquid: true,
	givesOff: true,
	soil: { strongest: 0, usual: 4, finest: 5 },
	leaves: { strongest: 5, usual: 7, finest: 10 }
};
const manure = { ...soundThing, hasChar: false, germs: 'raw-manure', isManure: true } as const;
const bed = (more: Partial<Putting['target']>) => ({ ...plainStands, ...more });
const had = (more: Partial<Putting['target']['around']>) =>
	bed({ around: { ...plainStands.around, ...more } });
const char = { code: 'K2', verdict: 'soil-char', failed: '' } as const;
const poured = {
	parts: 4,
	wanted: litres(24),
	size: { watered: 'area' as const, size: 8 },
	isForSeedlings: false
};
const dosed = (over: 'ceiling' | 'first-dose') => ({ shareAfter: share(0.12), over: [over] });

/** Of each rule a case in which it finds something. */
const cases: Readonly<Record<string, Partial<Putting>>> = {
	held: { thing: { ...soundThing, held: 'painted' } },
	'not-proven': {
		thing: { ...soundThing, unproven: [{ burn: 'F1', needed: 'series', passed: 1, of: 4 }] }
	},
	'refused-source': { thing: { ...ash, refused: 'painted boards' } },
	'feeds-the-next': { thing: { ...soundThing, isBrew: true, hasChar: false } },
	'batch-failed': { thing: { ...soundThing, ripeness: 'failed' } },
	'batch-past': { thing: { ...soundThing, ripeness: 'past' } },
	'not-ripe': { thing: { ...soundThing, ripeness: 'wants-test' } },
	'charge-fading': { thing: { ...soundThing, ripeness: 'fading' } },
	'char-raw': { thing: { ...soundThing, isRaw: true } },
	'char-whole': { thing: { ...soundThing, isWhole: true } },
	'char-tarry': { thing: { ...soundThing, chars: [{ ...char, verdict: 'back' }] } },
	'char-unfinished': { thing: { ...soundThing, chars: [{ ...char, verdict: 'heap' }] } },
	'char-unrinsed': { thing: { ...soundThing, chars: [{ ...char, ph: 11 }] } },
	'lye-on-leaves': { thing: { ...tea, isLye: true }, way: 'sprayed' },
	'not-for-leaves': {
		thing: { ...soundThing, isBrew: true, soil: tea.soil, hasChar: false },
		way: 'sprayed'
	},
	'leaf-unstrained': { thing: { ...tea, isUnstrained: true }, way: 'sprayed' },
	'odd-dilution': { thing: tea, poured: { ...poured, parts: 20 } },
	'too-salty': { thing: tea, poured: { ...poured, salt: 3 } },
	'odd-watering-much': { thing: tea, poured: { ...poured, wanted: litres(240) } },
	'odd-watering-little': { thing: tea, poured: { ...poured, wanted: litres(2) } },
	'as-salty-as-goes': { thing: { ...tea, salt: 10 }, poured },
	'leaves-cool': { thing: tea, way: 'sprayed' },
	'ash-acid-lover': { thing: ash, target: bed({ acidLover: true }) },
	'ash-sweet-ground': { thing: ash, target: bed({ ph: 7.6 }) },
	'ash-untested': { thing: ash, target: bed({ isPhFresh: false }) },
	'ash-for-potash': { thing: ash, target: bed({ ph: 6.6 }), gives: { ash: 480 * gram } },
	'ash-scab': { thing: ash, target: bed({ scab: true }) },
	'ash-salty': { thing: ash, target: bed({ salt_dS_m: 0.6 }) },
	'ash-seedlings': { thing: ash, target: bed({ sown_ms: at_ms - days(9) }) },
	'ash-wind': { thing: ash },
	'ash-nitrogen': {
		thing: ash,
		target: had({ nitrogen: { code: 'M4', at_ms: at_ms - days(9) } })
	},
	'nitrogen-ash': {
		thing: tea,
		target: had({ lime: { code: 'M2', at_ms: at_ms - days(9) } }),
		gives: { 'mineral-nitrogen': gram }
	},
	'ash-cap': { thing: ash, target: had({ ash_g_m2: 90 }), gives: { ash: 100 * gram } },
	'char-lifts-ph': { target: bed({ ph: 7.3 }) },
	'germs-on-leaves': { thing: manure, target: bed({ eatenRaw: true }), way: 'sprayed' },
	'germs-near-food': { thing: manure, target: bed({ eatenRaw: true }) },
	'germs-wait': { thing: manure },
	'nitrogen-manure': {
		thing: manure,
		target: had({ manureN_g_m2: 10 }),
		gives: { nitrogen: 80 * gram }
	},
	'nitrogen-much': {
		thing: tea,
		target: had({ availableN_g_m2: 20 }),
		gives: { nitrogen: 80 * gram, 'mineral-nitrogen': 60 * gram }
	},
	'char-ceiling': { dose: dosed('ceiling') },
	'char-first-season': { dose: dosed('first-dose') }
};
const codes = (of: Putting) => judgeApplying(of).map(({ code }) => code);

describe('what goes on a target', () => {
	it('is held against nothing where nothing speaks against it', () =>
		expect(codes(sound)).toEqual([]));

	it.each(applyingRules.map(({ code }) => [code] as const))('%s is found in its case', (code) => {
		expect(cases[code], code).toBeDefined();
		expect(codes({ ...sound, ...cases[code] })).toContain(code);
	});

	it('tells what is never right first, then what is asked, then the rest', () => {
		const found = judgeApplying({
			...sound,
			thing: { ...ash, germs: 'raw-manure', ripeness: 'wants-test' },
			target: bed({ ph: 7.6, eatenRaw: false, isPhFresh: false })
		});
		expect(found.map(({ weight }) => weight)).toEqual(['never', 'ask', 'ask', 'tell', 'tell']);
	});

	it('asks of a lot one time, however many beds it goes on, and of each bed by its name', () => {
		const unripe = { ...soundThing, ripeness: 'wants-test' } as const;
		const found = ['Mere 1', 'Mere 2'].flatMap((name) =>
			judgeApplying({
				...sound,
				thing: { ...unripe, germs: 'aged' },
				target: bed({ name, eatenRaw: true })
			})
		);
		expect(asks(onceEach(found)).map(keyOf)).toEqual([
			'not-ripe-C1',
			'germs-near-food-Mere 1',
			'germs-near-food-Mere 2'
		]);
	});
});

const given = (day: number, more: Partial<Given>): Given => ({
	code: 'M1',
	at_ms: at_ms + days(day),
	ash_g: 0,
	stone_g: 0,
	nitrogen_g: 0,
	mineralN_g: 0,
	isManure: false,
	givesOff: false,
	isLiquid: false,
	...more
});

describe('what stands around a moment', () => {
	it('looks both ways in time', () => {
		const urine = given(9, { code: 'M4', givesOff: true, mineralN_g: 5 });
		expect(around([urine], at_ms, 8).nitrogen).toEqual({ code: 'M4', at_ms: urine.at_ms });
		expect(around([given(-9, { ash_g: 400 })], at_ms, 8).lime?.code).toBe('M1');
		expect(around([given(-15, { ash_g: 400 })], at_ms, 8).lime).toBeUndefined();
		expect(around([given(-9, { stone_g: 400 })], at_ms, 8)).toMatchObject({
			lime: { code: 'M1' },
			ash_g_m2: 0
		});
	});

	it('counts the worst twelve months that hold it: what came later counts with what is written late', () => {
		const all = [given(-300, { ash_g: 400 }), given(200, { ash_g: 240 })];
		// Both lie within twelve months of the moment, but not of each other.
		expect(around(all, at_ms, 8).ash_g_m2).toBe(50);
		expect(around([...all, given(-100, { ash_g: 80 })], at_ms, 8).ash_g_m2).toBe(60);
	});

	it('counts nitrogen of manure whole, and what plants likely find of each', () => {
		const found = around(
			[
				given(-10, { isManure: true, nitrogen_g: 80, mineralN_g: 32 }),
				given(-20, { isLiquid: true, nitrogen_g: 40, mineralN_g: 10 })
			],
			at_ms,
			8
		);
		expect(found.manureN_g_m2).toBe(10);
		expect(found.availableN_g_m2).toBeCloseTo((32 + 34) / 8, 9);
	});

	it('hen litter on five square metres is asked: 39 g N/m²', () => {
		const found = judgeApplying({
			...sound,
			thing: { ...manure, isManure: true },
			target: bed({ area_m2: 5 }),
			gives: { nitrogen: 195 * gram }
		});
		const asked = found.find(({ code }) => code === 'nitrogen-manure');
		expect(asked?.facts).toMatchObject({ g_m2: 39, most: nitrogenCaps.manure_g_m2 });
	});
});
