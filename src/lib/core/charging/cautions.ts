import type { Rule } from '../cautions';
import { qualityLimits, type QualityVerdict } from '../char';
import { materialOf, type MaterialId } from '../materials';
import type { Litres } from '../units';
import { isFarFrom, type PerChar, type School } from './data/school';
import type { ReckonedCharge } from './reckon';

/** Char that would be charged, as worked out. */
export interface Charging {
	readonly char: {
		readonly code: string;
		readonly verdict: QualityVerdict;
		/** Tests that it failed, by their names. */
		readonly failed: string;
		readonly ph?: number | undefined;
	};
	readonly school: School;
	readonly partner: MaterialId;
	readonly char_l: Litres;
	readonly reckoned: ReckonedCharge;
	/** What else goes in, litres. */
	readonly extras: readonly {
		readonly id: string;
		readonly material: MaterialId;
		readonly litres: Litres;
	}[];
	/** By a recipe of one's own, that recipe is what is usual. */
	readonly isOwn: boolean;
	readonly tub?: { readonly name: string; readonly holds?: string | undefined } | undefined;
}

/** Parts that lie far from what the school takes: of its partner where it goes by parts, and of what else goes in. */
function farParts({ school, partner, char_l, reckoned, extras, isOwn }: Charging) {
	if (isOwn) return [];
	const perChar = (volume: number) => volume / Math.max(char_l, 1e-9);
	const given: { of: string; part: MaterialId; is: number; usual: PerChar }[] = [
		...(school.partnerBy === 'ratio'
			? [
					{
						of: 'partner',
						part: partner,
						is: perChar(reckoned.partner.value),
						usual: school.partnerPerChar
					}
				]
			: []),
		...extras.flatMap(({ id, material, litres: volume }) => {
			const usual = school.extras.find((extra) => extra.id === id)?.perChar;
			return usual ? [{ of: id, part: material, is: perChar(volume), usual }] : [];
		})
	];
	return given
		.filter(({ is, usual }) => isFarFrom(is, usual))
		.map(({ of, part, is, usual: { low, high } }) => ({
			of,
			facts: { part: materialOf(part).name, school: school.name, perChar: is, low, high }
		}));
}

const nitrogen =
	(verdict: ReckonedCharge['nitrogen']['verdict']): Rule<Charging>['finds'] =>
	({ reckoned }) =>
		reckoned.nitrogen.verdict === verdict && {
			facts: { perKg: reckoned.nitrogen.perKg.value }
		};

const tried =
	(verdict: QualityVerdict): Rule<Charging>['finds'] =>
	({ char }) =>
		char.verdict === verdict && {
			of: char.code,
			facts: { code: char.code, char: char.code, failed: char.failed }
		};

/** What speaks against setting a charge going. */
export const chargingRules: readonly Rule<Charging>[] = Object.freeze([
	{
		code: 'tub-busy',
		weight: 'never',
		when: 'A tub in which something stands',
		lifted: 'It is emptied, or what stands in it is moved',
		source: 'One batch to a vessel, so that each has its own books',
		finds: ({ tub }) => tub?.holds !== undefined && { facts: { name: tub.name, code: tub.holds } }
	},
	{
		code: 'overflows',
		weight: 'never',
		when: 'A soak that stands higher than its tub',
		lifted: 'Less char, or a larger tub',
		source: 'Litres of char and liquid against the tub',
		finds: ({ reckoned: { soak, mostChar }, tub }) =>
			soak !== undefined &&
			!soak.fits && {
				facts: { name: tub?.name ?? '', capacity_l: soak.tubCapacity ?? 0, most_l: mostChar ?? 0 }
			}
	},
	{
		code: 'more-partner-than-liquid',
		weight: 'never',
		when: 'More of the partner than all the liquid of a soak',
		lifted: 'Less of it, or more char',
		source: 'Litres that cover the char',
		finds: ({ reckoned: { soak, partner } }) =>
			soak !== undefined &&
			partner.value > soak.liquid.value && {
				facts: { partner_l: partner.value, liquid_l: soak.liquid.value }
			}
	},
	{
		code: 'char-tarry',
		weight: 'ask',
		when: 'Char that washed off greasy, smelt of tar or came of too cool a fire',
		lifted: 'A later trial of the same test passes; or back into a fire or a heap',
		source: qualityLimits.source,
		finds: tried('back')
	},
	{
		code: 'char-unfinished',
		weight: 'ask',
		when: 'Char that rang dull or would not sink',
		lifted: 'A later trial of the same test passes; or a heap finishes it',
		source: qualityLimits.source,
		finds: tried('heap')
	},
	{
		code: 'char-unrinsed',
		weight: 'ask',
		when: `Char whose slurry reads above pH ${qualityLimits.usualPh[1]}: lime in it drives the partner’s ammonia off`,
		lifted: 'It is rinsed, or read lower',
		source: qualityLimits.source,
		finds: ({ char: { code, ph } }) =>
			ph !== undefined &&
			ph > qualityLimits.usualPh[1] && { of: code, facts: { code, char: code, ph } }
	},
	{
		code: 'far-ratio',
		weight: 'ask',
		isSlip: true,
		when: 'More than twice of a part than the school takes, or less than half the least',
		lifted: 'It is said to be so',
		source: 'Schools of charging; the factor is a judgement',
		finds: farParts
	},
	{
		code: 'nitrogen-little',
		weight: 'tell',
		when: 'Too little mineral nitrogen: the char will draw from the bed at first',
		lifted: 'More of the partner',
		source: 'Hot wood char sorbs 0.5–3 g ammonium-N/kg',
		finds: nitrogen('too-little')
	},
	{
		code: 'nitrogen-wasteful',
		weight: 'tell',
		when: 'More mineral nitrogen than the char holds',
		lifted: 'Less of the partner',
		source: 'Hot wood char sorbs 0.5–3 g ammonium-N/kg; more than 10 g is lost',
		finds: nitrogen('wasteful')
	}
] satisfies readonly Rule<Charging>[]);
