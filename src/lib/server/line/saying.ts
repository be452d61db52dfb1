import type { System } from '../../core/units';
import type { Almanac } from '../../format/dates';

/** What words are chosen by. */
export interface Saying {
	readonly almanac: Almanac;
	readonly system: System | undefined;
}
