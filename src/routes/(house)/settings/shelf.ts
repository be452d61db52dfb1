import type { OwnMeasure } from '$lib/core/units';

export interface ShelfTub extends OwnMeasure {
	/** Outline of its section, as an SVG path. */
	readonly path: string;
}

export interface Shelf {
	readonly tubs: readonly ShelfTub[];
	readonly width: number;
	readonly height: number;
	/** Columns for the words below, as wide as the tubs' places. */
	readonly columns: string;
}

const tallest = 70;
const place = 90;
const taper = 0.12;

/**
 * Vessels of one shape, as wide at the rim as they are high: their sides go as the cube root of
 * what they hold, so that twice the width is eight times the litres. Largest first.
 */
export function shelfOf(measures: readonly OwnMeasure[]): Shelf {
	const inOrder = [...measures].sort((a, b) => b.litres - a.litres);
	const most = inOrder[0]?.litres ?? 1;
	const tubs = inOrder.map((measure, i) => ({
		...measure,
		path: outline(tallest * Math.cbrt(measure.litres / most), i * place + place / 2)
	}));
	return {
		tubs,
		width: Math.max(1, tubs.length) * place,
		height: tallest,
		columns: `repeat(${Math.max(1, tubs.length)}, 1fr)`
	};
}

function outline(side: number, middle: number): string {
	const at = (value: number) => Math.round(value * 10) / 10;
	const [rim, floor] = [side / 2, (side / 2) * (1 - 2 * taper)];
	return `M${at(middle - rim)} ${at(tallest - side)}L${at(middle - floor)} ${tallest}H${at(middle + floor)}L${at(middle + rim)} ${at(tallest - side)}`;
}
