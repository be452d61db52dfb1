import { armLetter, giftsOf, isControl, type Gift } from '$lib/core/trials';
import { sayDay } from '$lib/format/dates';
import { plain, say, sayOfSoil } from '$lib/format/figure';
import { armName } from '$lib/format/trial-words';
import type { Reading } from '$lib/input/form';
import type { Books } from '$lib/server/db/books';
import { dosable } from '$lib/server/questions/beds';
import { goodsInStock } from '$lib/server/questions/in-stock';
import { bedById, lifeOf } from '$lib/server/questions/kept-beds';
import type { TrialLine } from '$lib/server/questions/trials';

/** As many lots as a choice lists. */
const mostLots = 12;
const stuffWords: Readonly<Record<Gift['stuff'], string>> = {
	char: 'char',
	compost: 'compost',
	water: 'water',
	any: 'what it gets'
};

/** What each arm holds of char, by the pot or plot, and what was put on it last. */
export function heldByArms(
	books: Books,
	{ trial, armBeds }: TrialLine,
	{ timeZone, now_ms, system }: Reading
) {
	return armBeds.flatMap((id, arm) => {
		const bed = bedById(books, id);
		if (!bed) return [];
		const [last] = lifeOf(books, id).newest;
		return [
			{
				letter: armLetter(arm),
				bed: bed.name,
				holds:
					bed.char_l > 0
						? `${say(bed.char_l / bed.pieces, 'L', system)} of char each, ${sayOfSoil(bed.share)}`
						: isControl(trial.arms[arm] ?? { kind: 'other' })
							? 'left as it is'
							: 'no char yet',
				last: last
					? `${last.lotCode || (last.material ?? '')} ${say(last.mix_l, 'L', system)}, ${sayDay(last.at_ms, { timeZone, now_ms })}`
					: ''
			}
		];
	});
}

/** A line for each thing that an arm is to get: from which lots it may come, and how much the plan says. */
export function giftLines(books: Books, { trial, armBeds }: TrialLine, { now_ms }: Reading) {
	if (armBeds.length === 0) return [];
	const chars = dosable(books, now_ms).map(({ code, name }) => ({ code, name }));
	const goods = goodsInStock(books).map(({ code, name }) => ({ code, name }));
	const from: Readonly<Record<Gift['stuff'], readonly { code: string; name: string }[]>> = {
		char: chars,
		compost: goods,
		water: [],
		any: [...chars, ...goods]
	};
	return giftsOf(trial.arms).map(({ arm, stuff, share }, n) => ({
		n: n + 1,
		label: `${armLetter(arm)}: ${stuffWords[stuff]}`,
		arm: armName(trial.arms[arm] ?? { kind: 'other' }),
		hint: share === undefined ? '' : `Empty: ${plain(share, 1)} % of its soil`,
		isWater: stuff === 'water',
		lots: [
			{ value: '', label: 'nothing now' },
			...from[stuff]
				.slice(0, mostLots)
				.map(({ code, name }) => ({ value: code, label: `${code} ${name}` }))
		]
	}));
}
