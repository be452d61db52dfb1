import { judge, type Caution } from '$lib/core/cautions';
import { compositionOf, materialOf, readMeasure, type Composition } from '$lib/core/materials';
import {
	analysisOf,
	blendOf,
	blendStuffs,
	mixRules,
	oxide,
	partTraits,
	programOf,
	usualFeed_g,
	type Blend,
	type Candidate,
	type Nutrients,
	type Program
} from '$lib/core/mixes';
import { factors, type Estimate } from '$lib/core/units';
import { rows, laidStuff } from '$lib/input/heaps';
import { limits } from '$lib/input/limits';
import { amountIn } from '$lib/input/read-field';
import type { BlendEntry, BlendStock, BlendYard } from './told';

export interface BlendReckoned {
	readonly blend: Blend;
	/** As it was asked for: oxides or elements. */
	readonly analysis: readonly [Estimate, Estimate, Estimate];
	/** Each part’s share of the mass and of each nutrient. */
	readonly parts: readonly {
		readonly name: string;
		readonly kg: number;
		readonly brings: Nutrients;
	}[];
	readonly own: number;
	readonly cost: number | undefined;
	readonly cautions: readonly Caution[];
	/** Square metres that it dresses at the nitrogen asked for. */
	readonly dresses_m2: number | undefined;
}

interface Chosen {
	readonly id: string;
	readonly name: string;
	readonly composition: Composition;
	readonly lot?: BlendStock | undefined;
}

function chosenBy(chosen: string, yard: BlendYard): Chosen | undefined {
	const stuff = laidStuff(chosen);
	if (!stuff) return undefined;
	if (stuff.stuff !== 'lot') {
		const composition = compositionOf(stuff.stuff, yard.analyses[stuff.stuff] ?? []);
		return { id: stuff.stuff, name: materialOf(stuff.stuff).name, composition };
	}
	const lot = yard.stock.find(({ code }) => code === stuff.lot);
	return (
		lot && { id: lot.code, name: `${lot.code} ${lot.name}`, composition: lot.composition, lot }
	);
}

const shares = ({ nitrogen, phosphorus, potassium }: Blend): Nutrients => [
	nitrogen.value,
	phosphorus.value * oxide.phosphorus,
	potassium.value * oxide.potassium
];

/** What the parts come to; nothing until one can be read. */
export function reckonBlend(entry: BlendEntry, yard: BlendYard): BlendReckoned | undefined {
	const parts = rows.flatMap((row) => {
		const chosen = chosenBy(entry.stuff[row - 1] ?? '', yard);
		const read = readMeasure(entry.part[row - 1] ?? '', yard);
		return chosen && read.status === 'ok' ? [{ ...chosen, measure: read.measure }] : [];
	});
	if (parts.length === 0) return undefined;
	const blend = blendOf(parts);
	if (!(blend.mass.value > 0)) return undefined;
	const each = parts.map((part) => ({ ...part, alone: blendOf([part]) }));
	const own = each.reduce((sum, { lot, alone }) => sum + (lot?.isOwn ? alone.mass.value : 0), 0);
	const prices = each.map(({ lot, composition, alone }) =>
		lot?.isOwn ? 0 : priceOf(yard, composition, lot) * alone.mass.value
	);
	const perArea = perAreaOf(entry, yard);
	return {
		blend,
		analysis: analysisOf(blend, entry.as),
		parts: each.map(({ name, alone }) => ({
			...{ name, kg: alone.mass.value },
			brings: shares(alone)
		})),
		own: own / blend.mass.value,
		cost: prices.some(Number.isNaN) ? undefined : prices.reduce((a, b) => a + b, 0),
		cautions: judge(mixRules, {
			...{ name: 'it', use: 'feed' },
			parts: each.map(({ name, composition, lot, alone }) => ({
				...{ name, share: alone.volume.value / blend.volume.value },
				...partTraits(composition, lot?.soak)
			}))
		}),
		dresses_m2:
			perArea === undefined || blend.first.nitrogen.value <= 0
				? undefined
				: blend.first.nitrogen.value / perArea
	};
}

const priceOf = (yard: BlendYard, { material }: Composition, lot?: BlendStock): number =>
	lot?.price ?? yard.prices[material] ?? NaN;

const read = (typed: string, of: keyof typeof limits.mix, yard: BlendYard) =>
	amountIn(typed, limits.mix[of], yard);

/** Grams of nitrogen on a square metre: typed, or the middle of what the crops of the bed want. */
export function perAreaOf(entry: BlendEntry, yard: BlendYard): number | undefined {
	const typed = read(entry.perArea, 'perArea', yard);
	if (typed !== undefined) return typed;
	const wants = yard.beds.find(({ name }) => name === entry.bed)?.wants_g;
	return wants ? (wants[0] + wants[1]) / 2 : usualFeed_g;
}

export function areaOf(entry: BlendEntry, yard: BlendYard): number | undefined {
	const typed = read(entry.dressed, 'dressed', yard);
	if (typed !== undefined) return typed * (yard.system === 'us' ? factors.area.squareFoot : 1);
	return yard.beds.find(({ name }) => name === entry.bed)?.area_m2;
}

/** What is wanted, as a programme over what is in stock and what one can buy; why not, where it can’t be said. */
export function programFor(entry: BlendEntry, yard: BlendYard): Program | 'ratio' | 'area' {
	const ratio = (['nWanted', 'pWanted', 'kWanted'] as const).map(
		(name) => read(entry[name], name, yard) ?? 0
	);
	const [n = 0, p = 0, k = 0] = ratio;
	if (!(n + p + k > 0)) return 'ratio';
	const area = areaOf(entry, yard);
	if (area === undefined) return 'area';
	// Nitrogen leads; of what has none, the largest of the others stands in its place.
	const lead = n > 0 ? n : Math.max(p, k);
	const grams = area * (perAreaOf(entry, yard) ?? usualFeed_g);
	const by = entry.as === 'oxide' ? { p: 1, k: 1 } : { p: oxide.phosphorus, k: oxide.potassium };
	const wanted: Nutrients = [
		(grams * n) / lead,
		((grams * p) / lead) * by.p,
		((grams * k) / lead) * by.k
	];
	const leastOwn = read(entry.leastOwn, 'leastOwn', yard);
	const mostLime = read(entry.mostLime, 'mostLime', yard);
	const mostSalty = read(entry.mostSalty, 'mostSalty', yard);
	const measure = amountIn(entry.measure, limits.mix.filledWith, yard);
	return programOf(candidatesOf(yard, measure), {
		grams: wanted,
		off: entry.whole ? 0.15 : 0.05,
		isWhole: entry.whole,
		aim: entry.aim,
		...(leastOwn === undefined ? {} : { leastOwn: leastOwn / 100 }),
		...(mostSalty === undefined ? {} : { mostSalty: mostSalty / 100 }),
		...(mostLime === undefined ? {} : { mostLime: mostLime / 100 })
	});
}

/** A measure that is taken where none is named: a litre scoop. */
const usualMeasure_l = 1;
/** Of what no bag has a price. A judgement: all alike, so that the lightest is chosen. */
const unknownPrice = 1;

function candidatesOf(yard: BlendYard, measure_l = usualMeasure_l): readonly Candidate[] {
	const one = (chosen: Chosen, more: Partial<Candidate>): Candidate => {
		const alone = blendOf([{ ...chosen, measure: { kg: 1 as never } }]);
		const { salt } = materialOf(chosen.composition.material);
		return {
			...{ id: chosen.id, name: chosen.name, brings: shares(alone) },
			...{ lime: alone.lime.value, isSalty: salt === 'much', isOwn: false, price: 0 },
			measure_kg: measure_l * chosen.composition.density.value,
			...more
		};
	};
	const inStock = yard.stock.map((lot) =>
		one(
			{ id: lot.code, name: `${lot.code} ${lot.name}`, composition: lot.composition, lot },
			{
				...{ isOwn: lot.isOwn, atHand_kg: lot.left_kg },
				price: lot.isOwn ? 0 : (lot.price ?? yard.prices[lot.composition.material] ?? unknownPrice),
				isGuessed: !lot.isOwn && Number.isNaN(priceOf(yard, lot.composition, lot))
			}
		)
	);
	const toBuy = blendStuffs.flatMap((id) => {
		const composition = compositionOf(id, yard.analyses[id] ?? []);
		if (!materialIsSold(id)) return [];
		return [
			one(
				{ id, name: `${materialOf(id).name}, to buy`, composition },
				{ price: yard.prices[id] ?? unknownPrice, isGuessed: yard.prices[id] === undefined }
			)
		];
	});
	return [...inStock, ...toBuy].filter(({ brings }) => brings.some((share) => share > 0));
}

/** What nobody makes at home. */
const materialIsSold = (id: string): boolean => !['castings', 'finished-compost'].includes(id);
