import { length, number, volume } from './limit';

/** Of mixes, pots, and what becomes of a pile. */
export const mixLimits = {
	fate: {
		pile: volume(1, 100_000, '100 L', '25 gal'),
		part: volume(0.5, 100_000, '40 L', '10 gal'),
		hours: number(0.1, 1000, '3'),
		neighbour: length(0, 5000, '20 m', '60 ft')
	},
	mix: {
		mixed: volume(0.05, 5000, '40 L', '10 gal'),
		nWanted: number(0, 30, '4'),
		pWanted: number(0, 40, '4'),
		kWanted: number(0, 40, '6'),
		/** Square metres, or square feet where those are used. */
		dressed: number(0.1, 100_000, '24', '260'),
		perArea: number(0.5, 40, '8'),
		leastOwn: number(0, 100, '50'),
		mostLime: number(0, 100, '20'),
		mostSalty: number(0, 100, '10'),
		pots: number(1, 100_000, '180'),
		top: length(0.02, 1, '11 cm', '4 in'),
		high: length(0.02, 1, '9 cm', '4 in'),
		cells: number(1, 1000, '84'),
		cellVolume: volume(0.002, 5, '50 ml', '2 floz'),
		caught: volume(0.01, 100, '0.3 L', '1 cup'),
		paste: number(0, 50, '2.1'),
		plants: number(0.1, 1000, '9'),
		filledWith: volume(0.05, 100, '2 L', '2 qt')
	}
} as const;
