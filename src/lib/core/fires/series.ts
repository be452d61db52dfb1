import { minutes, type Daylight } from '../time';

/** The four looks at a quenched fire, each at its own time of the day. */
export type SlotName = 'half-hour' | 'two-hours' | 'sunset' | 'morning';

export interface Slot {
	readonly name: SlotName;
	/** A check counts for it from here until the next slot begins. */
	readonly at_ms: number;
}

/** When it gets dark and light again around a moment; see `daylightAt`. */
export type LightOf = (at_ms: number) => Daylight;

/** Source: practice of proving a quench: 30 min, 2 h, before dark, next morning. */
export const seriesTimes = Object.freeze({
	halfHour_min: 30,
	twoHours_min: 120,
	/** Slots closer than this are one look. */
	apart_min: 45,
	source: 'Practice: looked at after 30 min, 2 h, at sunset and at first daylight of the next day'
});

/**
 * The slots of a series that starts at a moment: 30 min and 2 h after it, sunset of its day and
 * first daylight of the next. A sunset before the start, or less than 45 min from its neighbour,
 * falls away; of two that close at daybreak the morning stays. In order; the first is always 30 min.
 */
export function seriesFrom(start_ms: number, lightOf: LightOf): readonly Slot[] {
	const { sunset_ms, morning_ms } = lightOf(start_ms);
	const near = (a: number, b: number) => Math.abs(a - b) < minutes(seriesTimes.apart_min);
	const first: Slot = {
		name: 'half-hour',
		at_ms: start_ms + minutes(seriesTimes.halfHour_min)
	};
	const second: Slot = {
		name: 'two-hours',
		at_ms: start_ms + minutes(seriesTimes.twoHours_min)
	};
	const isDue =
		sunset_ms > start_ms && [first, second].every((slot) => !near(slot.at_ms, sunset_ms));
	const later: Slot[] = isDue ? [second, { name: 'sunset', at_ms: sunset_ms }] : [second];
	return [
		first,
		...later
			.filter(({ at_ms }) => at_ms < morning_ms && !near(at_ms, morning_ms))
			.sort((a, b) => a.at_ms - b.at_ms),
		{ name: 'morning', at_ms: Math.max(morning_ms, first.at_ms + minutes(seriesTimes.apart_min)) }
	];
}
