import { uniformFloat64 } from 'pure-rand/distribution/uniformFloat64';
import { uniformInt } from 'pure-rand/distribution/uniformInt';
import { mersenne } from 'pure-rand/generator/mersenne';

/** Chance from a seed: the same seed draws the same, on every machine. */
export interface Chance {
	/** 0 up to 1. */
	readonly share: () => number;
	/** Of the normal distribution with mean 0 and standard deviation 1. */
	readonly normal: () => number;
	/** A copy in an order of which each is as likely as any other. */
	readonly shuffled: <T>(list: readonly T[]) => T[];
}

/**
 * By a generator that spreads its seed over its whole state: with a lighter one the first draws of small seeds
 * lie all at one end.
 * @param seed a whole number
 */
export function chanceOf(seed: number): Chance {
	const generator = mersenne(seed);
	const share = () => uniformFloat64(generator);
	let spare: number | undefined;
	const normal = (): number => {
		if (spare !== undefined) {
			const kept = spare;
			spare = undefined;
			return kept;
		}
		// Two at a time: Box and Muller 1958. 1 − share is never nought.
		const radius = Math.sqrt(-2 * Math.log(1 - share()));
		const angle = 2 * Math.PI * share();
		spare = radius * Math.sin(angle);
		return radius * Math.cos(angle);
	};
	const shuffled = <T>(list: readonly T[]): T[] => {
		const drawn = [...list];
		for (let i = drawn.length - 1; i > 0; i -= 1) {
			const j = uniformInt(generator, 0, i);
			[drawn[i], drawn[j]] = [drawn[j] as T, drawn[i] as T];
		}
		return drawn;
	};
	return { share, normal, shuffled };
}
