import {
	brings,
	isMaterial,
	materialOf,
	type Composition,
	type MaterialId,
	type Measure
} from '../materials';
import {
	added,
	earlier,
	grams,
	kgDry,
	known,
	less,
	litres,
	over,
	reckon,
	share,
	times,
	type Estimate,
	type Grams,
	type KgDry,
	type Litres,
	type Share,
	type Term
} from '../units';
import { carbonOf, heapMaterials } from './data/carbon';

/** So much of one stuff on a heap. */
export interface HeapPart {
	readonly composition: Composition;
	readonly measure: Measure;
}

/** What a heap is made of together. */
export interface HeapMix {
	/** Parts of carbon to one of nitrogen. */
	readonly cn: Estimate;
	/** Water, share of the mass. */
	readonly water: Estimate<Share>;
	/** Litres as they are laid, before they sink. */
	readonly volume: Estimate<Litres>;
	/** Litres of what holds air open to all of them. */
	readonly coarse: number;
	readonly dry: Estimate<KgDry>;
	readonly nitrogen: Estimate<Grams>;
	readonly carbon: Estimate<Grams>;
}

/** What a compost heap should have. Source: compost practice, C : N 25–30, 50–60 % water; air by a fifth to a half of coarse stuff. */
export const wanted = Object.freeze({
	cn: { low: 25, high: 30, aim: 28 },
	water: { low: 0.5, high: 0.6, aim: 0.55 },
	coarse: { low: 0.2, high: 0.5 }
});

const off = 0.05;

/** Carbon of so much of a stuff, g. */
function carbonTerm(composition: Composition, brought: ReturnType<typeof brings>): Term {
	const { name, id } = materialOf(composition.material);
	const { ofDry, g_per_L } = carbonOf(id) ?? {};
	const of = (value: number, unit: 'share' | 'g/L') =>
		known(
			`carbon of ${name}`,
			{ value, low: value * (1 - off), high: value * (1 + off) },
			unit,
			'default',
			'Compiled compost tables, ± 5 %'
		);
	if (g_per_L !== undefined)
		return times(earlier(`litres of ${name}`, brought.volume), of(g_per_L, 'g/L'));
	return times(1000, earlier(`dry ${name}`, brought.dry), of(ofDry ?? 0, 'share'));
}

const sumOf = (terms: readonly Term[]): Term =>
	terms.slice(1).reduce((a, b) => added(a, b), terms[0]!);

/**
 * C : N, water, litres and air of a heap. Basis: C and N by mass, as elements; water over the mass as laid.
 * @throws RangeError for a heap of nothing
 * @example mixOf([{ composition: compositionOf('grass'), measure: { kg: kilograms(10) } }]).cn.value // 16.6
 */
export function mixOf(parts: readonly HeapPart[]): HeapMix {
	if (parts.length === 0) throw new RangeError('mixOf: nothing is on the heap');
	const all = parts.map(({ composition, measure }) => {
		const brought = brings(composition, measure);
		const { name } = materialOf(composition.material);
		return {
			brought,
			material: composition.material,
			carbon: carbonTerm(composition, brought),
			nitrogen: earlier(`nitrogen of ${name}`, brought.nitrogen),
			dry: earlier(`dry ${name}`, brought.dry),
			mass: earlier(name, brought.mass),
			volume: earlier(`litres of ${name}`, brought.volume)
		};
	});
	const sum = (of: 'carbon' | 'nitrogen' | 'dry' | 'mass' | 'volume') =>
		sumOf(all.map((one) => one[of]));
	const liquid = (id: MaterialId) => materialOf(id).state === 'liquid';
	const laid = all.filter(({ material }) => !liquid(material));
	const coarse_l = laid
		.filter(({ material }) => carbonOf(material)?.isCoarse)
		.reduce((sum_l, { brought }) => sum_l + brought.volume.value, 0);
	const laid_l = laid.reduce((sum_l, { brought }) => sum_l + brought.volume.value, 0);
	return {
		cn: reckon((value) => value, over(sum('carbon'), sum('nitrogen')), {
			unit: 'times',
			basis: 'carbon to nitrogen, by mass'
		}),
		water: reckon(share, less(1, over(sum('dry'), sum('mass'))), {
			unit: 'share',
			basis: 'water over the mass as laid'
		}),
		// What is poured on fills pores.
		volume: reckon(litres, sumOf((laid.length > 0 ? laid : all).map((one) => one.volume)), {
			unit: 'L',
			basis: 'as laid, before it sinks'
		}),
		coarse: laid_l > 0 ? coarse_l / laid_l : 0,
		dry: reckon(kgDry, sum('dry'), { unit: 'kg', basis: 'dry' }),
		nitrogen: reckon(grams, sum('nitrogen'), { unit: 'g', basis: 'N, all of it' }),
		carbon: reckon(grams, sum('carbon'), { unit: 'g', basis: 'C' })
	};
}

/** What would bring a heap to what it should be. */
export interface Mending {
	readonly what: 'nitrogen' | 'carbon' | 'water' | 'dry' | 'air';
	/** None: plain water. */
	readonly material?: MaterialId;
	/** Litres as laid, or of water. */
	readonly litres: number;
}

/** Beyond so many times the heap itself it is another heap. */
const mostTimes = 2;

/**
 * What to add, of what is at hand, least first: to bring C : N to the middle of what is wanted, then water. What is
 * coarse goes before what is not where air is short.
 */
export function mend(
	parts: readonly HeapPart[],
	atHand: readonly Composition[]
): readonly Mending[] {
	const mix = mixOf(parts);
	const mendings: Mending[] = [];
	const side =
		mix.cn.value > wanted.cn.high ? 'nitrogen' : mix.cn.value < wanted.cn.low ? 'carbon' : null;
	if (side)
		mendings.push(
			...atHand
				.flatMap((composition) => {
					const volume = litresToward(mix, composition);
					const { material } = composition;
					const fits = volume > 0 && volume <= mix.volume.value * mostTimes;
					return fits ? [{ what: side, material, litres: volume } as const] : [];
				})
				.sort((a, b) => airFirst(mix, a) - airFirst(mix, b) || a.litres - b.litres)
				.slice(0, 3)
		);
	if (mix.coarse < wanted.coarse.low && side !== 'carbon') {
		const chips = atHand.find(({ material }) => carbonOf(material)?.isCoarse);
		const short = (wanted.coarse.low - mix.coarse) * mix.volume.value;
		if (chips)
			mendings.push({
				what: 'air',
				material: chips.material,
				litres: short / (1 - wanted.coarse.low)
			});
	}
	return [...mendings, ...waterFor(mix)];
}

const airFirst = (mix: HeapMix, { material }: Mending): number =>
	mix.coarse < wanted.coarse.low && material && carbonOf(material)?.isCoarse ? 0 : 1;

/** Litres of a stuff that bring C : N to the aim: (C + x·c) ÷ (N + x·n) = t. Nought or less: it never does. */
function litresToward({ carbon, nitrogen }: HeapMix, composition: Composition): number {
	const one = brings(composition, { litres: litres(1) });
	const { ofDry, g_per_L } = carbonOf(composition.material) ?? {};
	const c = g_per_L ?? (ofDry ?? 0) * 1000 * one.dry.value;
	const n = one.nitrogen.value;
	const t = wanted.cn.aim;
	return (carbon.value - t * nitrogen.value) / (t * n - c);
}

/** Litres of water that bring it to the aim; of a heap too wet, told as what is over. */
function waterFor({ water, dry }: HeapMix): readonly Mending[] {
	const has = (dry.value * water.value) / (1 - water.value);
	const aim = (dry.value * wanted.water.aim) / (1 - wanted.water.aim);
	if (water.value < wanted.water.low) return [{ what: 'water', litres: aim - has }];
	if (water.value > wanted.water.high) return [{ what: 'dry', litres: has - aim }];
	return [];
}

/** What can go on a heap of what is known by a name. */
export const goesOnHeap = (id: string): id is MaterialId =>
	isMaterial(id) && heapMaterials.includes(id);
