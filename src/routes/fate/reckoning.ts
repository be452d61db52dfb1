import { fatesOf, kits, pileStuffs, pileUses, placed, type Fate, type Kit } from '$lib/core/fate';
import { isMaterial } from '$lib/core/materials';
import type { ParseContext } from '$lib/core/units';
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

/** What a pile is called where something is begun with it. */
const materials: Readonly<Record<string, string>> = {
	'soft-tops': 'greens',
	'leafy-green': 'grass',
	'dry-leaves': 'autumn-leaves',
	'woody-thin': 'wood-chips',
	'woody-thick': 'wood-chips',
	'seedy-weeds': 'weeds',
	'fruit-waste': 'kitchen-scraps',
	straw: 'straw'
};

const heapWays: Readonly<Record<string, string>> = {
	'hot-compost': 'compost',
	'compost-path': 'path',
	'worm-feed': 'worms',
	'leaf-mould': 'leaf-mould'
};

const recipes: Readonly<Record<string, string>> = {
	'sugar-ferment': 'sugar-ferment',
	'steeped-liquor': 'steeped-liquor',
	'long-ferment': 'submerged-ferment'
};

/** Where a way begins, filled in with what is known. */
export function beginPath(
	{ way }: Fate,
	stuff: string,
	litres: number,
	known: ReadonlySet<string>
): string {
	const amount = `${Number(litres.toPrecision(3))} L`;
	const heapWay = heapWays[way.id];
	const material = materials[stuff] ?? '';
	if (heapWay && isMaterial(material))
		return `/heaps/plan?${new URLSearchParams({ heapWay, stuff1: material, part1: amount })}`;
	const recipe = recipes[way.id];
	if (recipe) return known.has(recipe) ? `/brews/plan?recipe=${recipe}` : '/brews/plan';
	return way.id === 'char' ? '/woodyard#form' : '/beds';
}
