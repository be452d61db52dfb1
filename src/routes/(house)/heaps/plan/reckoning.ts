import { judge, type Caution } from '$lib/core/cautions';
import {
	carbonOf,
	heapCaseOf,
	heapRules,
	isQuick,
	laidLitres,
	lostOf,
	litresAt,
	litresLeft,
	mend,
	mixOf,
	readyWithin,
	type HeapBefore,
	type HeapMix,
	type HeapPart,
	type HeapSize,
	type Mending,
	type SoakPlan
} from '$lib/core/heaps';
import {
	compositionOf,
	isMaterial,
	materialOf,
	readMeasure,
	type Composition,
	type MaterialId
} from '$lib/core/materials';
import type { Range } from '$lib/core/units';
import { limits } from '$lib/input/limits';
import { laidStuff, rows } from '$lib/input/heaps';
import { amountIn } from '$lib/input/read-field';
import type { HeapEntry, HeapYard } from './told';
import { pathOf, soakOf, urineFor, type PathReckoned } from './special';

export interface HeapReckoned {
	readonly mix: HeapMix | undefined;
	/** Litres as they are carried, and as they then lie. */
	readonly carried_l: number;
	readonly lies: Range;
	readonly gives: Range;
	readonly ready: ReturnType<typeof readyWithin>;
	readonly mendings: readonly Mending[];
	/** Of the nitrogen that goes. */
	readonly lost: Range | undefined;
	readonly size: HeapSize | undefined;
	readonly layers: readonly { readonly material: string; readonly litres: number }[];
	readonly path: PathReckoned | undefined;
	readonly soak: SoakPlan | undefined;
	/** Litres that are poured on. */
	readonly poured_l: number;
	/** Urine that brings leaves to a wanted C : N, L. */
	readonly urine: ReturnType<typeof urineFor> | undefined;
	readonly isFast: boolean;
	/** What speaks against it, as it stands. */
	readonly cautions: readonly Caution[];
}

/** Every line that can be read, as what it is. */
function laidIn(entry: HeapEntry, yard: HeapYard) {
	return rows.flatMap((row) => {
		const typed = entry.part[row - 1]?.trim() ?? '';
		const chosen = laidStuff(entry.stuff[row - 1] ?? '');
		if (typed === '' || !chosen) return [];
		const read = readMeasure(typed, yard);
		if (read.status !== 'ok') return [];
		const lot = chosen.lot ? yard.stock.find(({ code }) => code === chosen.lot) : undefined;
		const composition =
			chosen.stuff === 'lot' ? lot?.composition : compositionNow(yard, chosen.stuff);
		const pours = composition ? isLiquid(composition.material) : (lot?.isLiquid ?? false);
		const density = composition?.density.value ?? 0.2;
		const volume = 'litres' in read.measure ? read.measure.litres : read.measure.kg / density;
		const kg = 'kg' in read.measure ? read.measure.kg : read.measure.litres * density;
		return [
			{
				material: composition?.material ?? (lot?.isChar ? 'char' : 'batch'),
				isLiquid: pours,
				isRich: composition ? ['raw-manure', 'urine'].includes(composition.germs) : false,
				char_l: volume * (lot?.charShare ?? 0),
				composition,
				measure: read.measure,
				litres: volume,
				kg,
				isAsh: lot?.isAsh ?? false
			}
		];
	});
}

const compositionNow = ({ analyses }: HeapYard, id: MaterialId): Composition =>
	compositionOf(id, analyses[id] ?? []);

const isLiquid = (material: string) =>
	isMaterial(material) && materialOf(material).state === 'liquid';

/** What a heap comes to as it is typed; undefined until anything of it can be read. */
export function reckonHeap(
	entry: HeapEntry,
	yard: HeapYard,
	start_ms: number
): HeapReckoned | undefined {
	const all = laidIn(entry, yard);
	if (all.length === 0) return undefined;
	const parts: readonly HeapPart[] = all.flatMap(({ composition, measure, material }) =>
		composition && isMaterial(material) && carbonOf(material) ? [{ composition, measure }] : []
	);
	const mix = parts.length > 0 ? mixOf(parts) : undefined;
	const solid = all.filter((one) => !one.isLiquid);
	const carried_l = solid.reduce((sum, one) => sum + one.litres, 0);
	const size = sizeOf(entry, yard);
	const depth = amountIn(entry.heapDepth, limits.heap.heapDepth, yard);
	const isLeaf = entry.heapWay === 'leaf-mould';
	const stands = size && depth !== undefined ? litresAt(size, depth as never) : undefined;
	const lies: Range =
		stands !== undefined
			? { value: stands, low: stands, high: stands }
			: laidLitres(carried_l, isLeaf ? (entry.shredded ? 'shredded' : entry.laid) : 'loose');
	const left = litresLeft(entry.heapWay, 1);
	const isFast = entry.shredded || all.some(({ material }) => isQuick(material));
	const char_l = all.reduce((sum, one) => sum + one.char_l, 0);
	return {
		mix,
		carried_l,
		lies,
		gives: {
			value: lies.value * left.value,
			low: lies.low * left.low,
			high: lies.high * left.high
		},
		ready: readyWithin(entry.heapWay, start_ms, { isTough: entry.tough, isFast, times: 1 }),
		mendings: mix && entry.heapWay === 'compost' ? mend(parts, atHand(yard)) : [],
		lost:
			mix &&
			lostOf(entry.heapWay, {
				cn: mix.cn.value,
				coarse: mix.coarse,
				char: carried_l > 0 ? char_l / carried_l : 0,
				isCovered: entry.covered
			}).nitrogen,
		size,
		layers: solid.map(({ material, litres: volume }) => ({ material, litres: volume })),
		path: pathOf(entry, yard, size),
		soak: soakOf(entry, all),
		poured_l: all.filter((one) => one.isLiquid).reduce((sum, one) => sum + one.litres, 0),
		urine: isLeaf && mix ? urineFor(mix, entry, (id) => compositionNow(yard, id)) : undefined,
		isFast,
		cautions: judge(heapRules, heapCaseOf(begunOf(entry, size), all))
	};
}

const begunOf = (entry: HeapEntry, size: HeapSize | undefined): HeapBefore => ({
	...{ name: 'it', way: entry.heapWay, size, laid_l: 0, ash_l: 0, char_l: 0 },
	forAcidLovers: entry.acidLovers,
	isStreet: entry.street,
	urine: entry.urineAge === '' ? undefined : entry.urineAge
});

/** What people have lying about. */
const common = ['straw', 'autumn-leaves', 'cardboard', 'wood-chips', 'grass', 'urine'] as const;

const atHand = (yard: HeapYard): readonly Composition[] => [
	...yard.stock.flatMap(({ composition }) =>
		composition && carbonOf(composition.material) ? [composition] : []
	),
	...common.map((id) => compositionNow(yard, id))
];

function sizeOf(entry: HeapEntry, yard: HeapYard): HeapSize | undefined {
	const read = (typed: string, of: 'across' | 'heapLength' | 'heapWidth') =>
		amountIn(typed, limits.heap[of], yard) as never;
	const across = read(entry.across, 'across');
	if (across !== undefined) return { shape: 'ring', across };
	const [length, width] = [
		read(entry.heapLength, 'heapLength'),
		read(entry.heapWidth, 'heapWidth')
	];
	return length !== undefined && width !== undefined ? { shape: 'box', length, width } : undefined;
}
