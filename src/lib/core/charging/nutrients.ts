import type { Contents } from '../ledger';
import type { Celsius } from '../units';
import { ammoniaShare } from './ammonia';
import { keptBySoak } from './kept';

/** Where an element that was offered is, in g: the parts are the whole. */
export interface NutrientLine {
	readonly of: 'N' | 'P' | 'K';
	readonly offered: number;
	/** On the char's own sites. */
	readonly sorbed: number;
	/** In liquid that fills its pores, or in the solids it cures with. */
	readonly pores: number;
	readonly solids: number;
	/** With what is drained. */
	readonly drained: number;
	/** As ammonia, where the tub stands open: at most what is gas at that pH. */
	readonly air: number;
}

export interface NutrientGrounds {
	readonly contents: Contents;
	readonly char_l: number;
	readonly char_kg: number;
	/** All the liquid of a soak; nought for a mix, which drains nothing. */
	readonly liquid_l: number;
	readonly isSoak: boolean;
	/** Solids lie in the soak with it. */
	readonly withSolids?: boolean | undefined;
	/** Measured in it, where somebody did; no air is reckoned without. */
	readonly ph?: number | undefined;
	readonly temperature: Celsius;
	readonly hasLid: boolean;
}

/**
 * N, P and K of a charge by where they go, grams of the element, central values; each line closes.
 * Source: sorption 0.5–3 g ammonium-N and 0.5–2 g K per kg; pores hold liquid of the soak's own strength.
 * @throws RangeError for an amount that is negative or no number
 */
export function nutrientLines(grounds: NutrientGrounds): readonly NutrientLine[] {
	const { contents, isSoak, char_l, char_kg, liquid_l } = grounds;
	const given = [char_l, char_kg, liquid_l, ...Object.values(contents)];
	if (!given.every((amount) => amount >= 0 && Number.isFinite(amount)))
		throw new RangeError(`nutrientLines: ${given.join(', ')} are no amounts`);
	const { stays, runsOff, fast } = keptBySoak(grounds);
	const g = (of: keyof Contents, from: Contents) => (from[of] ?? 0) / 1000;
	const lineOf = (
		of: 'N' | 'P' | 'K',
		substance: 'nitrogen' | 'phosphorus' | 'potassium'
	): NutrientLine => {
		const offered = g(substance, contents);
		const onSites = (of === 'N' ? fast.nitrogen : of === 'K' ? fast.potassium : 0) / 1000;
		const mineral = of === 'N' ? g('mineral-nitrogen', contents) : 0;
		const drains = isSoak ? g(substance, runsOff) : 0;
		const air = of === 'N' ? gasOf(grounds, Math.max(0, mineral - onSites)) : 0;
		const bound = grounds.withSolids
			? of === 'N'
				? offered - mineral
				: of === 'P'
					? offered
					: 0
			: 0;
		// What went as gas can neither drain nor stand in the pores: it is taken from both alike.
		const loose = Math.max(0, offered - onSites - bound);
		const left = loose > 0 ? (loose - Math.min(air, loose)) / loose : 1;
		const stayed = Math.max(0, (isSoak ? g(substance, stays) - bound : offered) - onSites);
		return {
			of,
			offered,
			sorbed: onSites,
			pores: isSoak ? stayed * left : 0,
			solids: isSoak ? bound : stayed * left,
			drained: drains * left,
			air: loose * (1 - left)
		};
	};
	return [lineOf('N', 'nitrogen'), lineOf('P', 'phosphorus'), lineOf('K', 'potassium')];
}

/** Of loose ammonium, what may go: the gas share, and none from under a lid. */
const gasOf = ({ ph, temperature, hasLid }: NutrientGrounds, loose_g: number): number =>
	ph === undefined || hasLid ? 0 : loose_g * ammoniaShare(ph, temperature);
