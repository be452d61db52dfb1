import { ashCap, charShareLimits, harvestWaits } from '../beds';
import type { Facts, Rule } from '../cautions';
import { kgOf } from '../ledger';
import { days } from '../time';
import { apart_days, availableOf, meetsAsh, type Near } from './given';
import type { Putting } from './putting';

const perM2 = ({ gives, target }: Putting, of: 'ash' | 'nitrogen' | 'mineral-nitrogen') =>
	(kgOf(gives, of) * 1000) / target.area_m2;
const isOnLeaves = ({ way }: Putting) => way === 'sprayed';
const isLime = ({ thing }: Putting) => thing.isAsh || thing.isLye;

/** A rule about one bed. */
const ofBed = (
	is: (of: Putting) => boolean,
	facts: (of: Putting) => Facts = () => ({}),
	lifts: (of: Putting) => number | undefined = () => undefined
): Rule<Putting>['finds'] => {
	return (of) =>
		is(of) && {
			of: of.target.name,
			facts: { name: of.target.name, code: of.thing.code, ...facts(of) },
			lifts_ms: lifts(of)
		};
};

/** What of the other kind lies within two weeks, before or after. */
const meets = (near: (of: Putting) => Near | undefined, is: (of: Putting) => boolean) =>
	ofBed(
		(of) => is(of) && near(of) !== undefined,
		(of) => {
			const { code = '', at_ms = 0 } = near(of) ?? {};
			const apart = Math.round(Math.abs(of.at_ms - at_ms) / days(1));
			return { other: code, days: apart, when: at_ms <= of.at_ms ? 'before' : 'after' };
		},
		(of) => {
			const { at_ms = 0 } = near(of) ?? {};
			return at_ms <= of.at_ms ? at_ms + days(apart_days) : undefined;
		}
	);

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
const ashAfter = (of: Putting) => of.target.around.ash_g_m2 + perM2(of, 'ash');

const ash: readonly Rule<Putting>[] = [
	{
		code: 'ash-acid-lover',
		weight: 'never',
		when: 'Ash or ash tea where acid lovers grow, now or next',
		lifted: 'Something else grows there',
		source: 'Gates for wood ash: ash is lime',
		finds: ofBed((of) => isLime(of) && of.target.acidLover)
	},
	{
		code: 'ash-sweet-ground',
		weight: 'never',
		when: 'Ash or ash tea on ground of pH 7 or more',
		lifted: 'A lower pH is read',
		source: 'Gates for wood ash: at pH 7 and above none',
		finds: ofBed(
			(of) => isLime(of) && (of.target.ph ?? 0) >= 7,
			({ target }) => ({ ph: target.ph ?? 0 })
		)
	},
	{
		code: 'ash-untested',
		weight: 'ask',
		when: 'Ash or ash tea where no pH was read within a year',
		lifted: 'The pH is read',
		source: 'Gates for wood ash: test first',
		finds: ofBed((of) => isLime(of) && !of.target.isPhFresh)
	},
	{
		code: 'ash-for-potash',
		weight: 'ask',
		when: `More than half the year’s ash at pH 6.5 to 7, where it may only bring potash`,
		lifted: 'Less of it, or a lower pH is read',
		source: 'Gates for wood ash: from pH 6.5 at most half the cap',
		finds: ofBed(
			(of) => {
				const { ph = 0 } = of.target;
				return isLime(of) && ph >= 6.5 && ph < 7 && perM2(of, 'ash') > ashCap.g_per_m2 / 2 + 1e-6;
			},
			(of) => ({ ph: of.target.ph ?? 0, g_m2: perM2(of, 'ash'), most: ashCap.g_per_m2 / 2 })
		)
	},
	{
		code: 'ash-nitrogen',
		weight: 'ask',
		when: `Ash or ash tea within ${apart_days} days of urine, manure, a liquid feed or a charge, before or after`,
		lifted: `${apart_days} days have passed`,
		source: 'Gates for wood ash: lime drives ammonia off',
		finds: meets(({ target }) => target.around.nitrogen, isLime)
	},
	{
		code: 'nitrogen-ash',
		weight: 'ask',
		when: `Urine, manure, a liquid feed or a charge within ${apart_days} days of ash, before or after`,
		lifted: `${apart_days} days have passed`,
		source: 'Gates for wood ash: lime drives ammonia off',
		finds: meets(
			({ target }) => target.around.ash,
			(of) =>
				!isLime(of) &&
				meetsAsh({
					mineralN_g: perM2(of, 'mineral-nitrogen'),
					givesOff: of.thing.givesOff
				})
		)
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
	},
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
	...ash,
	...germs,
	...nitrogen,
	...share
]);
