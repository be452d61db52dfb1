import { burntIn, vesselsInUse } from './in-stock';
import { charDensity, quenchWater, steelMass, tankWater, yieldSpread } from '../../core/fires';
import { usualVolumeYield } from '../../core/days';
import { product, type Kilograms, type Range } from '../../core/units';
import { wettedArea } from '../../core/vessels';
import type { DayVessel } from '../../input/day-form';
import { rememberingAlways } from './remember';

/** How far four in five of a grower's fires lie from their mean, as a factor: the spread of yields from fire to fire. */
const fromFireToFire = Math.exp(1.2816 * yieldSpread.withinGrower);

/** What a round gives: the mean of its burns, with how they differ; else a published share of what it holds. */
function litresOf(done: { burns: number; litres: number } | undefined, capacity_l: number): Range {
	if (!done) {
		const { value, low, high } = usualVolumeYield;
		return { value: capacity_l * value, low: capacity_l * low, high: capacity_l * high };
	}
	const { litres } = done;
	return { value: litres, low: litres / fromFireToFire, high: litres * fromFireToFire };
}

/** What can stand in a day's row: barrels, each with the char it has given as a mean. */
export const dayVessels = rememberingAlways((books): readonly DayVessel[] => {
	const done = burntIn(books);
	const ailing = books.vessels.ailing();
	return vesselsInUse(books).flatMap(({ id, name, usedFor, capacity_l, shape, emptyMass }) => {
		if (usedFor !== 'barrel') return [];
		const own = done.get(id);
		const litres = litresOf(own, capacity_l);
		const wrong = ailing.get(id);
		const steel = emptyMass ?? steelMass(wettedArea(shape));
		return [
			{
				name,
				litres,
				burns: own?.burns ?? 0,
				water: waterFor(litres, steel),
				...(wrong?.what === 'failed' ? { failed: wrong.words } : {})
			}
		];
	});
});

/** Water for one tip: a fifth where it cooled shut, all that a hose takes where it is opened hot. */
function waterFor(charLitres: Range, vesselMass: Kilograms): DayVessel['water'] {
	const density = charDensity('softwood');
	const plan = {
		way: 'barrel' as const,
		charLitres,
		charKg: product([charLitres, density]),
		waterTemperature: tankWater,
		vesselMass,
		ownLitresPerLitre: []
	};
	return {
		shut: quenchWater({ ...plan, quench: 'snuff' }).need.high,
		hot: quenchWater({ ...plan, quench: 'hose' }).need.high
	};
}
