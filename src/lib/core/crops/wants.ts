import { nameKey } from '../units';
import { hungers, type CropRow, type Hunger, type RawPart } from './data/crop-row';
import { crops } from './data/crops';

/** A crop on a bed: its row where one is known, and its share of the ground, 0 … 1. */
export interface Growing {
	readonly name: string;
	readonly row?: CropRow | undefined;
	readonly share: number;
}

/** @throws RangeError for a crop that is in no table */
export function cropById(id: string, own: readonly CropRow[] = []): CropRow {
	const known = [...own, ...crops].find((crop) => crop.id === id);
	if (!known) throw new RangeError(`cropById: "${id}" is no crop`);
	return known;
}

/**
 * The row that a crop is meant by, in whatever words: "early carrots" is carrot. The grower's own rows go
 * before the table; a name that holds several is the one it says first.
 */
export function cropNamed(words: string, own: readonly CropRow[] = []): CropRow | undefined {
	const said = nameKey(words);
	const found = [...own, ...crops].flatMap((row, order) =>
		namesOf(row).flatMap((name) => {
			const at = name.exec(said)?.index;
			return at === undefined ? [] : [{ row, at, order }];
		})
	);
	return found.sort((a, b) => a.order - b.order || a.at - b.at).sort((a, b) => a.at - b.at)[0]?.row;
}

/** Asked of every crop of every bed: what a row goes by is made out one time. */
const namesKnown = new WeakMap<CropRow, readonly RegExp[]>();

function namesOf(row: CropRow): readonly RegExp[] {
	const known = namesKnown.get(row);
	if (known) return known;
	const made = row.names.map((name) => new RegExp(`\\b${plain(name)}(?:e?s)?\\b`, 'u'));
	namesKnown.set(row, made);
	return made;
}

const plain = (name: string) => nameKey(name).replace(/[.*+?^${}()|[\]\\]/g, '\\$&');

/** What the crops of a bed want together. */
export interface CropWants {
	/** Where their likings overlap; none where they do not, or nothing is known. */
	readonly ph?: readonly [low: number, high: number];
	/** Nitrogen of a season by their shares, g/m²; none where no crop is known. */
	readonly nitrogen?: readonly [low: number, high: number];
	readonly hunger?: Hunger;
	/** The strictest of them. */
	readonly raw: RawPart;
	readonly acidLover: boolean;
	readonly scab: boolean;
	readonly saltShy: boolean;
	readonly families: readonly string[];
}

const strictness: readonly RawPart[] = ['none', 'off-soil', 'touches', 'in-soil'];

/** Hunger by share, everything that forbids by the strictest of them. */
export function wantsOf(growing: readonly Growing[]): CropWants {
	const rows = growing.flatMap(({ row }) => row ?? []);
	const ph = overlapOf(rows.map((row) => row.ph));
	const known = growing.filter(({ row, share }) => row && share > 0);
	const all = known.reduce((sum, { share }) => sum + share, 0);
	const wanted = (end: 0 | 1) =>
		known.reduce((sum, { row, share }) => sum + (hungers[row!.hunger][end] * share) / all, 0);
	const nitrogen = all > 0 ? ([wanted(0), wanted(1)] as const) : undefined;
	return {
		...(ph ? { ph } : {}),
		...(nitrogen ? { nitrogen, hunger: hungerOf(nitrogen) } : {}),
		raw: strictness.findLast((raw) => rows.some((row) => row.raw === raw)) ?? 'none',
		acidLover: rows.some(({ acidLover }) => acidLover),
		scab: rows.some(({ scab }) => scab),
		saltShy: rows.some(({ saltShy }) => saltShy),
		families: [...new Set(rows.map(({ family }) => family))]
	};
}

/** The class whose middle is nearest. */
function hungerOf([low, high]: readonly [number, number]): Hunger {
	const middle = (low + high) / 2;
	const far = (hunger: Hunger) => Math.abs((hungers[hunger][0] + hungers[hunger][1]) / 2 - middle);
	return (['light', 'medium', 'heavy'] as const).reduce((best, one) =>
		far(one) < far(best) ? one : best
	);
}

function overlapOf(
	likings: readonly (readonly [number, number])[]
): readonly [low: number, high: number] | undefined {
	if (likings.length === 0) return undefined;
	const low = Math.max(...likings.map(([from]) => from));
	const high = Math.min(...likings.map(([, to]) => to));
	return low <= high ? [low, high] : undefined;
}

/** Never sweetened beyond, whatever likes it sweeter. */
export const sweetest = 7.0;
/** Where nothing is known of what grows. */
export const usualTarget = 6.5;

/**
 * The pH a bed should come to: the middle of where the likings of the crops now and next overlap, of the next
 * crop alone where they do not; none for acid lovers.
 * Source: gates for wood ash; most vegetables and many dye plants sit well at 6.0–7.0.
 * @example targetOf({ now: [woad], next: [] }) // 6.75
 */
export function targetOf(of: {
	readonly now: readonly Growing[];
	readonly next: readonly Growing[];
}): number | undefined {
	const both = wantsOf([...of.now, ...of.next]);
	if (both.acidLover) return undefined;
	const liking = both.ph ?? wantsOf(of.next).ph ?? wantsOf(of.now).ph;
	return Math.min(sweetest, liking ? (liking[0] + liking[1]) / 2 : usualTarget);
}
