import type { SignId } from './data/signs';
import { fewWorms } from './readings';

/** The newest readings of a bed's ground that still tell of it; what was not read is left out. */
export interface GroundRead {
	readonly worms?: number | undefined;
	readonly spade_m?: number | undefined;
	readonly smell?: 'earthy' | 'sour' | 'rotten' | 'none' | undefined;
	readonly stood_h?: number | undefined;
}

/** A spade that stops before this was stopped, m; water that stands so long stands, h. Source: judged. */
export const stops_m = 0.15;
export const stands_h = 4;

/** What readings say as signs: seen, or looked for and not there. */
export function signsOfReadings({ worms, spade_m, smell, stood_h }: GroundRead): {
	readonly seen: readonly SignId[];
	readonly vain: readonly SignId[];
} {
	const told: readonly (readonly [SignId, boolean | undefined])[] = [
		['few-worms', worms === undefined ? undefined : worms < fewWorms],
		['spade-stops', spade_m === undefined ? undefined : spade_m < stops_m],
		['sour-smell', smell === undefined ? undefined : smell === 'sour' || smell === 'rotten'],
		['water-stands', stood_h === undefined ? undefined : stood_h >= stands_h]
	];
	const of = (wanted: boolean) => told.flatMap(([sign, is]) => (is === wanted ? [sign] : []));
	return { seen: of(true), vain: of(false) };
}
