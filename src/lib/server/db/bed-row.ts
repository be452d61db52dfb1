import { z } from 'zod';
import {
	charShareOf,
	factsOn,
	groundOf,
	shareOfWhole,
	soilVolume,
	type BedTraits,
	type Crop,
	type Drainage,
	type Ground,
	type Humus,
	type PartSoil,
	type PlaceWithin,
	type Span,
	type Target,
	type TargetFact,
	type TargetFacts,
	type Texture
} from '../../core/beds';
import { cropNamed, wantsOf } from '../../core/crops';
import { metres, type Range } from '../../core/units';
import { readFound } from './finding-kinds';
import { jsonOf } from './json';

/** Whose part a bed is, and where in it. */
export interface Within {
	readonly bedId: number;
	readonly name: string;
	readonly place: PlaceWithin;
}

export interface Bed extends BedTraits {
	readonly id: number;
	readonly name: string;
	readonly actId: string;
	readonly length_m: number;
	readonly width_m: number;
	/** An area, pots, trees or a path, and how many of them. */
	readonly target: Target;
	readonly pieces: number;
	readonly ground: Ground;
	readonly crop: string;
	readonly crops: readonly Crop[];
	readonly groundCover?: string;
	readonly eatenRaw: boolean;
	readonly within?: Within;
	/** Its parts, with the days on which each was left untreated. */
	readonly parts: readonly (PartSoil & { readonly name: string })[];
	/** Litres of char put on so far, at each lot's own share when spread, with its doubt. */
	readonly char_l: number;
	readonly char: Range;
	/** When its first char went on; null before any. */
	readonly firstChar_ms: number | null;
	readonly measuredAt_ms: number;
}

/** Char of one lot on a target: litres, and how far off they may be each way. */
export interface CharOfLot {
	readonly lotId: number;
	readonly day: string;
	readonly at_ms: number;
	readonly char_l: number;
	readonly down: number;
	readonly up: number;
}

export interface BedRow {
	id: number;
	name: string;
	act_id: string;
	target: Target;
	pieces: number;
	length_m: number;
	width_m: number;
	depth_m: number;
	texture: Texture | null;
	drainage: Drainage | null;
	humus: Humus | null;
	within_id: number | null;
	along_m: number | null;
	across_m: number | null;
	pieces_before: number | null;
	facts_json: string;
	parts_json: string;
	char_l: number;
	down2: number;
	up2: number;
	first_char_ms: number | null;
	happened_at_ms: number;
}

const span = { firstDay: z.string().nullable(), lastDay: z.string().nullable() };
const readFacts = jsonOf<(Omit<TargetFact, 'found'> & { readonly found: string })[]>(
	z.array(z.looseObject({ what: z.string(), found: z.string(), way: z.string(), ...span }))
);
const readParts = jsonOf<PartRow[]>(
	z.array(
		z.looseObject({
			id: z.number(),
			name: z.string(),
			target: z.string(),
			length: z.number(),
			width: z.number(),
			depth: z.number(),
			pieces: z.number(),
			untreated: z.array(z.looseObject(span))
		})
	)
);
interface PartRow {
	readonly id: number;
	readonly name: string;
	readonly target: Target;
	readonly length: number;
	readonly width: number;
	readonly depth: number;
	readonly pieces: number;
	readonly untreated: readonly Span[];
}

/** After all that is in the books: what has no last day holds. */
export const atLast = '9999-12-31';

const factsOf = (json: string, day: string, whole?: Bed): TargetFacts =>
	factsOn(
		readFacts(json).map((row) => ({ ...row, found: readFound(row.what, row.found) }) as TargetFact),
		day,
		whole
	);

const groundIn = (row: PartRow): Ground =>
	groundOf({
		target: row.target,
		pieces: row.pieces,
		length: metres(row.length),
		width: metres(row.width),
		depth: metres(row.depth)
	});

function placeIn(row: BedRow): PlaceWithin {
	if (row.pieces_before !== null) return { piecesBefore: row.pieces_before, pieces: row.pieces };
	if (row.along_m === null) return { scattered: row.pieces };
	return {
		along: metres(row.along_m),
		across: metres(row.across_m ?? 0),
		length: metres(row.length_m),
		width: metres(row.width_m)
	};
}

/**
 * A target as it stands on a day.
 * @param whole the target it is a part of, and what went onto that by lot
 */
export function toBed(
	row: BedRow,
	day: string,
	whole?: { readonly bed: Bed; readonly had: readonly CharOfLot[] }
): Bed {
	const ground = groundIn({
		...row,
		...{ length: row.length_m, width: row.width_m, depth: row.depth_m },
		untreated: []
	});
	const parts = readParts(row.parts_json).map((part) => ({
		id: part.id,
		name: part.name,
		soil: soilVolume(groundIn(part)),
		untreated: part.untreated
	}));
	const facts = factsOf(row.facts_json, day, whole?.bed);
	const now = facts.crops.filter(({ when }) => when === 'now');
	const char = charOn(row, whole);
	// The grower's word and what is known of the crops: the stricter counts.
	const wants = wantsOf(facts.crops.map(asGrowing));
	return {
		id: row.id,
		name: row.name,
		actId: row.act_id,
		length_m: row.length_m,
		width_m: row.width_m,
		target: row.target,
		pieces: row.pieces,
		ground,
		texture: row.texture ?? whole?.bed.texture ?? 'loam',
		drainage: row.drainage ?? whole?.bed.drainage ?? 'even',
		humus: row.humus ?? whole?.bed.humus ?? 'usual',
		cropKind: now[0]?.kind ?? 'mixed',
		...(facts.ph === undefined ? {} : { ph: facts.ph }),
		...(facts.groundCover === undefined ? {} : { groundCover: facts.groundCover }),
		...(facts.seep_mm_h === undefined ? {} : { seep_mm_h: facts.seep_mm_h }),
		acidLover: (facts.acidLover ?? false) || wants.acidLover,
		eatenRaw: (facts.eatenRaw ?? false) || wantsOf(now.map(asGrowing)).raw !== 'none',
		crop: now
			.map(({ name }) => name)
			.filter(Boolean)
			.join(', '),
		crops: facts.crops,
		...(row.within_id === null || !whole
			? {}
			: { within: { bedId: row.within_id, name: whole.bed.name, place: placeIn(row) } }),
		parts,
		char_l: char.char_l,
		char: {
			value: char.char_l,
			low: Math.max(0, char.char_l - Math.sqrt(char.down2)),
			high: char.char_l + Math.sqrt(char.up2)
		},
		firstChar_ms: char.first_char_ms,
		share: charShareOf(char.char_l, ground),
		measuredAt_ms: row.happened_at_ms
	};
}

const asGrowing = ({ name, share }: Crop) => ({ name, share, row: cropNamed(name) });

type CharSums = Pick<BedRow, 'char_l' | 'down2' | 'up2' | 'first_char_ms'>;

/** What was put on it, and of what its whole had the share that fell to it, lot by lot. */
function charOn(
	row: BedRow,
	whole?: { readonly bed: Bed; readonly had: readonly CharOfLot[] }
): CharSums {
	const part = whole?.bed.parts.find(({ id }) => id === row.id);
	if (!whole || !part) return row;
	const fell = whole.had.map((one) => ({
		...one,
		share: shareOfWhole(part, whole.bed.ground, whole.bed.parts, one.day)
	}));
	const byLot = new Map<number, { down: number; up: number }>();
	for (const { lotId, down, up, share } of fell) {
		const known = byLot.get(lotId) ?? { down: 0, up: 0 };
		byLot.set(lotId, { down: known.down + down * share, up: known.up + up * share });
	}
	const sum = (of: (one: (typeof fell)[number]) => number) =>
		fell.reduce((total, one) => total + of(one), 0);
	const squares = (which: 'down' | 'up') =>
		[...byLot.values()].reduce((total, one) => total + one[which] ** 2, 0);
	const moments = [
		...(row.first_char_ms === null ? [] : [row.first_char_ms]),
		...fell.flatMap(({ at_ms, char_l, share }) => (char_l * share > 0 ? [at_ms] : []))
	];
	return {
		char_l: row.char_l + sum(({ char_l, share }) => char_l * share),
		down2: row.down2 + squares('down'),
		up2: row.up2 + squares('up'),
		first_char_ms: moments.length > 0 ? Math.min(...moments) : null
	};
}
