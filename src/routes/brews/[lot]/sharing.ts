import { limits } from '$lib/input/limits';
import { amountIn } from '$lib/input/read-field';
import { dilutedAs, drenchRate, goesTo } from '$lib/core/brews';
import { litres, type ParseContext } from '$lib/core/units';

export interface Stop {
	readonly bed: string;
	/** L diluted and of the brew in it; undefined where what is typed can't be read. */
	readonly total_l?: number;
	readonly brew_l?: number;
}

export interface Sharing {
	readonly parts: number;
	/** As far as all of it goes, L diluted. */
	readonly goes_l: number;
	readonly stops: readonly Stop[];
	readonly total_l: number;
	readonly needs_l: number;
	/** What is left of the brew; below nought it is short by so much. */
	readonly left_l: number;
}

/** How far a brew goes at a ratio, and what each bed's amount takes of it; undefined until the ratio can be read. */
export function shareOut(
	held_l: number,
	typedParts: string,
	amounts: Readonly<Record<string, string>>,
	context: ParseContext
): Sharing | undefined {
	const parts = amountIn(typedParts, limits.drench.parts, context, 'second');
	if (parts === undefined) return undefined;
	const stops = Object.entries(amounts).flatMap(([bed, typed]): Stop[] => {
		if (typed.trim() === '') return [];
		const read = amountIn(typed, limits.drench.diluted, context);
		if (read === undefined) return [{ bed }];
		const { total, brew } = dilutedAs(litres(read), parts);
		return [{ bed, total_l: total, brew_l: brew }];
	});
	const sum = (of: (stop: Stop) => number | undefined) =>
		stops.reduce((all, stop) => all + (of(stop) ?? 0), 0);
	const needs_l = sum(({ brew_l }) => brew_l);
	return {
		parts,
		goes_l: goesTo(litres(held_l), parts),
		stops,
		total_l: sum(({ total_l }) => total_l),
		needs_l,
		left_l: held_l - needs_l
	};
}

/** What a bed of an area usually drinks, L diluted. */
export const usualDrench = (area_m2: number): number => area_m2 * drenchRate.usual;
