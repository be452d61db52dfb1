/** How a measure is judged: by its mean, or by rank where it is counted or scored. */
export type Scale = 'mean' | 'rank';

export interface Measure {
	readonly id: string;
	readonly scale: Scale;
	/** As core keeps it: days, cm, g, or a bare number. */
	readonly unit: 'd' | 'cm' | 'g' | '';
	readonly min: number;
	readonly max: number;
	/** Less is better: days until something comes. */
	readonly isLessBetter: boolean;
	/** Looked at again and again, each pot's looks are one curve. */
	readonly grows: boolean;
}

const row = (
	id: string,
	scale: Scale,
	unit: Measure['unit'],
	[min, max]: readonly [number, number],
	more: Partial<Measure> = {}
): Measure =>
	Object.freeze({ id, scale, unit, min, max, isLessBetter: false, grows: false, ...more });

/** What is measured of plants in trials of gardens. Counts and scores are no lengths: they are judged by their ranks. */
export const measures = Object.freeze([
	row('emergence', 'mean', 'd', [0, 365], { isLessBetter: true }),
	row('germinated', 'rank', '', [0, 10_000], { grows: true }),
	row('height', 'mean', 'cm', [0, 600], { grows: true }),
	row('leaves', 'rank', '', [0, 10_000], { grows: true }),
	row('first-flower', 'mean', 'd', [0, 730], { isLessBetter: true }),
	row('harvest', 'mean', 'g', [0, 200_000]),
	row('score', 'rank', '', [1, 5], { grows: true })
]);
export type MeasureId =
	'emergence' | 'germinated' | 'height' | 'leaves' | 'first-flower' | 'harvest' | 'score';
export const measureIds = measures.map(({ id }) => id as MeasureId);

export function measureOf(id: string): Measure {
	const found = measures.find((one) => one.id === id);
	if (!found) throw new RangeError(`measureOf: no measure ${id}`);
	return found;
}
