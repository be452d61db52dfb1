import type { CauseId } from './causes';

export interface ChangeRow {
	/** When it is looked at again. */
	readonly days: number;
	/** Hands-on minutes for a bed, by which of two that both help is the cheaper. */
	readonly minutes: number;
	readonly helps: readonly CauseId[];
}

/** About a growing season, until a change in the soil shows. */
const season_days = 120;

/** One change for a cause. Source: judged. */
export const changes = Object.freeze({
	'water-and-cover': { days: 10, minutes: 40, helps: ['dried-out'] },
	'feed-nitrogen': { days: 10, minutes: 15, helps: ['nitrogen', 'raw-char'] },
	'give-potash': { days: 21, minutes: 15, helps: ['potash'] },
	'spray-magnesium': { days: 10, minutes: 10, helps: ['magnesium'] },
	'warmth-and-time': { days: 21, minutes: 5, helps: ['phosphorus'] },
	'no-more-ash': { days: season_days, minutes: 30, helps: ['over-limed'] },
	'lime-by-verdict': { days: 42, minutes: 30, helps: ['sour'] },
	leach: { days: 7, minutes: 45, helps: ['salt'] },
	'take-it-off': { days: season_days, minutes: 90, helps: ['residue'] },
	'open-drainage': { days: 21, minutes: 120, helps: ['waterlogged'] },
	'fork-and-char': { days: season_days, minutes: 90, helps: ['compacted', 'waterlogged'] },
	'by-the-pest': { days: 7, minutes: 20, helps: ['pests'] },
	resow: { days: 21, minutes: 30, helps: ['season'] },
	'wait-and-look': { days: 10, minutes: 0, helps: ['something-else'] }
} satisfies Readonly<Record<string, ChangeRow>>);

export type ChangeId = keyof typeof changes;
export const changeIds = Object.freeze(Object.keys(changes)) as readonly ChangeId[];
export const changeOf = (id: ChangeId): ChangeRow => changes[id];

/** How much of what a change takes, for one square metre. Source: the rates of the changes, judged. */
export const changeRates = Object.freeze({
	'water-and-cover': { litres: { low: 25, high: 30 } },
	leach: { litres: { low: 75, high: 75 } },
	'feed-nitrogen': { grams: { low: 3, high: 5 } }
} satisfies Readonly<
	Partial<
		Record<
			ChangeId,
			Readonly<Partial<Record<'litres' | 'grams', { readonly low: number; readonly high: number }>>>
		>
	>
>);
