/** How a field is read, and between what it must lie: in L, m, kg, °C, or as the bare number. */
export interface Limit {
	readonly reads: 'volume' | 'length' | 'mass' | 'temperature' | 'number' | 'ratio' | 'part';
	readonly low: number;
	readonly high: number;
	/** What one may type, in either system; a test reads each. */
	readonly like?: { readonly metric: string; readonly us: string };
}

const of =
	(reads: Limit['reads']) =>
	(low: number, high: number, metric?: string, us = metric): Limit => ({
		reads,
		low,
		high,
		...(metric && us ? { like: { metric, us } } : {})
	});
export const volume = of('volume');
export const length = of('length');
export const mass = of('mass');
export const temperature = of('temperature');
export const number = of('number');
export const ratio = of('ratio');
/** Smaller than this is no pour: two drops, a tenth of a millilitre. */
export const drop_l = 0.0001;
/** A part of a lot, at least a drop and at most what any lot holds. */
export const part = (most: number, metric?: string, us?: string): Limit =>
	of('part')(drop_l, most, metric, us);
