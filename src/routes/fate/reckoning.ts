import {
	fatesOf,
	kits,
	pileMaterial,
	pileStuffs,
	pileUses,
	placed,
	type Fate,
	type Kit
} from '$lib/core/fate';
import type { ParseContext } from '$lib/core/units';
import { brewPlanPath } from '$lib/format/paths';
import { limits } from '$lib/input/limits';
import { amountIn } from '$lib/input/read-field';

export interface FateEntry {
	stuff: string;
	amount: string;
	use: string;
	day: string;
	hours: string;
	neighbour: string;
	kit: string[];
	mulched: boolean;
	suspect: boolean;
	/** Litres that go each way, by its id. */
	parts: Record<string, string>;
}

export interface FateReckoned {
	readonly litres: number;
	readonly fates: readonly Fate[];
	readonly sum: ReturnType<typeof placed>;
	readonly parts: Readonly<Record<string, number>>;
}

const oneOf = <T extends string>(all: readonly T[], one: string, usual: T): T =>
	all.find((known) => known === one) ?? usual;

/** Ways of a pile; nothing until one knows how much of it there is. */
export function reckonFate(
	entry: FateEntry,
	context: ParseContext,
	now_ms: number,
	dayAt: (day: string) => number | undefined
): FateReckoned | undefined {
	const litres = amountIn(entry.amount, limits.fate.pile, context);
	if (litres === undefined || litres <= 0) return undefined;
	const fates = fatesOf({
		...{ litres, now_ms, wanted_ms: dayAt(entry.day) },
		stuff: oneOf(pileStuffs, entry.stuff, 'leafy-green'),
		use: oneOf(pileUses, entry.use, 'any'),
		kit: new Set(kits.filter((one): one is Kit => entry.kit.includes(one))),
		hours: amountIn(entry.hours, limits.fate.hours, context),
		neighbour_m: amountIn(entry.neighbour, limits.fate.neighbour, context),
		...{ isMulched: entry.mulched, isSuspect: entry.suspect }
	});
	const parts = Object.fromEntries(
		Object.entries(entry.parts).flatMap(([id, typed]) => {
			const part = amountIn(typed, limits.fate.part, context);
			return part === undefined || part <= 0 ? [] : [[id, part]];
		})
	);
	return { litres, fates, parts, sum: placed(litres, Object.values(parts)) };
}

/** Where a way begins, filled in with what is known. */
export function beginPath({ way }: Fate, stuff: string, litres: number): string {
	const { begins } = way;
	const amount = `${Number(litres.toPrecision(3))} L`;
	if (begins && 'heap' in begins) {
		const material = pileMaterial[oneOf(pileStuffs, stuff, 'leafy-green')];
		const filled = { heapWay: begins.heap, stuff1: material, part1: amount };
		return `/heaps/plan?${new URLSearchParams(filled)}`;
	}
	if (begins) return brewPlanPath(begins.brew);
	return way.gives.includes('char') ? '/woodyard#form' : '/beds';
}
