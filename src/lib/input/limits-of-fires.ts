import { length, number, temperature, volume } from './limit';

/** At the fire, apart from all others: its page is to be small. */
export const fireLimits = {
	/** A layer as it was measured, loose; water from a can or tank. */
	litres: volume(0.5, 20_000, '40 L', '1.5 cu ft'),
	poured: volume(0.2, 20_000, '10 L', '2.5 gal'),
	/** Of the pieces, and their water in percent. */
	thick: length(0.003, 0.6, '3 cm', '1 1/4 in'),
	wet: number(0, 70, '17'),
	/** How high char stands. */
	depth: length(0.01, 5, '46 cm', '18 in'),
	temperature: temperature(-30, 1300)
} as const;
