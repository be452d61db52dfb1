import type { Rule } from '../cautions';
import type { UrineAge } from './ash-soak';
import type { HeapWay } from './data/ways';
import { wormRule } from './worms';

/** A heap as it would be with what is going on it. */
export interface HeapCase {
	readonly name: string;
	readonly way: HeapWay;
	/** Litres as laid, all of it. */
	readonly laid_l: number;
	/** Litres of ash and of char among them. */
	readonly ash_l: number;
	readonly char_l: number;
	readonly forAcidLovers: boolean;
	readonly isStreet: boolean;
	readonly urine?: UrineAge | undefined;
	/** What of this act is ash, and what of it brings nitrogen that ash drives off. */
	readonly addsAsh: boolean;
	readonly addsAmmonium: boolean;
	/** Of a worm bed: how deep this feeding lies, and the warmth of the bed where it was read. */
	readonly feeding?:
		{ readonly deep_m: number; readonly temperature_c?: number | undefined } | undefined;
	/** A lot among it whose source is refused for soil, and of what it is. */
	readonly refused?: { readonly code: string; readonly what: string } | undefined;
	/** What no worm eats is among it. */
	readonly addsHarm: boolean;
}

/** Shares of the volume. Source: two schools on ash in compost, the milder default; char 5–15 % by volume. */
export const heapShares = Object.freeze({ ash: 0.004, char: 0.15 });

const rots = ({ way }: HeapCase) => way !== 'ash-soak';

/** What speaks against beginning a heap or adding to one. */
export const heapRules: readonly Rule<HeapCase>[] = Object.freeze([
	{
		code: 'heap-refused',
		weight: 'never',
		when: 'A lot whose source is refused for soil, on any heap',
		lifted: 'Nothing: what it brings goes on with the outturn',
		source: 'Paint, glue, salts and metals stay in what rots',
		finds: ({ refused }) => refused !== undefined && { of: refused.code, facts: refused }
	},
	{
		code: 'heap-ash-acid',
		weight: 'never',
		when: 'Ash on a heap whose outturn is meant for acid lovers',
		lifted: 'The heap is meant for others',
		source: 'Ash is lime, and goes on with the outturn',
		finds: (of) => rots(of) && of.addsAsh && of.forAcidLovers && { facts: { name: of.name } }
	},
	{
		code: 'heap-ash-much',
		weight: 'ask',
		when: `Ash over ${heapShares.ash * 100} % of the volume of a heap`,
		lifted: 'Nothing: less of it, or the outturn goes on thin',
		source:
			'Practice: one school dusts brown layers, the other keeps ash out; it counts on every bed the outturn goes on',
		finds: (of) =>
			rots(of) &&
			of.addsAsh &&
			of.ash_l > of.laid_l * heapShares.ash * 1.001 && {
				facts: { name: of.name, share: of.ash_l / of.laid_l, most: heapShares.ash }
			}
	},
	{
		code: 'heap-ash-ammonium',
		weight: 'ask',
		when: 'Ash and fresh manure or urine on a heap in one act',
		lifted: 'They go on apart: ash on brown layers only',
		source: 'Lime drives ammonia off',
		finds: (of) => rots(of) && of.addsAsh && of.addsAmmonium && { facts: { name: of.name } }
	},
	{
		code: 'heap-char-much',
		weight: 'ask',
		when: `Char over ${heapShares.char * 100} % of the volume of a heap`,
		lifted: 'Nothing: less of it',
		source: 'Practice of co-composting: 5–15 % by volume, in layers',
		finds: (of) =>
			of.char_l > of.laid_l * heapShares.char * 1.001 && {
				facts: { name: of.name, share: of.char_l / of.laid_l, most: heapShares.char }
			}
	},
	{
		code: 'heap-street',
		weight: 'tell',
		when: 'Leaves of a street',
		lifted: 'Nothing: pick litter out, and keep the mould from what is eaten',
		source: 'Litter, oil and metals of a road',
		finds: (of) => of.isStreet && { facts: { name: of.name } }
	},
	{
		code: 'soak-ammonia',
		weight: 'ask',
		when: 'Stored urine on ash: most of its nitrogen goes off as ammonia',
		lifted: 'Fresh urine is used',
		source:
			'Senecal & Vinnerås 2017, Sci. Total Environ. 586: alkaline drying keeps fresh urea only',
		finds: (of) => of.way === 'ash-soak' && of.urine === 'stored' && { facts: { name: of.name } }
	},
	{
		code: 'soak-caustic',
		weight: 'tell',
		when: 'Any ash soak',
		lifted: 'Nothing',
		source: 'Caustic paste and ammonia: outdoors, upwind, gloves and goggles',
		finds: (of) => of.way === 'ash-soak' && { facts: { name: of.name } }
	},
	{
		code: 'worms-thick',
		weight: 'ask',
		when: `A feeding of worms over ${wormRule.deepest_m * 100} cm deep`,
		lifted: 'It is spread thinner, or fed in parts',
		source: 'Practice of worm beds: deeper layers ferment hot',
		finds: (of) =>
			of.way === 'worms' &&
			of.feeding !== undefined &&
			of.feeding.deep_m > wormRule.deepest_m && {
				facts: { name: of.name, deep_m: of.feeding.deep_m, most_m: wormRule.deepest_m }
			}
	},
	{
		code: 'worms-warmth',
		weight: 'ask',
		when: `Feeding worms above ${wormRule.stop_c} °C or below ${wormRule.least_c} °C, as it was read`,
		lifted: 'The bed is read between the two',
		source: 'Practice of worm beds: 15–25 °C, no feeding above 30 °C, nothing is eaten below 5 °C',
		finds: (of) => {
			const warmth = of.way === 'worms' ? of.feeding?.temperature_c : undefined;
			return (
				warmth !== undefined &&
				(warmth > wormRule.stop_c || warmth < wormRule.least_c) && {
					facts: { name: of.name, temperature_c: warmth }
				}
			);
		}
	},
	{
		code: 'worms-harm',
		weight: 'ask',
		when: 'Manure, urine, ash or salt in a worm bed',
		lifted: 'It goes on a heap instead',
		source: 'Practice of worm beds: salt, lime and ammonia kill them',
		finds: (of) => of.way === 'worms' && of.addsHarm && { facts: { name: of.name } }
	}
]);
