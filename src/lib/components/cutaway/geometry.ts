import { spanAt, type Shape } from '$lib/core/vessels';

/** A point of a drawing in its own units. */
export interface Point {
	readonly x: number;
	readonly y: number;
}

/** A vessel's section in a box: one scale for width and height, floor at the bottom. */
export interface Section {
	readonly scale: number;
	/** From the rim down to the floor and up again. */
	readonly wall: readonly Point[];
	/** Outline of what fills it up to a height, as an SVG path. */
	readonly fill: (from_m: number, to_m: number) => string;
	readonly yAt: (height_m: number) => number;
	readonly xAt: (height_m: number) => readonly [left: number, right: number];
}

/** Walls that curve are drawn through so many heights. */
const curvedSteps = 16;
const isCurved = ({ kind }: Shape) => kind === 'lying' || kind === 'bowl' || kind === 'pile';

/** Section across the width of a vessel (along the length of a trench), to scale. */
export function sectionOf(shape: Shape, box: { width: number; height: number }): Section {
	const span = (height: number) =>
		shape.kind === 'trench' ? spanAt(shape, height).along : spanAt(shape, height).across;
	const widest = Math.max(...heightsIn(shape, 0, shape.depth).map(span));
	const scale = Math.min(box.width / widest, box.height / shape.depth);
	const middle = box.width / 2;
	const yAt = (height: number) => box.height - height * scale;
	const xAt = (height: number): readonly [number, number] => [
		middle - (span(height) / 2) * scale,
		middle + (span(height) / 2) * scale
	];
	const corner = (height: number, side: 0 | 1): Point => ({ x: xAt(height)[side], y: yAt(height) });
	const around = (from: number, to: number): Point[] => {
		const heights = heightsIn(shape, from, to);
		const left = heights.map((height) => corner(height, 0));
		const right = heights.map((height) => corner(height, 1));
		return [...left.reverse(), ...right];
	};
	const fill = (from: number, to: number) =>
		`M${around(from, to)
			.map(({ x, y }) => `${round(x)} ${round(y)}`)
			.join('L')}Z`;
	return { scale, wall: around(0, shape.depth), fill, yAt, xAt };
}

const heightsIn = (shape: Shape, from: number, to: number): number[] => {
	const steps = isCurved(shape) ? curvedSteps : 1;
	return Array.from({ length: steps + 1 }, (_, i) => from + ((to - from) * i) / steps);
};

/** Heights for a scale beside a section: a round step that gives at most six ticks. */
export function ticks(depth_m: number): readonly number[] {
	const step = [0.05, 0.1, 0.2, 0.25, 0.5, 1, 2, 5].find((size) => depth_m / size <= 5) ?? depth_m;
	return Array.from({ length: Math.floor(depth_m / step + 1e-9) + 1 }, (_, i) => i * step);
}

/**
 * Specks at a true share of an area, as one path of dots to be stroked as wide as a speck's side with
 * square ends: strewn evenly and out of line from a fixed sequence, so that the drawing changes only
 * with the data. A dot is half the bytes of a square.
 */
export function specks(
	area: { x: number; y: number; width: number; height: number },
	share: number,
	side: number
): string {
	const count = Math.round(
		(Math.max(0, Math.min(1, share)) * area.width * area.height) / side ** 2
	);
	const key = [area.x, area.y, area.width, area.height, count, side].join();
	const path = strewn.get(key) ?? strew(area, count, side);
	if (strewn.size >= mostStrewn) strewn.clear();
	strewn.set(key, path);
	return path;
}

/** What was drawn last: a page drawn anew, or another key typed, mostly wants the very same specks. */
const strewn = new Map<string, string>();
const mostStrewn = 32;

function strew(
	area: { x: number; y: number; width: number; height: number },
	count: number,
	side: number
): string {
	// Half the mean distance between specks: enough to break the rows of the sequence.
	const stray = count > 0 ? Math.sqrt(1 / count) * 0.5 : 0;
	// A tenth of a large speck is not seen.
	const place = side < 10 ? round : Math.round;
	let path = '';
	for (let i = 0; i < count; i += 1) {
		// Low-discrepancy sequence (R2) for even cover at any count, each point strayed by a hash of its number.
		const across = wrap(i * 0.7548776662466927 + stray * hash(i));
		const down = wrap(i * 0.5698402909980532 + stray * hash(i + 7919));
		const x = area.x + across * (area.width - side);
		const y = area.y + down * (area.height - side);
		path += `M${place(x + side / 2)} ${place(y + side / 2)}h0`;
	}
	return path;
}

const wrap = (value: number) => (0.5 + value + 1) % 1;

/** −1 to 1 from a whole number, always the same. */
function hash(n: number): number {
	const mixed = Math.imul(n ^ (n >>> 15), 0x2c1b3c6d) ^ Math.imul(n + 1, 0x297a2d39);
	return ((mixed >>> 8) & 0xffff) / 0x8000 - 1;
}

/** Outline of a stack's end face: box, ridge or dome of a width and height, to one scale. */
export function faceOf(
	outline: 'box' | 'ridge' | 'dome',
	size: { across: number; height: number },
	box: { width: number; height: number }
) {
	const scale = Math.min(box.width / size.across, box.height / size.height);
	const half = (size.across * scale) / 2;
	const [left, right, top] = [
		box.width / 2 - half,
		box.width / 2 + half,
		box.height - size.height * scale
	].map(round) as [number, number, number];
	const base = box.height;
	const path =
		outline === 'box'
			? `M${left} ${base}V${top}H${right}V${base}Z`
			: outline === 'ridge'
				? `M${left} ${base}L${round(box.width / 2)} ${top}L${right} ${base}Z`
				: `M${left} ${base}Q${left} ${top} ${round(box.width / 2)} ${top}Q${right} ${top} ${right} ${base}Z`;
	return { path, scale, left, right, top };
}

export function round(value: number): number {
	return Math.round(value * 10) / 10;
}

/**
 * How full each of a row of like measures is, 0–1, for so many litres: full ones, then the rest.
 * @param most no more than so many are drawn
 * @example measuresIn(98, 38, 8) // [1, 1, 0.58]
 */
export function measuresIn(litres: number, each: number, most: number): readonly number[] {
	const count = Math.min(most, Math.max(1, Math.ceil(litres / each - 1e-9)));
	return Array.from({ length: count }, (_, i) =>
		Math.max(0, Math.min(1, (litres - i * each) / each))
	);
}
