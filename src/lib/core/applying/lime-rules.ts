import { ashCap, saltySlurry_dS_m } from '../beds';
import type { Rule } from '../cautions';
import { days } from '../time';
import { apart_days, meetsAsh } from './given';
import { isLime, meets, ofBed, perM2 } from './of-bed';
import type { Putting } from './putting';

/** From here ash may only bring potash; from here none at all. */
export const limePh = Object.freeze({ potash: 6.5, none: 7 });

/** As long as what was sown or planted is too young for what bites. A judgement. */
export const young_days = 21;

const ashAfter = (of: Putting) => of.target.around.ash_g_m2 + perM2(of, 'ash');
const gates = 'Gates for wood ash';

/** What speaks against ash and lime on a bed, in the order in which it is asked; the first that holds leads. */
export const limeRules: readonly Rule<Putting>[] = Object.freeze([
	{
		code: 'ash-untested',
		weight: 'ask',
		when: 'Ash, ash tea or lime where no pH was read within a year',
		lifted: 'The pH is read',
		source: `${gates}: test first`,
		finds: ofBed((of) => isLime(of) && !of.target.isPhFresh)
	},
	{
		code: 'ash-acid-lover',
		weight: 'never',
		when: 'Ash, ash tea or lime where acid lovers grow, now or next',
		lifted: 'Something else grows there',
		source: `${gates}: ash is lime`,
		finds: ofBed((of) => isLime(of) && of.target.acidLover)
	},
	{
		code: 'ash-sweet-ground',
		weight: 'never',
		when: 'Ash, ash tea or lime on ground of pH 7 or more',
		lifted: 'A lower pH is read',
		source: `${gates}: at pH 7 and above none`,
		finds: ofBed(
			(of) => isLime(of) && (of.target.ph ?? 0) >= limePh.none,
			({ target }) => ({ ph: target.ph ?? 0 })
		)
	},
	{
		code: 'ash-for-potash',
		weight: 'ask',
		when: 'More than half the year’s ash at pH 6.5 to 7, where it may only bring potash',
		lifted: 'Less of it, or a lower pH is read',
		source: `${gates}: from pH 6.5 at most half the cap`,
		finds: ofBed(
			(of) => {
				const { ph = 0 } = of.target;
				return (
					isLime(of) &&
					ph >= limePh.potash &&
					ph < limePh.none &&
					perM2(of, 'ash') > ashCap.g_per_m2 / 2 + 1e-6
				);
			},
			(of) => ({ ph: of.target.ph ?? 0, g_m2: perM2(of, 'ash'), most: ashCap.g_per_m2 / 2 })
		)
	},
	{
		code: 'ash-scab',
		weight: 'ask',
		when: 'Ash, ash tea or lime where potatoes grow, come next or grew within a year',
		lifted: 'A year has passed since the potatoes, and none come next',
		source: `${gates}: lime gives potatoes scab`,
		finds: ofBed((of) => isLime(of) && of.target.scab)
	},
	{
		code: 'ash-salty',
		weight: 'ask',
		when: `Ash or ash tea on ground whose slurry 1 : 5 read above ${saltySlurry_dS_m} dS/m within half a year`,
		lifted: 'Salt is leached and read lower',
		source: 'Ash brings soluble potash: salt upon salt; the bound is a judgement',
		finds: ofBed(
			(of) => (of.thing.isAsh || of.thing.isLye) && (of.target.salt_dS_m ?? 0) > saltySlurry_dS_m,
			({ target }) => ({ dS_m: target.salt_dS_m ?? 0, most: saltySlurry_dS_m })
		)
	},
	{
		code: 'ash-seedlings',
		weight: 'ask',
		when: `Ash, ash tea or lime within ${young_days} days of sowing or planting`,
		lifted: `${young_days} days have passed`,
		source: `${gates}: it burns seedlings; so many days are a judgement`,
		finds: ofBed(
			(of) => {
				const { sown_ms } = of.target;
				return (
					isLime(of) &&
					sown_ms !== undefined &&
					sown_ms <= of.at_ms &&
					of.at_ms - sown_ms < days(young_days)
				);
			},
			({ at_ms, target }) => ({ days: Math.floor((at_ms - (target.sown_ms ?? at_ms)) / days(1)) }),
			({ target }) => (target.sown_ms ?? 0) + days(young_days)
		)
	},
	{
		code: 'ash-nitrogen',
		weight: 'ask',
		when: `Ash, ash tea or lime within ${apart_days} days of urine, manure, a liquid feed or a charge, before or after`,
		lifted: `${apart_days} days have passed`,
		source: `${gates}: lime drives ammonia off`,
		finds: meets(({ target }) => target.around.nitrogen, isLime)
	},
	{
		code: 'nitrogen-ash',
		weight: 'ask',
		when: `Urine, manure, a liquid feed or a charge within ${apart_days} days of ash or lime, before or after`,
		lifted: `${apart_days} days have passed`,
		source: `${gates}: lime drives ammonia off`,
		finds: meets(
			({ target }) => target.around.lime,
			(of) =>
				!isLime(of) &&
				meetsAsh({ mineralN_g: perM2(of, 'mineral-nitrogen'), givesOff: of.thing.givesOff })
		)
	},
	{
		code: 'ash-wind',
		weight: 'tell',
		when: 'Dry ash, wherever it is spread',
		lifted: 'Nothing',
		source: 'Ash is caustic: it goes into eyes and lungs, and onto the neighbour',
		finds: ofBed((of) => of.thing.isAsh)
	},
	{
		code: 'ash-cap',
		weight: 'ask',
		when: `More than ${ashCap.g_per_m2} g of dry ash on a square metre in any twelve months, by whatever route`,
		lifted: 'Twelve months have passed since the ash before',
		source: ashCap.source,
		finds: ofBed(
			(of) => perM2(of, 'ash') > 0 && ashAfter(of) > ashCap.g_per_m2 + 1e-6,
			(of) => ({ g_m2: ashAfter(of), most: ashCap.g_per_m2 })
		)
	}
]);

/** Ash of one ring round a plant, grams: what nobody weighs. Source: practice, 15–30 g. */
export const ring_g = Object.freeze({ value: 22, low: 15, high: 30 });

/** Ash of rings round so many plants, grams. */
export const ringRound = (plants: number): number => plants * ring_g.value;
