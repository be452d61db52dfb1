import {
	fillFor,
	nitrogenToAdd,
	pathGives,
	pathsFor,
	planSoak,
	type HeapMix,
	type HeapSize,
	type SoakPlan
} from '$lib/core/heaps';
import type { Composition } from '$lib/core/materials';
import { factors, type Range } from '$lib/core/units';
import { limits } from '$lib/input/limits';
import { amountIn } from '$lib/input/read-field';
import type { HeapEntry, HeapYard } from './told';

/** A path beside what beds want of it. */
export interface PathReckoned extends ReturnType<typeof pathGives> {
	readonly mulch_m: number;
	/** How deep it is filled for the beds that were named, m, and how many such paths they want. */
	readonly wants?: { readonly area_m2: number; readonly fill_m: Range; readonly paths: number };
}

/** A mulch that beds are given where nobody says other. */
const usualMulch_m = 0.05;
/** What a path gives, and how deep it is filled for what beds want. */
export function pathOf(
	entry: HeapEntry,
	yard: HeapYard,
	size: HeapSize | undefined
): PathReckoned | undefined {
	const filled = amountIn(entry.heapDepth, limits.heap.heapDepth, yard);
	if (entry.heapWay !== 'path' || size?.shape !== 'box' || filled === undefined) return undefined;
	const mulch_m = amountIn(entry.mulchDepth, limits.put.depth, yard) ?? usualMulch_m;
	const typed = amountIn(entry.mulchArea, limits.heap.mulchArea, yard);
	const area_m2 =
		typed === undefined ? undefined : typed * (yard.system === 'us' ? factors.area.squareFoot : 1);
	const path = { length_m: size.length, width_m: size.width, filled_m: filled };
	return {
		...pathGives(path, mulch_m),
		mulch_m,
		...(area_m2 === undefined
			? {}
			: {
					wants: {
						area_m2,
						fill_m: fillFor(path, area_m2, mulch_m),
						paths: pathsFor(path, area_m2, mulch_m)
					}
				})
	};
}

/** What an ash takes up, of the ash and the urine that were named. */
export function soakOf(
	entry: HeapEntry,
	all: readonly {
		readonly isAsh: boolean;
		readonly kg: number;
		readonly material: string;
		readonly litres: number;
	}[]
): SoakPlan | undefined {
	if (entry.heapWay !== 'ash-soak') return undefined;
	const ash_kg = all.filter(({ isAsh }) => isAsh).reduce((sum, { kg }) => sum + kg, 0);
	const poured = all
		.filter(({ material }) => material === 'urine')
		.reduce((sum, one) => sum + one.litres, 0);
	if (ash_kg <= 0) return undefined;
	return planSoak({
		ash_kg,
		urine: entry.urineAge === '' ? 'fresh' : entry.urineAge,
		...(poured > 0 ? { poured_l: poured } : {})
	});
}

/** C : N of cattle manure. Source: 38 % C and 2.1 % N of the dry mass. */
const manureCn = 18;
/** C : N that leaves are brought to where nobody says other. */
export const usualLeafCn = 35;

/** Urine, or manure, that brings leaves to a wanted C : N. */
export function urineFor(
	mix: HeapMix,
	entry: HeapEntry,
	compositionOf: (id: 'urine' | 'cattle-manure') => Composition
) {
	const wanted = Number(entry.wantedCn.replace(',', '.'));
	const target = wanted >= 5 && wanted <= 100 ? wanted : usualLeafCn;
	const need = nitrogenToAdd({
		...{ carbon_g: mix.carbon.value, nitrogen_g: mix.nitrogen.value, target, ofAdded: 0.8 }
	});
	const perLitre = compositionOf('urine').nitrogen.value;
	const manure = compositionOf('cattle-manure').nitrogen.value;
	const byManure = nitrogenToAdd({
		...{ carbon_g: mix.carbon.value, nitrogen_g: mix.nitrogen.value, target, ofAdded: manureCn }
	});
	return {
		...need,
		target,
		litres: need.status === 'add' ? need.nitrogen_g / perLitre : 0,
		/** Of manure instead, kg; none where that never comes there. */
		manure_kg: byManure.status === 'add' ? byManure.nitrogen_g / manure : undefined,
		isNear: byManure.status === 'add' && byManure.isNear
	};
}
