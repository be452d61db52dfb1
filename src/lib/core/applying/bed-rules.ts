import { charShareLimits, harvestWaits } from '../beds';
import type { Rule } from '../cautions';
import { days } from '../time';
import { availableOf } from './given';
import { limeRules } from './lime-rules';
import { ofBed, perM2 } from './of-bed';
import type { Putting } from './putting';

const isOnLeaves = ({ way }: Putting) => way === 'sprayed';
/** Grams of nitrogen on a square metre in twelve months. Sources stand with their rules. */
export const nitrogenCaps = Object.freeze({ manure_g_m2: 17, available_g_m2: 25 });

const manureN = (of: Putting) =>
	of.target.around.manureN_g_m2 + (of.thing.isManure ? perM2(of, 'nitrogen') : 0);
const givenN = (of: Putting) =>
	availableOf({
		nitrogen_g: perM2(of, 'nitrogen'),
		mineralN_g: perM2(of, 'mineral-nitrogen'),
		isLiquid: of.thing.isLiquid
	});
const availableN = (of: Putting) => of.target.around.availableN_g_m2 + givenN(of);

const lifts: readonly Rule<Putting>[] = [
	{
		code: 'char-lifts-ph',
		weight: 'tell',
		when: 'Char or a charge where acid lovers grow or the pH is 7.2 or more',
		lifted: 'Something else grows there, or a lower pH is read',
		source: 'Practice: char and its ash lift the pH',
		finds: ofBed((of) => of.thing.hasChar && (of.target.acidLover || (of.target.ph ?? 0) >= 7.2))
	}
];

const nitrogen: readonly Rule<Putting>[] = [
	{
		code: 'nitrogen-manure',
		weight: 'ask',
		when: `More than ${nitrogenCaps.manure_g_m2} g of nitrogen from manures on a square metre in any twelve months`,
		lifted: 'Twelve months have passed since the manure before',
		source: 'Many places cap nitrogen of livestock manure at 170 kg to the hectare and year',
		finds: ofBed(
			(of) =>
				of.thing.isManure &&
				perM2(of, 'nitrogen') > 0 &&
				manureN(of) > nitrogenCaps.manure_g_m2 + 1e-6,
			(of) => ({ g_m2: manureN(of), most: nitrogenCaps.manure_g_m2 })
		)
	},
	{
		code: 'nitrogen-much',
		weight: 'ask',
		when: `More than ${nitrogenCaps.available_g_m2} g of likely available nitrogen on a square metre in any twelve months`,
		lifted: 'Twelve months have passed since what went on before',
		source: 'A judgement: hungry crops take away 15 to 25 g N/m² in a year; the rest leaches',
		finds: ofBed(
			(of) => givenN(of) > 0.05 && availableN(of) > nitrogenCaps.available_g_m2 + 1e-6,
			(of) => ({ g_m2: availableN(of), most: nitrogenCaps.available_g_m2 })
		)
	}
];

const waitOf = ({ thing }: Putting) => harvestWaits[thing.germs];

const germs: readonly Rule<Putting>[] = [
	{
		code: 'germs-on-leaves',
		weight: 'never',
		when: 'What may carry germs, on leaves that are eaten raw',
		lifted: 'What grows there is not eaten raw',
		source: 'Food safety: no germs on parts eaten raw',
		finds: ofBed((of) => isOnLeaves(of) && of.target.eatenRaw && of.thing.germs !== 'none')
	},
	{
		code: 'germs-near-food',
		weight: 'ask',
		when: 'Manure, urine or what multiplied on sugar, and any charge or brew made with it, where something is eaten raw',
		lifted:
			'The wait to harvest has passed: 90 days, 120 where the eaten part touches soil; of urine 30',
		source: '7 CFR 205.203 (c); WHO 2006 for urine. Ask the certifier where there is one',
		finds: ofBed(
			(of) => !isOnLeaves(of) && of.target.eatenRaw && waitOf(of) !== undefined,
			(of) => ({ days: waitOf(of)?.onSoil_days ?? 0 }),
			(of) => of.at_ms + days(waitOf(of)?.onSoil_days ?? 0)
		)
	},
	{
		code: 'germs-wait',
		weight: 'tell',
		when: 'The same where nothing is eaten raw',
		lifted: 'The wait to harvest has passed',
		source: '7 CFR 205.203 (c); WHO 2006 for urine',
		finds: ofBed(
			(of) => !of.target.eatenRaw && waitOf(of) !== undefined,
			(of) => ({ days: waitOf(of)?.onSoil_days ?? 0 }),
			(of) => of.at_ms + days(waitOf(of)?.onSoil_days ?? 0)
		)
	}
];

const share: readonly Rule<Putting>[] = [
	{
		code: 'char-ceiling',
		weight: 'ask',
		when: `More char than ${charShareLimits.ceiling * 100} % of the working depth`,
		lifted: 'Nothing: less of it',
		source: charShareLimits.source,
		finds: ofBed(
			({ dose }) => dose?.over.includes('ceiling') ?? false,
			({ dose }) => ({ share: dose?.shareAfter ?? 0, most: charShareLimits.ceiling })
		)
	},
	{
		code: 'char-first-season',
		weight: 'ask',
		when: `More char than ${charShareLimits.first * 100} % of the working depth in a bed’s first half year with char`,
		lifted: 'Half a year has passed since its first char',
		source: charShareLimits.source,
		finds: ofBed(
			({ dose }) => dose?.over.includes('first-dose') ?? false,
			({ dose }) => ({ share: dose?.shareAfter ?? 0, most: charShareLimits.first })
		)
	}
];

/** What speaks against something on a target, by what stands there. */
export const bedRules: readonly Rule<Putting>[] = Object.freeze([
	...limeRules,
	...lifts,
	...germs,
	...nitrogen,
	...share
]);
