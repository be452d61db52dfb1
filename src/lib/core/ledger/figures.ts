import { added, known, reckon, type Estimate, inLitres } from '../units';

interface Held {
	readonly volume_ul: number;
	readonly dry_g: number;
}

/** One act that stands on a lot, by the words its books have for it. */
export interface NamedMove extends Held {
	readonly name: string;
	readonly person: string;
}

/** What a lot holds, litres as it lies and kg oven-dry, with each act that stands as an input. */
export const lotFigures = (lot: Held, moves: readonly NamedMove[]) => ({
	litres: holds(lot, moves, 'L'),
	kg: holds(lot, moves, 'kg')
});

function holds(lot: Held, moves: readonly NamedMove[], unit: 'L' | 'kg'): Estimate {
	const of = ({ volume_ul, dry_g }: Held) => (unit === 'L' ? inLitres(volume_ul) : dry_g / 1000);
	const terms = moves
		.filter((move) => of(move) !== 0)
		.map((move) => known(move.name, of(move), unit, 'computed', `written by ${move.person}`));
	const whole = known('what its books hold', of(lot), unit, 'computed', 'no act moved any');
	return reckon<number>((value) => value, terms.length > 0 ? added(...terms) : whole, {
		unit,
		basis: unit === 'L' ? 'as it lies' : 'oven-dry'
	});
}
