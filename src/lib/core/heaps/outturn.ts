import { dryKg, kgOf, type Contents } from '../ledger';
import type { Range } from '../units';
import { heapWay, type HeapWay } from './data/ways';

/** What a heap will give or gave, shares of what went in. */
export interface Lost {
	readonly dry: Range;
	readonly nitrogen: Range;
	/** Washed out by rain where nothing lay over it. */
	readonly potassium: Range;
}

const span = (low: number, high: number): Range => ({ value: (low + high) / 2, low, high });

/** By its C : N. Source: compost trials: 30–50 % of the nitrogen below 20, 15–30 % to 28, 5–15 % above. */
export function nitrogenLostAt(cn: number): Range {
	if (cn < 20) return span(0.3, 0.5);
	return cn <= 28 ? span(0.15, 0.3) : span(0.05, 0.15);
}

/** Char in a heap saves about a quarter of the nitrogen that would go. Source: composting trials; in some of them nothing. */
const savedByChar = span(0, 0.5);
/** From so much char of the volume on. */
const leastChar = 0.05;

/** What lasts in the rot: coarse stuff goes slower than the rest. A judgement on "less in one season". */
const coarseSpared = 0.5;

/** What goes while it rots. */
export function lostOf(
	way: HeapWay,
	mix: {
		readonly cn: number;
		/** Share of the litres that is coarse. */
		readonly coarse: number;
		/** Share of the litres that is char. */
		readonly char: number;
		readonly isCovered: boolean;
	}
): Lost {
	const facts = heapWay(way);
	const spared = way === 'compost' || way === 'path' ? 1 - coarseSpared * mix.coarse : 1;
	const dry = scaled(facts.dryLost, spared);
	const byCn = way === 'compost' ? nitrogenLostAt(mix.cn) : facts.nitrogenLost;
	const nitrogen =
		mix.char >= leastChar
			? {
					value: byCn.value * (1 - savedByChar.value),
					low: byCn.low * (1 - savedByChar.high),
					high: byCn.high * (1 - savedByChar.low)
				}
			: byCn;
	return { dry, nitrogen, potassium: mix.isCovered ? span(0, 0.02) : span(0.05, 0.2) };
}

const scaled = ({ value, low, high }: Range, by: number): Range => ({
	value: value * by,
	low: low * by,
	high: high * by
});

/** Litres that come out, of those laid. */
export const litresLeft = (way: HeapWay, laid_l: number): Range =>
	scaled(heapWay(way).left, laid_l);

/**
 * Contents of what comes out, kg: what went in less what was lost. Char, ash, phosphorus and lime stay; what is mineral
 * of the nitrogen goes down with it. Closing: what is lost is the rest, to the milligram.
 */
export function outturnOf(
	went: Contents,
	lost: Lost
): { readonly stays: Contents; readonly goes: Contents } {
	const shares: Readonly<Partial<Record<keyof Contents, number>>> = {
		wood: lost.dry.value,
		other: lost.dry.value,
		nitrogen: lost.nitrogen.value,
		'mineral-nitrogen': lost.nitrogen.value,
		potassium: lost.potassium.value
	};
	const entries = Object.entries(went) as [keyof Contents, number][];
	const goes = entries.map(([of, mg]) => [of, Math.round(mg * (shares[of] ?? 0))] as const);
	return {
		goes: Object.fromEntries(goes.filter(([, mg]) => mg > 0)) as Contents,
		stays: Object.fromEntries(
			entries.map(([of, mg], i) => [of, mg - goes[i]![1]] as const).filter(([, mg]) => mg > 0)
		) as Contents
	};
}

/** Nitrogen of what comes out, g per kg of its dry mass, as a range; none of nothing. */
export function richness(went: Contents, lost: Lost): Range | undefined {
	const [n, dry] = [kgOf(went, 'nitrogen'), dryKg(went)];
	const rots = kgOf(went, 'wood') + kgOf(went, 'other');
	if (!(dry > 0)) return undefined;
	const at = (nitrogen: number, gone: number) => (n * (1 - nitrogen) * 1000) / (dry - rots * gone);
	return {
		value: at(lost.nitrogen.value, lost.dry.value),
		low: at(lost.nitrogen.high, lost.dry.low),
		high: at(lost.nitrogen.low, lost.dry.high)
	};
}
