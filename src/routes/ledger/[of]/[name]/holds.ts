import { days } from '$lib/core/time';
import { added, known, reckon, type Estimate } from '$lib/core/units';
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
	const terms = standing.map((act, i) =>
		known(
			`${verbWords[act.verb] ?? act.verb} ${sayDay(act.at_ms, almanac)}${again(standing, act, i)}`,
			of(act),
			unit,
			'computed',
			`written by ${act.person}`
		)
	);
	const whole = known('what its books hold', of(lot), unit, 'computed', 'no act moved any');
	return reckon<number>((value) => value, terms.length > 0 ? added(...terms) : whole, {
		unit,
		basis: unit === 'L' ? 'as it lies' : 'oven-dry'
	});
}

/** The second and further acts of one kind on one day are numbered, so that each is told apart. */
function again(acts: readonly BookedAct[], act: BookedAct, at: number): string {
	const sameDay = (other: BookedAct) =>
		other.verb === act.verb && Math.abs(other.at_ms - act.at_ms) < days(1);
	const before = acts.slice(0, at).filter(sameDay).length;
	return before === 0 ? '' : ` (${before + 1})`;
}
