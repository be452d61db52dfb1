import type { Rule } from '../cautions';

/** A reading of a thing beside the one before it. */
export interface ReadAgain {
	readonly now: number;
	readonly before?: number | undefined;
	/** As much as it may change between two readings; none: nobody says. */
	readonly step?: number | undefined;
	readonly isWarmth: boolean;
}

const isFar = ({ now, before, step }: ReadAgain) =>
	step !== undefined && before !== undefined && Math.abs(now - before) > step;

const far = (code: string, is: (of: ReadAgain) => boolean, when: string): Rule<ReadAgain> => ({
	code,
	weight: 'ask',
	isSlip: true,
	when,
	lifted: 'It is said to be so',
	source: 'Working assumption: a slip of the hand is likelier',
	finds: (of) => is(of) && isFar(of) && { facts: { before: of.before ?? 0, now: of.now } }
});

/** What speaks against a reading. */
export const readingRules: readonly Rule<ReadAgain>[] = Object.freeze([
	far(
		'far-temperature',
		({ isWarmth }) => isWarmth,
		'A temperature far from the last: 40 K of a charge, 20 K of a brew'
	),
	far('far-reading', ({ isWarmth }) => !isWarmth, 'A reading far from the last: 1.5 of a pH')
]);
