import { feed, light, showsWhite, type Fed } from './feed';
import { step } from './step';
import type { FireState, Hearth, Weather } from './state';

/** How somebody tends a fire, from a moment on. */
export interface Tending {
	/** The next layer, by how full the kiln is. */
	readonly layer: (fill_m: number, area_m2: number) => Fed;
	/** Seconds after white edges at which it is laid on. */
	readonly late_s?: number;
	/** Every so many seconds, whatever the fire shows. */
	readonly every_s?: number;
	/** Filled so far nothing more is laid on, m. */
	readonly full_m: number;
	readonly weather: (at_s: number) => Weather;
}

/** What a fire came to that was tended so. */
export interface Tended {
	readonly state: FireState;
	/** Wood that went in, dry, kg. */
	readonly dry_kg: number;
	readonly water_kg: number;
	/** From layer to layer, s. */
	readonly intervals_s: readonly number[];
	/** Over time: of the zone, K, and of the flames while there were any, m. */
	readonly zone_K: number;
	readonly flame_m: number;
	/** It burnt until the last layer was through. */
	readonly isThrough: boolean;
}

/**
 * A whole fire by a rule of tending.
 * @param tendingAt how it is tended at a moment
 * @param most_s it is given up by then
 */
export function tend(
	hearth: Hearth,
	first: Fed,
	tendingAt: (at_s: number) => Tending,
	{ dt_s = 1, most_s = 9 * 3600 }: { readonly dt_s?: number; readonly most_s?: number } = {}
): Tended {
	let state = light(hearth, first);
	let [dry_kg, water_kg] = [first.dry_kg, first.dry_kg * first.moisture];
	let [waited_s, zoneSum, flameSum, flame_s] = [0, 0, 0, 0];
	let isThrough = false;
	const intervals_s: number[] = [];
	while (state.at_s < most_s && !isThrough) {
		const how = tendingAt(state.at_s);
		state = step(state, hearth, how.weather(state.at_s), dt_s);
		zoneSum += state.zone_K * dt_s;
		flameSum += state.flame_m * dt_s;
		if (state.flame_m > 0) flame_s += dt_s;
		const isWanted =
			how.every_s === undefined ? showsWhite(state, hearth) : state.sinceLayer_s >= how.every_s;
		if (!isWanted) continue;
		if (state.fill_m >= how.full_m) {
			isThrough = true;
			continue;
		}
		waited_s += dt_s;
		if (waited_s <= (how.late_s ?? 0)) continue;
		const fed = how.layer(state.fill_m, hearth.areaAt(state.fill_m));
		intervals_s.push(state.sinceLayer_s);
		dry_kg += fed.dry_kg;
		water_kg += fed.dry_kg * fed.moisture;
		waited_s = 0;
		state = feed(state, hearth, fed);
	}
	return {
		state,
		dry_kg,
		water_kg,
		intervals_s,
		zone_K: zoneSum / state.at_s,
		flame_m: flame_s > 0 ? flameSum / flame_s : 0,
		isThrough
	};
}
