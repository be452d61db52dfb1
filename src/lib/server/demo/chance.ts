/** Whole number below `n`, always the same for the same seed: a linear congruential sequence. */
export function sequence(seed: number): (n: number) => number {
	let state = seed >>> 0;
	return (n) => {
		state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
		return Math.floor((state / 2 ** 32) * n);
	};
}
