import type { GermClass } from '../materials';
import { days } from '../time';

/** Days from a putting on until what grows there may be eaten raw, by the worst germs in it. */
export interface HarvestWait {
	readonly offSoil_days: number;
	/** Where the part that is eaten touches the soil. */
	readonly onSoil_days: number;
	readonly source: string;
}

const organic =
	'Common organic rule, 7 CFR 205.203 (c): 90 days, 120 where the eaten part touches soil';

export const harvestWaits: Readonly<Partial<Record<GermClass, HarvestWait>>> = Object.freeze({
	'raw-manure': { offSoil_days: 90, onSoil_days: 120, source: organic },
	'sugar-fed': {
		offSoil_days: 90,
		onSoil_days: 120,
		source: `Teas that multiplied on sugar are held like raw manure. ${organic}`
	},
	aged: { offSoil_days: 90, onSoil_days: 120, source: organic },
	urine: {
		offSoil_days: 30,
		onSoil_days: 30,
		source: 'WHO 2006, own household on own garden: stop a month before harvest'
	}
});

/** Something put on a bed, by the germs it carries. */
export interface GermsOn {
	readonly code: string;
	readonly at_ms: number;
	readonly germs: GermClass;
}

export interface Harvest {
	/** The lot that rules. */
	readonly code: string;
	readonly germs: GermClass;
	readonly from_ms: number;
	readonly onSoilFrom_ms: number;
	readonly source: string;
}

/** The earliest harvest that may be eaten raw from a bed: the latest of all that went on; none where nothing waits. */
export function harvestOf(put: readonly GermsOn[]): Harvest | undefined {
	const waits = put
		.flatMap(({ code, at_ms, germs }): Harvest[] => {
			const wait = harvestWaits[germs];
			return wait
				? [
						{
							code,
							germs,
							from_ms: at_ms + days(wait.offSoil_days),
							onSoilFrom_ms: at_ms + days(wait.onSoil_days),
							source: wait.source
						}
					]
				: [];
		})
		.sort((a, b) => b.onSoilFrom_ms - a.onSoilFrom_ms);
	const [ruling] = waits;
	// What rules where the soil is touched may end sooner off the soil than another does.
	return ruling && { ...ruling, from_ms: Math.max(...waits.map(({ from_ms }) => from_ms)) };
}
