import type { Matrix } from 'ml-matrix';
import { chanceOf } from './random';
import { explained, type Given } from './fit';

/** How often what was seen, or more, comes about when nothing but chance parts the values of each block. */
export interface Shuffled {
	readonly p: number;
	/** Every order was tried. */
	readonly isExact: boolean;
	/** How many were tried. */
	readonly orders: number;
	/** The smallest p that so few values can have. */
	readonly least: number;
}

/** Up to so many orders are all tried; of more so many are drawn. */
export const mostOrders = 20_000;
const draws = 9_999;
/** Values looked at in all draws; a large trial has few: its shuffling tells no more, and is waited for. */
const mostLooks = 600_000;
const fewestDraws = 1_999;
const drawsOf = (values: number) =>
	Math.max(fewestDraws, Math.min(draws, Math.floor(mostLooks / values)));

const factorial = (n: number): number => (n < 2 ? 1 : n * factorial(n - 1));
const slack = 1e-9;

/** Values that may change places: those of one block, or all. */
function placesOf(given: readonly Given[], isMoved: (one: Given) => boolean): number[][] {
	const places = new Map<number, number[]>();
	given.forEach((one, i) => {
		if (!isMoved(one)) return;
		const key = one.block ?? -1;
		places.set(key, [...(places.get(key) ?? []), i]);
	});
	return [...places.values()];
}

function permutations(list: readonly number[]): number[][] {
	if (list.length < 2) return [[...list]];
	return list.flatMap((one, i) =>
		permutations([...list.slice(0, i), ...list.slice(i + 1)]).map((rest) => [one, ...rest])
	);
}

/** Every order of the values, block by block. */
function* allOrders(values: readonly number[], places: readonly number[][]): Generator<number[]> {
	const [first, ...others] = places;
	if (!first) {
		yield [...values];
		return;
	}
	for (const order of permutations(first)) {
		const moved = [...values];
		first.forEach((place, i) => (moved[place] = values[order[i] ?? place] ?? 0));
		yield* allOrders(moved, others);
	}
}

/**
 * Orders that only move values within an arm are one; so are, where all arms are of one size in each block, those that
 * only give arms each other's values. No p is smaller.
 */
function leastOf(given: readonly Given[], places: readonly number[][], count: number): number {
	const arms = [...new Set(places.flat().map((place) => given[place]?.arm))];
	const sizes = places.map((block) =>
		arms.map((arm) => block.filter((place) => given[place]?.arm === arm).length)
	);
	const within = sizes.flat().reduce((all, n) => all * factorial(n), 1);
	const isEven = sizes.every((block) => block.every((n) => n === block[0]));
	return Math.min(1, (within * (isEven ? factorial(arms.length) : 1)) / count);
}

/**
 * @param statistic of the values in an order; the more, the further from chance
 * @param seed of the orders drawn where they are too many to try
 */
function shuffle(
	given: readonly Given[],
	isMoved: (one: Given) => boolean,
	statistic: (values: readonly number[]) => number,
	seed: number
): Shuffled {
	const values = given.map(({ value }) => value);
	const places = placesOf(given, isMoved);
	const seen = statistic(values) * (1 - slack) - slack;
	const count = places.reduce((all, { length }) => all * factorial(length), 1);
	const least = leastOf(given, places, count);
	if (count <= mostOrders) {
		let reached = 0;
		for (const order of allOrders(values, places)) if (statistic(order) >= seen) reached += 1;
		return { p: reached / count, isExact: true, orders: count, least };
	}
	const chance = chanceOf(seed);
	let reached = 0;
	const moved = [...values];
	const orders = drawsOf(values.length);
	for (let draw = 0; draw < orders; draw += 1) {
		for (const block of places) {
			const order = chance.shuffled(block);
			block.forEach((place, i) => (moved[place] = values[order[i] ?? place] ?? 0));
		}
		if (statistic(moved) >= seen) reached += 1;
	}
	return {
		p: (reached + 1) / (orders + 1),
		isExact: false,
		orders,
		least: Math.max(least, 1 / (orders + 1))
	};
}

/** Of all arms at once: what is left over within blocks is the same in every order, so what is explained tells. */
export const shuffleAll = (given: readonly Given[], base: Matrix, seed: number): Shuffled =>
	shuffle(
		given,
		() => true,
		(values) => explained(base, values),
		seed
	);

/** Of two arms: only their values change places. @param weights the difference as a weighing of all values */
export const shufflePair = (
	given: readonly Given[],
	[a, b]: readonly [number, number],
	weights: readonly number[],
	seed: number
): Shuffled =>
	shuffle(
		given,
		({ arm }) => arm === a || arm === b,
		(values) => Math.abs(values.reduce((sum, value, i) => sum + value * (weights[i] ?? 0), 0)),
		seed
	);
