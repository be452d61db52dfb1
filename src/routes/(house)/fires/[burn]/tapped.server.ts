import {
	courseOf,
	type Course,
	recordOf,
	sumsOf,
	type CourseSums,
	type PaceStart,
	type Tap
} from '$lib/core/tending';
import { typedAmount } from '$lib/format/figure';
import type { Reading } from '$lib/input/form';
import type { Books } from '$lib/server/db/books';
import type { Burn } from '$lib/server/db/burns';
import type { Vessel } from '$lib/server/db/vessels';
import { newestResults, outcomeOf } from '$lib/server/questions/own';
import { behindOf, tapsOf } from '$lib/server/questions/tending';

/** The course of a fire for its page. */
export interface TappedFire {
	readonly taps: readonly Tap[];
	readonly lit_ms: number;
	readonly end_ms: number;
	readonly start: PaceStart;
	readonly sums: CourseSums;
	readonly best?: { readonly code: string; readonly massYield: number; readonly sums: CourseSums };
}

export function tappedOf(
	books: Books,
	burn: Burn,
	vessel: Vessel,
	now_ms: number
): TappedFire | undefined {
	if (!burn.lit) return undefined;
	const taps = tapsOf(books, burn.id);
	if (taps.length === 0) return undefined;
	const { start, hose_l_min, way } = behindOf(books, burn, vessel);
	const lit_ms = burn.lit.litAt_ms;
	const end_ms = endOf(burn, taps, now_ms);
	const best = bestOf(books, burn, way, start, hose_l_min);
	return {
		taps,
		lit_ms,
		end_ms,
		start,
		sums: sumsOf(courseOf(taps, lit_ms), start, hose_l_min, end_ms),
		...(best ? { best } : {})
	};
}

/** While it burns up to now; afterwards to its quench, or what was tapped last. */
const endOf = ({ record, lit }: Burn, taps: readonly Tap[], now_ms: number): number =>
	record?.quenchedAt_ms ??
	lit?.quenched?.at_ms ??
	lit?.gaveUp_ms ??
	Math.max(now_ms, ...taps.map(({ at_ms }) => at_ms));

/** Of one's other fires of that way that were tapped, the one that gave most of its wood. */
function bestOf(
	books: Books,
	than: Burn,
	way: Parameters<typeof newestResults>[1],
	start: PaceStart,
	hose_l_min: number | undefined
): TappedFire['best'] {
	const others = newestResults(books, way)
		.filter(({ code }) => code !== than.code)
		.map((result) => ({ code: result.code, massYield: outcomeOf(result).massYield }))
		.sort((a, b) => b.massYield - a.massYield);
	for (const { code, massYield } of others) {
		const burn = books.burns.maybeOne(code);
		const taps = burn?.lit ? tapsOf(books, burn.id) : [];
		if (!burn?.lit || taps.length === 0) continue;
		const end_ms = endOf(burn, taps, burn.lit.litAt_ms);
		const course = courseOf(taps, burn.lit.litAt_ms);
		return { code, massYield, sums: sumsOf(course, start, hose_l_min, end_ms) };
	}
	return undefined;
}

/** What was skimmed into a pail in all. */
const litresOf = ({ layers }: Course): number =>
	layers.reduce((sum, { litres = 0 }) => sum + litres, 0);

/**
 * The fields of its record as far as taps fill them, in the grower's units. When it was lit and quenched stays as it was
 * tapped, to the second, unless something else is typed.
 */
export function knownFromTaps(
	books: Books,
	burn: Burn,
	way: Vessel['usedFor'],
	{ system, now_ms }: Reading
): Readonly<Record<string, string>> {
	if (!burn.lit) return {};
	const end_ms = burn.lit.quenched?.at_ms ?? now_ms;
	const course = courseOf(tapsOf(books, burn.id), burn.lit.litAt_ms);
	const skimmed = burn.lit && way === 'stove' ? litresOf(course) : 0;
	const { told, smoke_min, water_l } = recordOf(course, books.burns.hoseRate(), end_ms);
	return {
		...(told.layers === undefined ? {} : { layers: String(told.layers) }),
		...(told.hottest
			? {
					hottest: typedAmount(told.hottest.c, '°C', system),
					hottestBy: told.hottest.by
				}
			: {}),
		...(told.people ? { people: told.people } : {}),
		...(told.troubles ? { troubles: told.troubles.join('\n') } : {}),
		...(smoke_min === undefined ? {} : { smoke: String(smoke_min) }),
		...(water_l === undefined ? {} : { water: typedAmount(water_l, 'L', system) }),
		...(burn.lit.wood.class ? { woodClass: burn.lit.wood.class } : {}),
		...(skimmed > 0 ? { char: typedAmount(skimmed, 'L', system), measuredBy: 'litres' } : {}),
		...(course.depth
			? { depth: typedAmount(course.depth.depth_m * 100, 'cm', system), measuredBy: 'depth' }
			: {})
	};
}
