import { airWanted, pasteBorne } from '$lib/core/mixes';
import type { System } from '$lib/core/units';
import { plain, say } from '$lib/format/figure';
import { shapeShortly } from '$lib/format/mix-words';
import type { PotReckoned } from './reckoning';

/** What do I need for so many pots? */
export function potsAnswer(reckoned: PotReckoned | undefined, system: System | undefined): string {
	if (!reckoned) return 'Say how many pots and how wide, and this says what to measure out';
	const { pots, each_l, loose_l, recipe, shape } = reckoned;
	return `${plain(pots, 0)} ${shapeShortly[shape]} of ${say(each_l, 'L', system)} take ${say(Number(loose_l.toPrecision(3)), 'L', system)} of ${recipe.name}, loose`;
}

/** Whether enough air stays in it, and on which side of neutral it lies. */
export function bodyWords({ air, ph, paste, recipe }: PotReckoned): string {
	const [low, high] = recipe.use === 'seed' ? airWanted.seed : airWanted.pots;
	const is = `${recipe.air === undefined ? 'About' : 'Measured,'} ${plain(air.value * 100, 0)} % air (${plain(air.low * 100, 0)} to ${plain(air.high * 100, 0)})`;
	const judged =
		air.high < low ? 'too little' : air.low > high ? 'more than it needs: it dries out' : 'enough';
	const side = !ph
		? ''
		: ` It lies ${ph.value < 5.8 ? 'on the acid side' : ph.value > 7.2 ? 'on the alkaline side' : 'near neutral'}, pH ${recipe.ph === undefined ? `${plain(ph.low, 1)} to ${plain(ph.high, 1)} by its parts` : `${plain(ph.value, 1)} as measured`}.`;
	return `${is}, where ${plain(low * 100, 0)} to ${plain(high * 100, 0)} is wanted: ${judged}.${side} ${saltWords(recipe, paste)}`;
}

/** Whether roots bear its salt. */
export function saltWords(
	{ use, paste: read }: Pick<PotReckoned['recipe'], 'use' | 'paste'>,
	paste: PotReckoned['paste']
): string {
	const most = pasteBorne[use === 'seed' ? 'seed' : 'pots'];
	const is =
		read === undefined
			? `Its wet paste conducts about ${plain(paste.value, 1)} dS/m (${plain(paste.low, 1)} to ${plain(paste.high, 1)}) by its parts`
			: `Its wet paste conducts ${plain(read, 1)} dS/m as measured`;
	const judged =
		paste.low > most
			? 'too salty'
			: paste.high <= most
				? 'borne'
				: 'it may be too salty: a meter in the wet paste would say';
	return `${is}, where ${use === 'seed' ? 'seedlings' : 'potted plants'} bear ${plain(most, 1)}: ${judged}.`;
}
