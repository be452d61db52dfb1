import type { Harvest } from '../beds';
import type { Rule } from '../cautions';
import type { RawPart } from '../crops';

/** What comes off a bed at a moment, and what went on it before. */
export interface Harvesting {
	readonly name: string;
	readonly at_ms: number;
	/** How the part that is eaten lies to the soil; none where it is not eaten raw. */
	readonly raw: RawPart;
	/** From when it may be eaten raw, by what went on. */
	readonly wait: Harvest | undefined;
}

/** Off the soil the shorter wait holds; what nobody knows the part of counts as touching it. */
const endOf = ({ raw, wait }: Harvesting): number =>
	(raw === 'off-soil' ? wait?.from_ms : wait?.onSoilFrom_ms) ?? 0;

/** What speaks against a harvest. */
export const harvestRules: readonly Rule<Harvesting>[] = Object.freeze([
	{
		code: 'harvest-wait',
		weight: 'ask',
		when: 'A harvest of what is eaten raw before its wait is over, by the manure, urine or what multiplied on sugar that went on',
		lifted:
			'The wait has passed: 90 days, 120 where the eaten part touches soil; of urine 30. Or it is cooked',
		source: '7 CFR 205.203 (c); WHO 2006 for urine',
		finds: (of) =>
			of.raw !== 'none' &&
			of.wait !== undefined &&
			of.at_ms < endOf(of) && {
				of: of.name,
				facts: { name: of.name, code: of.wait.code },
				lifts_ms: endOf(of)
			}
	}
]);
