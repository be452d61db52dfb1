/**
 * Minutes from a layer to its white edges where nobody's own fires say, by the thickness of the pieces and their
 * water: the middle of a flame-cap fire in a cone of a cubic metre, 10 kg of dry wood to the square metre, wind
 * 1.5 m/s. Source: the program's fire model (`core/firemodel`), which is tuned to bands and not fitted to fires; its
 * test runs it again.
 */
export const starts = Object.freeze({
	/** Water of the wood as it lies, share of its weight. */
	waters: [0.1, 0.15, 0.2, 0.25, 0.3] as const,
	minutes: [
		{ diameter_m: 0.012, by: [2.8, 3.8, 5.5, 7.7, 9] },
		{ diameter_m: 0.025, by: [4.3, 5.2, 5.7, 6.1, 7.2] },
		{ diameter_m: 0.05, by: [5.5, 5.8, 6.0, 6.1, 6.3] }
	] as const,
	source:
		'Fire model of this program, tuned to published bands and not fitted to measured fires; own fires replace it'
});

/** How long a layer takes beside a usual one: half as much, as much, twice as much. Source: the same runs. */
export const sizeFactors = Object.freeze({ thin: 0.67, usual: 1, thick: 1.3 });
