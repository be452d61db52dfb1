import type { RecipeId } from './data/recipe';
import { cultures } from './data/cultures';

export const isCulture = (id: RecipeId): boolean => cultures.some((recipe) => recipe.id === id);

/** A brew as its line sees it. */
export interface Kin {
	readonly code: string;
	readonly recipe: RecipeId;
	readonly name: string;
	readonly at_ms: number;
	/** The brews it was started from. */
	readonly from: readonly string[];
	readonly outcome: 'worked' | 'failed' | 'pending';
	/** A doubtful growth was seen, or somebody marked it. */
	readonly isMarked: boolean;
	/** Litres that are left. */
	readonly left_l: number;
}

export interface Placed extends Kin {
	/** Cultures count from the wild, which is the first; a tea is of the generation of its starter. */
	readonly generation: number;
	/** The first of its line; itself where it was started from none. */
	readonly root: string;
	/** Whose doubt it carries: itself, or one it descends from. */
	readonly doubtedFor: readonly string[];
}

/** Where each brew stands in its line. Kin are looked up by code; a starter that is not among them counts as wild. */
export function placeKin(kin: readonly Kin[]): ReadonlyMap<string, Placed> {
	const byCode = new Map(kin.map((one) => [one.code, one]));
	const placed = new Map<string, Placed>();
	const place = (one: Kin): Placed => {
		const known = placed.get(one.code);
		if (known) return known;
		const parents = one.from.flatMap((code) => {
			const parent = byCode.get(code);
			return parent ? [place(parent)] : [];
		});
		const eldest = parents.reduce<Placed | undefined>(
			(most, parent) => (most && most.generation >= parent.generation ? most : parent),
			undefined
		);
		const doubtedFor = [
			...(one.isMarked ? [one.code] : []),
			...parents.flatMap((parent) => [
				...parent.doubtedFor,
				...(parent.outcome === 'failed' ? [parent.code] : [])
			])
		];
		const found: Placed = {
			...one,
			generation: (eldest?.generation ?? 0) + (isCulture(one.recipe) ? 1 : 0),
			root: eldest?.root ?? one.code,
			doubtedFor: [...new Set(doubtedFor)]
		};
		placed.set(one.code, found);
		return found;
	};
	for (const one of kin) place(one);
	return placed;
}

/** What a line has shown so far. */
export interface Line {
	readonly root: string;
	readonly name: string;
	readonly since_ms: number;
	readonly generations: number;
	readonly worked: number;
	readonly failed: number;
	/** Chance that the next of it works: (worked + 1) / (worked + failed + 2). Source: Laplace's rule of succession. */
	readonly trust: number;
	/** Codes whose doubt rests on what is still there of it. */
	readonly doubted: readonly string[];
	readonly members: readonly Placed[];
}

/** Lines that begin with a culture, the most trusted first. */
export function linesOf(placed: ReadonlyMap<string, Placed>): readonly Line[] {
	const byRoot = new Map<string, Placed[]>();
	for (const one of placed.values()) byRoot.set(one.root, [...(byRoot.get(one.root) ?? []), one]);
	return [...byRoot.entries()]
		.flatMap(([root, members]): Line[] => {
			const first = placed.get(root);
			if (!first || !isCulture(first.recipe)) return [];
			const of = (outcome: Kin['outcome']) =>
				members.filter((one) => one.outcome === outcome).length;
			const [worked, failed] = [of('worked'), of('failed')];
			return [
				{
					root,
					name: first.name,
					since_ms: first.at_ms,
					generations: Math.max(...members.map(({ generation }) => generation)),
					worked,
					failed,
					trust: (worked + 1) / (worked + failed + 2),
					doubted: [
						...new Set(
							members.filter(({ left_l }) => left_l > 0).flatMap(({ doubtedFor }) => doubtedFor)
						)
					],
					members: [...members].sort((a, b) => a.at_ms - b.at_ms)
				}
			];
		})
		.sort((a, b) => b.trust - a.trust || b.since_ms - a.since_ms);
}
