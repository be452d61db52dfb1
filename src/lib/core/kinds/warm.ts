/** How warm a thing of a kind can be, and how far one reading of it may lie from the last unasked; °C and K. */
export interface Warmth {
	readonly low_c: number;
	readonly high_c: number;
	readonly step_k?: number;
}

const fire: Warmth = { low_c: -30, high_c: 1300 };
const air: Warmth = { low_c: -30, high_c: 95 };
const warmths: Readonly<Record<string, Warmth>> = Object.freeze({
	burn: fire,
	// Char that burns again is as hot as any fire.
	char: fire,
	// What rots warms to about 70 °C and stops there, since what warms it dies.
	charge: { low_c: -20, high_c: 90, step_k: 40 },
	// Water boils; what lives in it was warmed by hand, not at once.
	brew: { low_c: -5, high_c: 100, step_k: 20 }
});

/**
 * Said on the page and in the log alike.
 * Source: self-heating of compost ends near 70–80 °C (Haug, The Practical Handbook of Compost Engineering); steps are a judgement.
 */
export const warmthOf = (kind: string): Warmth => warmths[kind] ?? air;
