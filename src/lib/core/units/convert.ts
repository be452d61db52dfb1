import { celsius, type Celsius } from './quantity';

export type System = 'metric' | 'us';

/**
 * Exact factors to SI (litre, metre, kilogram, square metre).
 * Source: NIST Handbook 44 (2024), appendix C; the metric cup is the 250 mL of Australian
 * Standard AS 1325.
 */
export const factors = Object.freeze({
	volume: Object.freeze({
		L: 1,
		mL: 0.001,
		m3: 1000,
		usGallon: 3.785411784,
		usQuart: 0.946352946,
		usPint: 0.473176473,
		usCup: 0.2365882365,
		usFluidOunce: 0.0295735295625,
		metricCup: 0.25,
		/** The metric spoons are those of 15 and 5 mL. */
		usTablespoon: 0.01478676478125,
		usTeaspoon: 0.00492892159375,
		metricTablespoon: 0.015,
		metricTeaspoon: 0.005,
		cubicFoot: 28.316846592,
		cubicYard: 764.554857984,
		/** Stacked wood, 128 ft³. */
		cord: 3624.556363776,
		/** Stacked wood, 1 m³. */
		stere: 1000
	}),
	length: Object.freeze({ m: 1, cm: 0.01, mm: 0.001, inch: 0.0254, foot: 0.3048, yard: 0.9144 }),
	mass: Object.freeze({ kg: 1, g: 0.001, t: 1000, pound: 0.45359237, ounce: 0.028349523125 }),
	area: Object.freeze({ m2: 1, squareFoot: 0.09290304 }),
	/** To km/h. */
	speed: Object.freeze({ kmh: 1, mph: 1.609344 })
});

/** °F → °C of what somebody typed, within whatever bounds or none. */
export const inCelsius = (degrees: number): number => ((degrees - 32) * 5) / 9;

/** °F → °C. */
export const fahrenheitToCelsius = (degrees: number): Celsius => celsius(inCelsius(degrees));

/** A speed as it is typed, mph in US customary, in km/h. */
export const kmPerHour = (typed: number, system: System | undefined): number =>
	typed * factors.speed[system === 'us' ? 'mph' : 'kmh'];
