import { belowWater, type PhIn } from '../liming';
import { cropsOf } from './growing';
import { infiltration } from './seep';
import type { CropKind } from './want';
import type { Crop, TargetFact } from './told-of';
import { holdsOn } from './within';

/** What of a target's facts may be asked. */
export const factNames = [
	'crop',
	'sown',
	'cleared',
	'acid-lover',
	'eaten-raw',
	'ph',
	'ground-cover',
	'seep'
] as const;

/** What is said of a target at once, as one crop and what it bears. */
export interface FactsSaid {
	readonly crop: string;
	readonly cropKind: CropKind;
	readonly acidLover: boolean;
	readonly eatenRaw: boolean;
	readonly ph: number | null;
}

/** What of it says something new against what is known; of a target that is new, what is so. */
export function newFacts(
	{ crop, cropKind, acidLover, eatenRaw, ph }: FactsSaid,
	known?: Pick<TargetFacts, 'acidLover' | 'eatenRaw' | 'ph'> & Pick<FactsSaid, 'crop' | 'cropKind'>
): readonly Pick<TargetFact, 'what' | 'found'>[] {
	const grows = { name: crop, kind: cropKind, share: 1, when: 'now' } as const;
	const all: readonly (Pick<TargetFact, 'what' | 'found'> & { readonly isNew: boolean })[] = [
		{
			what: 'crop',
			found: grows,
			isNew: known?.crop !== crop || known.cropKind !== cropKind
		},
		{
			what: 'acid-lover',
			found: { is: acidLover },
			isNew: (known?.acidLover ?? false) !== acidLover
		},
		{ what: 'eaten-raw', found: { is: eatenRaw }, isNew: (known?.eatenRaw ?? false) !== eatenRaw },
		{ what: 'ph', found: { ph }, isNew: (known?.ph ?? null) !== ph }
	];
	return all.filter(({ isNew }) => isNew).map(({ what, found }) => ({ what, found }));
}

/** What holds of a target on a day. */
export interface TargetFacts {
	readonly crops: readonly Crop[];
	readonly acidLover?: boolean;
	readonly eatenRaw?: boolean;
	readonly ph?: number;
	readonly groundCover?: string;
	/** How fast its ground drinks, mm/h: by the newest ring, a second run before a first. */
	readonly seep_mm_h?: number;
}

/**
 * What holds of a target on a day. Of each way in which something is known the newest counts; between ways the
 * stricter does: acid lovers and food eaten raw if any says so, of several pH the highest, since the caution it
 * decides is that no more lime goes on. What a part lacks is its whole's.
 * @param facts of the target, in any order; `seq` is the order of entry
 * @param whole what holds of the target it is a part of
 */
export function factsOn(
	facts: readonly TargetFact[],
	day: string,
	whole?: TargetFacts
): TargetFacts {
	const held = facts.filter((fact) => holdsOn(fact, day));
	const crops = cropsOf(held);
	const said = <W extends TargetFact['what']>(what: W) =>
		newestOfEachWay(
			held.filter((fact): fact is Extract<TargetFact, { what: W }> => fact.what === what)
		);
	const flags = (what: 'acid-lover' | 'eaten-raw') =>
		said(what).map(({ found }) => found as { is: boolean });
	const anySays = (all: readonly { readonly is: boolean }[]) =>
		all.length > 0 ? all.some(({ is }) => is) : undefined;
	const read = said('ph').flatMap(({ found }) => {
		const { ph, in: stirredIn } = found as { ph: number | null; in?: PhIn };
		return ph === null ? [] : [stirredIn === 'cacl2' ? ph + belowWater.value : ph];
	});
	const covers = said('ground-cover').sort((a, b) => b.seq - a.seq);
	const acidLover = anySays(flags('acid-lover')) ?? whole?.acidLover;
	const eatenRaw = anySays(flags('eaten-raw')) ?? whole?.eatenRaw;
	const ph = read.length > 0 ? Math.max(...read) : whole?.ph;
	const groundCover =
		(covers[0]?.found as { words: string } | undefined)?.words ?? whole?.groundCover;
	const seep_mm_h = seepIn(held) ?? whole?.seep_mm_h;
	return {
		crops: crops.length > 0 ? crops : (whole?.crops ?? []),
		...(acidLover === undefined ? {} : { acidLover }),
		...(eatenRaw === undefined ? {} : { eatenRaw }),
		...(ph === undefined ? {} : { ph }),
		...(groundCover === undefined ? {} : { groundCover }),
		...(seep_mm_h === undefined ? {} : { seep_mm_h })
	};
}

/** Dry ground drinks the first run: where any second was read, the newest of those tells. */
function seepIn(facts: readonly TargetFact[]): number | undefined {
	const rings = facts
		.flatMap((fact) => (fact.what === 'seep' ? [fact] : []))
		.sort((a, b) => b.seq - a.seq);
	const [ring] = [...rings.filter(({ found }) => found.run !== 'first'), ...rings];
	return ring && infiltration(ring.found.water_l, ring.found.minutes, ring.found.ring_m);
}

function newestOfEachWay<F extends { readonly way: string; readonly seq: number }>(
	facts: readonly F[]
): F[] {
	const byWay = new Map<string, F>();
	for (const fact of facts) {
		const known = byWay.get(fact.way);
		if (!known || fact.seq >= known.seq) byWay.set(fact.way, fact);
	}
	return [...byWay.values()];
}
