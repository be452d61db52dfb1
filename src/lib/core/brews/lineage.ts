import { carried, handedDown, type TimedFlow } from '../ledger';
import type { RecipeId } from './data/recipe';
import { cultures } from './data/cultures';

export const isCulture = (id: RecipeId): boolean => cultures.some((recipe) => recipe.id === id);

/** A brew as its line sees it. */
export interface Kin {
	readonly code: string;
	readonly recipe: RecipeId;
	readonly name: string;
	readonly at_ms: number;
	/** The brews that went into it: those it was started from, and what it was fed with. */
	readonly from: readonly string[];
	readonly outcome: 'worked' | 'failed' | 'pending';
	/** A doubtful growth was seen, or somebody marked it. */
	readonly isMarked: boolean;
	/** Litres that are left. */
	readonly left_l: number;
}

export interface KinPlaced extends Kin {
	/** Cultures count from the wild, which is the first; a tea is of the generation of its starter. */
	readonly generation: number;
	/** The first of its line; itself where it was started from none. */
	readonly root: string;
	/** Whose doubt it carries: itself, or one it descends from. */
	readonly doubtedFor: readonly string[];
}

/** What a brew is by what went into it so far. */
interface Descent {
	readonly generation: number;
	readonly root: string;
	readonly ancestors: ReadonlySet<string>;
	/** Those of what went in that did not come of itself: the line above it. */
	readonly from: readonly string[];
}

/** Where no more is known than what each was started from, it was that when it was set going. */
const startsOf = (kin: readonly Kin[]): readonly TimedFlow[] =>
	kin.flatMap(({ code, from, at_ms }, seq) =>
		from.map((giver) => ({ from: giver, to: code, act: code, at_ms, seq }))
	);

/**
 * Where each brew stands in its line, in the order of time: a starter that is not among the kin counts as wild, and
 * feeding a culture from itself or from what came of it makes it no older, yet its doubt comes back with it.
 * @param flows what went from brew to brew, with its moments
 */
export function placeKin(
	kin: readonly Kin[],
	flows: readonly TimedFlow[] = startsOf(kin)
): ReadonlyMap<string, KinPlaced> {
	const byCode = new Map(kin.map((one) => [one.code, one]));
	const between = flows.filter(({ from, to }) => byCode.has(from) && byCode.has(to));
	const step = ({ recipe }: Kin) => (isCulture(recipe) ? 1 : 0);
	const wild = new Map(
		kin.map((one): [string, Descent] => [
			one.code,
			{ generation: step(one), root: one.code, ancestors: new Set(), from: [] }
		])
	);
	const placed = carried(between, wild, (giver, taker, { from, to }) => {
		const one = byCode.get(to);
		if (!taker || !one || from === to || giver.ancestors.has(to)) return taker;
		const generation = giver.generation + step(one);
		const isElder = taker.from.length === 0 || generation > taker.generation;
		return {
			generation: isElder ? generation : taker.generation,
			root: isElder ? giver.root : taker.root,
			ancestors: new Set([...taker.ancestors, ...giver.ancestors, from]),
			from: [...new Set([...taker.from, from])]
		};
	});
	const doubts = handedDown(
		between,
		new Map(
			kin
				.filter(({ isMarked, outcome }) => isMarked || outcome === 'failed')
				.map(({ code }) => [code, [code]])
		)
	);
	const age = new Map(kin.map(({ code }, i) => [code, i]));
	return new Map(
		kin.map((one) => {
			const { generation, root, from } = placed.get(one.code)!;
			// That it failed is said of it already, and doubts what came of it.
			const doubtedFor = [...(doubts.get(one.code) ?? [])]
				.filter((code) => code !== one.code || one.isMarked)
				.sort((a, b) => (age.get(a) ?? 0) - (age.get(b) ?? 0));
			return [one.code, { ...one, from, generation, root, doubtedFor }];
		})
	);
}

/** What a line has shown so far. */
export interface CultureLine {
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
	readonly members: readonly KinPlaced[];
}

/** Lines that begin with a culture, the most trusted first. */
export function linesOf(placed: ReadonlyMap<string, KinPlaced>): readonly CultureLine[] {
	const byRoot = new Map<string, KinPlaced[]>();
	for (const one of placed.values()) byRoot.set(one.root, [...(byRoot.get(one.root) ?? []), one]);
	return [...byRoot.entries()]
		.flatMap(([root, members]): CultureLine[] => {
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

/** A brew as a drawing of its line shows it. */
export type Leaf = Pick<
	KinPlaced,
	'code' | 'name' | 'generation' | 'from' | 'at_ms' | 'outcome' | 'isMarked' | 'left_l'
>;

/** The newest of a line, with the one that is asked about; and how many stand before them. */
export function lately(
	members: readonly KinPlaced[],
	most: number,
	here = ''
): { readonly leaves: readonly Leaf[]; readonly earlier: number } {
	const newest = [...members].sort((a, b) => b.at_ms - a.at_ms);
	const kept = newest.filter(({ code }, i) => i < most || code === here);
	return {
		leaves: kept.map(({ code, name, generation, from, at_ms, outcome, isMarked, left_l }) => ({
			...{ code, name, generation, from, at_ms, outcome, isMarked, left_l }
		})),
		earlier: members.length - kept.length
	};
}
