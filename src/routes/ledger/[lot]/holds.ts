import { estimate, exactly, type Estimate } from '$lib/core/units';
import { verbWords } from '$lib/format/act-words';
import { sayDay, type Almanac } from '$lib/format/dates';

interface Held {
	readonly volume_ml: number;
	readonly dry_g: number;
}

/** One act on a lot, as its books list it. */
export interface BookedAct extends Held {
	readonly verb: string;
	readonly at_ms: number;
	readonly person: string;
	readonly reversed: boolean;
	readonly isReversal: boolean;
}

/** What a lot holds, with each act that stands as an input. */
export function holdsFigure(
	lot: Held,
	acts: readonly BookedAct[],
	unit: 'L' | 'kg',
	almanac: Almanac
): Estimate {
	const of = ({ volume_ml, dry_g }: Held) => (unit === 'L' ? volume_ml : dry_g) / 1000;
	const standing = acts.filter((act) => !act.reversed && !act.isReversal && of(act) !== 0);
	return estimate<number>((value) => value, exactly(of(lot)), {
		unit,
		basis: unit === 'L' ? 'as it lies' : 'oven-dry',
		formula: 'sum of every movement that stands',
		from: standing.map((act) => ({
			name: `${verbWords[act.verb] ?? act.verb} ${sayDay(act.at_ms, almanac)}`,
			value: of(act),
			unit,
			origin: 'computed' as const,
			source: `written by ${act.person}`
		}))
	});
}
