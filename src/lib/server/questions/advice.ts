import {
	faultsIn,
	missingIn,
	readAdvice,
	readingsOf,
	waterAsSold,
	withItsWater,
	type Advice,
	type ChargedSaid,
	type Fault,
	type Here,
	type Missing,
	type Reading,
	type Stuff,
	type WeighedSaid
} from '../../core/advice';
import { densityRange } from '../../core/beds';
import { riseOf } from '../../core/liming';
import { compositionOf, materialOf, type MaterialId } from '../../core/materials';
import type { Range } from '../../core/units';
import type { Books } from '../db/books';
import { dosable } from './beds';
import { bedsInOrder } from './kept-beds';
import { rememberingAlways } from './remember';
import { bedToTreat, type ToTreat } from './targets';

/** A bed to read it for where none is measured yet. */
export const anyBed = Object.freeze({ name: '', area_m2: 10, depth_m: 0.15 });

const materialsOf: Readonly<Record<Exclude<Stuff, 'char'>, MaterialId>> = {
	ash: 'hardwood-ash',
	lime: 'ground-limestone',
	compost: 'finished-compost',
	manure: 'cattle-manure',
	urine: 'urine',
	tea: 'compost-tea',
	'leaf-mould': 'leaf-mould',
	'rock-dust': 'rock-dust'
};

/** What a sentence is read for: a bed, and how heavy the stuff is. */
export interface ReadFor extends Here {
	readonly bed: ToTreat | undefined;
	readonly name: string;
	/** The lot that its weight is taken from, where it is of one. */
	readonly lot?: string;
}

/** A litre of it as it lies, or of its dry matter where it was weighed dry. */
function weightOf(books: Books, { stuff, isDry }: Advice, now_ms: number) {
	if (stuff !== undefined && stuff !== 'char') {
		const { density, water } = compositionOf(materialsOf[stuff]);
		const dry = ({ low, high, value }: Range): Range => ({
			value: value * (1 - water.value),
			low: low * (1 - water.high),
			high: high * (1 - water.low)
		});
		const { low, high, value } = isDry ? dry(density) : density;
		return { kgPerLitre: { value, low, high } };
	}
	const { kgPerLitre, ...of } = charWeight(books, now_ms);
	return {
		kgPerLitre: isDry === false ? withItsWater(kgPerLitre, waterAsSold) : kgPerLitre,
		...of
	};
}

/** Dry char by the litre: of the lot that would go first, else of any. */
function charWeight(books: Books, now_ms: number): { kgPerLitre: Range; lot?: string } {
	const [lot] = dosable(books, now_ms);
	if (!lot)
		return {
			kgPerLitre: { ...densityRange, value: Math.sqrt(densityRange.low * densityRange.high) }
		};
	const { value, low, high } = lot.density;
	return { kgPerLitre: { value, low, high }, lot: lot.code };
}

export function readFor(books: Books, name: string, advice: Advice, now_ms: number): ReadFor {
	const bed = bedToTreat(books, name, now_ms) ?? undefined;
	const measures = Object.fromEntries(
		books.settings.measures().map((one) => [one.name, one.litres])
	);
	return {
		...weightOf(books, advice, now_ms),
		isCharged: advice.stuff === 'char' && advice.isCharged === true,
		bed,
		name: bed?.name ?? '',
		area_m2: bed?.ground.area ?? anyBed.area_m2,
		depth_m: bed?.ground.depth ?? anyBed.depth_m,
		measures
	};
}

export interface AdviceRead {
	readonly advice: Advice;
	readonly here: ReadFor;
	readonly readings: readonly Reading[];
	readonly missing: readonly Missing[];
	readonly faults: readonly Fault[];
	/** How often what the bed with the most char has had, by the square metre; where any has. */
	readonly beside?: { readonly name: string; readonly times: number };
}

/** A sentence as it was heard, and what was said when it was asked for. */
export interface Heard {
	readonly text: string;
	readonly bed: string;
	readonly taken?: number;
	readonly stuff?: Stuff | undefined;
	readonly often?: Advice['often'] | undefined;
	readonly charged?: ChargedSaid | undefined;
	readonly weighed?: WeighedSaid | undefined;
}

/** A sentence for a bed: every way it may be meant, what it leaves open and what speaks against it. */
export function readHeard(
	books: Books,
	{ text, bed, taken = 0, ...open }: Heard,
	now_ms: number
): AdviceRead {
	const advice = completed(readAdvice(text), open);
	const here = readFor(books, bed, advice, now_ms);
	const readings = readingsOf(advice, here);
	const chosen = readings[taken] ?? readings[0];
	const [heaviest] = charOnBeds(books);
	const isChar = advice.stuff === undefined || advice.stuff === 'char';
	return {
		...{ advice, here, readings },
		missing: missingIn(advice),
		faults: faultsIn(advice, readings, { rise: riseBy(advice, here, chosen), taken }),
		...(chosen && heaviest && isChar
			? { beside: { name: heaviest.name, times: chosen.perM2.value / heaviest.perM2 } }
			: {})
	};
}

/** A sentence with what was said when it was asked: its own words go first. */
function completed(
	said: Advice,
	{ stuff, often, charged, weighed }: Omit<Heard, 'text' | 'bed' | 'taken'>
): Advice {
	const asked = {
		...(stuff ? { stuff } : {}),
		...(often ? { often } : {}),
		...(charged ? { isCharged: charged === 'charged' } : {}),
		...(weighed ? { isDry: weighed === 'dry' } : {})
	};
	return { ...asked, ...said };
}

/** What the likeliest rate of ash or lime would lift the pH by, in a season. */
function riseBy({ stuff }: Advice, here: ReadFor, reading: Reading | undefined): Range | undefined {
	if ((stuff !== 'ash' && stuff !== 'lime') || !reading) return undefined;
	const soil = {
		texture: here.bed?.texture ?? 'loam',
		humus: here.bed?.humus ?? 'usual',
		depth: here.depth_m
	} as const;
	const { lime } = compositionOf(materialOf(materialsOf[stuff]).id);
	const grams = (litres: number, kg: number, share: number) => litres * kg * 1000 * share;
	const { perM2 } = reading;
	const { kgPerLitre: kg } = here;
	const rise = riseOf(soil as Parameters<typeof riseOf>[0], {
		value: grams(perM2.value, kg.value, lime.value),
		low: grams(perM2.low, kg.low, lime.low),
		high: grams(perM2.high, kg.high, lime.high)
	});
	return { value: rise.value, low: rise.low, high: rise.high };
}

/** Own records to set it beside: of every bed that had char, litres on a square metre, the most first. */
export const charOnBeds = rememberingAlways((books) =>
	bedsInOrder(books)
		// Pots are deep for their width, and a part is no bed: neither stands beside one.
		.filter(({ char_l, target, within }) => char_l > 0 && target === 'area' && !within)
		.map(({ name, char_l, ground }) => ({ name, perM2: char_l / ground.area }))
		.sort((a, b) => b.perM2 - a.perM2)
);
