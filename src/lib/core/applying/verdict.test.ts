import { describe, expect, it } from 'vitest';
import { plainStands } from '../../../../tests/fixtures/judged';
import { cropNamed, type Growing } from '../crops';
import { meanOf } from '../liming';
import { days } from '../time';
import { between, exactly, known, metres, share } from '../units';
import {
	around,
	potashTaken,
	verdictOf,
	type Given,
	type AshAtHand,
	type TargetStands,
	type VerdictAsked
} from '.';

const at_ms = Date.UTC(2026, 10, 24, 12);
const grows = (name: string, of = 1): Growing => ({ name, row: cropNamed(name), share: of });
const stoveAsh: AshAtHand = {
	thing: {
		...{ code: 'A2', name: 'stove ash', germs: 'none', isAsh: true, isLye: false },
		...{ isManure: false, givesOff: false, isLiquid: false, isBrew: false, isRaw: false },
		...{ isWhole: false, hasChar: false, isUnstrained: false, chars: [], unproven: [] }
	},
	lime: between(0.3, 0.6),
	k2o: between(0.02, 0.08)
};

const soil = { texture: 'clay-loam', humus: 'usual', depth: metres(0.15) } as const;
const stands = (more: Partial<TargetStands> = {}): TargetStands => ({
	...plainStands,
	name: 'Upper 1',
	area_m2: 4.8 * 1.1,
	...more
});

const asked = (
	more: Partial<Omit<VerdictAsked, 'ph'>> & { readonly ph?: number | VerdictAsked['ph'] } = {}
) => {
	const { ph: wanted = 5.6, ...rest } = more;
	const ph =
		typeof wanted === 'number'
			? meanOf({ places: [wanted], method: 'slurry', in: 'water', at_ms })
			: wanted;
	return verdictOf({
		bed: {
			...{ texture: 'clay-loam', drainage: 'even', humus: 'usual', cropKind: 'leaf-and-fruit' },
			...{ acidLover: false, share: share(0.01), ph: ph?.ph ?? 6 }
		},
		soil,
		target: stands({ ...(ph ? { ph: ph.ph } : {}), isPhFresh: ph !== undefined }),
		now: [grows('cabbage')],
		next: [grows('woad')],
		ash: stoveAsh,
		at_ms,
		...rest,
		ph
	});
};

const lead = (verdict: ReturnType<typeof verdictOf>) => verdict.gates[0]?.code;

describe('the verdict', () => {
	it('on woad after cabbage in sour clay loam: both, a dose under the cap, and stone for the rest', () => {
		const ph = meanOf({ places: [5.6, 5.8, 5.7], method: 'slurry', in: 'cacl2', at_ms });
		expect(ph.ph).toBeCloseTo(6.3, 9);
		const verdict = asked({ ph });
		expect(verdict.says).toBe('both');
		expect(verdict.gates).toEqual([]);
		// Where cabbage and woad both sit well: 6.5 to 7.4.
		expect(verdict.target).toBeCloseTo(6.95, 9);
		expect(verdict.need?.value).toBeCloseTo(0.04 * 1250 * 0.15 * 50 * 0.65, 6);
		expect(verdict.dose?.grams.value).toBe(100);
		expect(verdict.dose?.by).toBe('cap');
		expect(verdict.dose?.rise.value).toBeLessThan(0.2);
		expect(verdict.dose?.years).toBe(Math.ceil(verdict.need!.value / Math.sqrt(0.18) / 100));
		expect(verdict.limestone?.value).toBeCloseTo(verdict.need!.value / 0.92, 6);
		// The bag's own figure wins, and is told.
		const stone = known('lime in M9', exactly(0.8), 'share', 'own', 'the bag');
		const byBag = asked({ ph, stone }).limestone;
		expect(byBag?.value).toBeCloseTo(verdict.need!.value / 0.8, 6);
		expect(byBag?.from.map(({ name, origin }) => [name, origin])).toContainEqual([
			'lime in M9',
			'own'
		]);
	});

	it.each<[string, Partial<TargetStands>, string]>([
		['nothing was read within a year', { isPhFresh: false }, 'ash-untested'],
		['acid lovers grow', { acidLover: true, isPhFresh: true }, 'ash-acid-lover'],
		['potatoes come', { scab: true }, 'ash-scab'],
		['its slurry reads salty', { salt_dS_m: 0.7 }, 'ash-salty'],
		['it was sown last week', { sown_ms: at_ms - days(7) }, 'ash-seedlings'],
		[
			'urine went on nine days ago',
			{ around: { ...plainStands.around, nitrogen: { code: 'M4', at_ms: at_ms - days(9) } } },
			'ash-nitrogen'
		],
		['the cap is reached', { around: { ...plainStands.around, ash_g_m2: 100 } }, 'ash-cap']
	])('gives no ash where %s', (_, more, code) => {
		const verdict = asked({ target: stands({ ph: 5.6, ...more }) });
		expect(lead(verdict)).toBe(code);
		expect(verdict.says).toBe('char');
	});

	it('waits for five days more after urine nine days ago, and says until when', () => {
		const around = { ...plainStands.around, nitrogen: { code: 'M4', at_ms: at_ms - days(9) } };
		const [gate] = asked({ target: stands({ ph: 5.6, around }) }).gates;
		expect(gate?.lifts_ms).toBe(at_ms + days(5));
		const later = { ...plainStands.around };
		expect(asked({ target: stands({ ph: 5.6, around: later }) }).says).toBe('both');
	});

	it('leads with the first gate that holds, the rest under it in their order', () => {
		const around = {
			...plainStands.around,
			ash_g_m2: 120,
			nitrogen: { code: 'M4', at_ms: at_ms - days(2) }
		};
		const target = stands({ ph: 5.6, isPhFresh: false, acidLover: true, scab: true, around });
		expect(asked({ target }).gates.map(({ code }) => code)).toEqual([
			'ash-untested',
			'ash-acid-lover',
			'ash-scab',
			'ash-nitrogen',
			'ash-cap'
		]);
	});

	it('refuses ash of a refused source, whatever the bed', () => {
		const refused = { ...stoveAsh, thing: { ...stoveAsh.thing, refused: 'painted laths' } };
		expect(lead(asked({ ash: refused }))).toBe('refused-source');
	});

	it('gives a tomato bed at 6.8 potash only, half the cap at most', () => {
		const verdict = asked({ ph: 6.8, now: [], next: [grows('tomato')] });
		expect(verdict.dose?.by).toBe('cap');
		expect(verdict.dose?.grams.value).toBe(50);
		const light = asked({ ph: 6.8, now: [], next: [grows('lettuce')] });
		// 8 to 16 g K₂O/m², in ash of 4 %.
		expect(light.dose?.grams.value).toBe(50);
		expect(potashTaken([grows('tomato')])).toEqual({ value: 21, low: 14, high: 28 });
		expect(asked({ ph: 7.1, target: stands({ ph: 7.1 }) }).dose).toBeUndefined();
		expect(lead(asked({ ph: 7.1, target: stands({ ph: 7.1 }) }))).toBe('ash-sweet-ground');
	});

	it('never gives more than the room that is left, by whatever route it was taken', () => {
		for (let had = 0; had <= 130; had += 7) {
			const around = { ...plainStands.around, ash_g_m2: had };
			const verdict = asked({ target: stands({ ph: 5.4, around }), ph: 5.4 });
			expect(verdict.room).toBe(Math.max(0, 100 - had));
			expect(lead(verdict)).toBe(verdict.room < 20 ? 'ash-cap' : undefined);
			expect(verdict.dose?.grams.value ?? 0).toBeLessThanOrEqual(verdict.room + 1e-9);
		}
	});

	it('keeps any twelve months under the cap, whatever went on by whatever route', () => {
		let state = 11;
		const random = () => (state = (Math.imul(state, 1664525) + 1013904223) >>> 0) / 2 ** 32;
		const area = 4.8 * 1.1;
		for (let trial = 0; trial < 300; trial += 1) {
			const given: Given[] = Array.from({ length: Math.floor(random() * 9) }, (_, i) => ({
				...{ code: `X${i}`, at_ms: at_ms - days(random() * 700), ash_g: random() * 40 * area },
				stone_g: 0,
				...{
					nitrogen_g: 0,
					mineralN_g: 0,
					isManure: false,
					givesOff: false,
					isLiquid: random() < 0.3
				}
			}));
			const target = stands({ ph: 5.4, area_m2: area, around: around(given, at_ms, area) });
			const dose = asked({ target, ph: 5.4 }).dose?.grams.value ?? 0;
			const year = given.filter((one) => one.at_ms > at_ms - days(365));
			const had = year.reduce((sum, one) => sum + one.ash_g, 0) / area;
			// What was over the cap before stays so; nothing is added to it.
			expect(dose === 0 || had + dose <= 100 + 1e-6).toBe(true);
		}
	});

	it('goes by what the bag says of lime: of CCE 92 less is wanted than of ash', () => {
		const bag = { ...stoveAsh, lime: between(0.92, 0.92) };
		const soft = {
			now: [],
			next: [grows('lettuce')],
			ph: 6.4,
			soil: { ...soil, texture: 'sand' }
		} as const;
		const [strong, weak] = [asked({ ...soft, ash: bag }), asked({ ...soft, ash: stoveAsh })];
		expect(strong.dose?.by).toBe('need');
		expect(strong.dose?.grams.value).toBeCloseTo(strong.need!.value / 0.92, 6);
		expect(weak.dose!.grams.value).toBeGreaterThan(strong.dose!.grams.value);
	});

	it('says neither of rich, neutral ground', () => {
		const verdict = verdictOf({
			bed: {
				...{ texture: 'loam', drainage: 'even', humus: 'rich', cropKind: 'mixed', ph: 6.6 },
				...{ acidLover: false, share: share(0.06) }
			},
			soil: { ...soil, texture: 'loam', humus: 'rich' },
			target: stands({ ph: 6.6 }),
			ph: meanOf({ places: [6.6], method: 'slurry', in: 'water', at_ms }),
			now: [grows('heather')].slice(1),
			next: [],
			ash: stoveAsh,
			at_ms
		});
		expect(verdict.says).toBe('neither');
		expect(verdict.dose).toBeUndefined();
	});
});
