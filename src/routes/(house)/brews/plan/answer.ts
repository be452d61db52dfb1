import type { BrewStuff, BrewWorked, Recipe } from '$lib/core/brews';
import type { System } from '$lib/core/units';
import { partWords, stuffName } from '$lib/format/brew-words';
import { sayDay, sayMoment, type Almanac } from '$lib/format/dates';
import { say, saySpan } from '$lib/format/figure';
import { capital } from '$lib/format/words';
import { days } from '$lib/core/time';
import { onTheSpot } from '$lib/input/spot';
import type { BrewEntry } from './reckoning';

/** What do I need in the bucket, and when is it ripe? */
export function planAnswer(
	entry: BrewEntry,
	recipe: Recipe,
	reckoned: BrewWorked | undefined,
	vessel: { readonly name: string } | undefined,
	{
		almanac,
		system
	}: {
		readonly almanac: Almanac;
		readonly system?: System | undefined;
	}
): string {
	if (entry.vessel === onTheSpot && !vessel)
		return 'What does the pail hold? Then all the rest follows';
	if (!vessel && !recipe.standsAnywhere) return 'Every pail and tub is in use: empty one first';
	if (!reckoned)
		return recipe.base.of === 'water'
			? 'How much water? Then all the rest follows'
			: 'How much of it? Then all the rest follows';
	if (reckoned.cautions.some(({ code }) => code === 'no-room-for-froth'))
		return `That runs over with its froth: ${say(reckoned.room, 'L', system)} is the most ${vessel?.name ?? 'it'} takes`;
	const first = reckoned.parts[0];
	const range = first ? saySpan(first.low, first.high, first.part.by, system) : '';
	const one =
		first && Math.abs(first.high - first.low) < 1e-9
			? say(first.usual, first.part.by, system)
			: range;
	const water =
		recipe.base.of === 'water' ? ` to ${say(reckoned.base_l, 'L', system)} of water` : '';
	const into = first
		? `${one} ${goesIn(first.part.id, first.stuff)}${water}`
		: `${capital(recipe.name)}${water}`;
	const { window } = reckoned;
	if (!window?.usable_ms)
		return capital(
			reckoned.asleep
				? `${into}; at this cold it sleeps until it is warmer`
				: `${into}; at this temperature it comes to nothing`
		);
	const when =
		window.usable_ms - window.start_ms > days(4)
			? sayDay(window.usable_ms, almanac)
			: sayMoment(window.usable_ms, almanac);
	return recipe.hours[1] === 0
		? capital(`${into}: it is good now, and for days only`)
		: capital(`${into}; ripe from ${when}`);
}

/** What of, and where it hangs: the part by what was chosen for it. */
const goesIn = (id: string, stuff: BrewStuff): string =>
	id === 'bag' || id === 'ash'
		? `of ${stuffName(stuff)} in the bag`
		: `of ${(partWords[id] ?? id).toLowerCase()}`;
