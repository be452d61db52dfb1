import {
	litres,
	metres,
	squareMetres,
	type Litres,
	type Metres,
	type SquareMetres
} from '../units';

/** Widths across the section that is drawn, and the depth inside. */
interface Sides {
	readonly rimWidth: Metres;
	readonly floorWidth: Metres;
	readonly depth: Metres;
}

/**
 * Inner shape of a vessel with a level rim. Round: a cone frustum, a cylinder when both widths agree, a
 * cone pit when its floor is next to nothing. Square: a pyramid frustum, or a box. Trench: a rectangle
 * with sloped sides and ends. Lying: a tank on its side, cut open along its length; `rimWidth` is the
 * diameter. Bowl: a cap of a sphere. Pile: no walls, a dome on a footprint.
 */
export type Shape =
	| ({ readonly kind: 'round' } & Sides)
	| ({ readonly kind: 'square' } & Sides)
	| ({ readonly kind: 'trench'; readonly rimLength: Metres; readonly floorLength: Metres } & Sides)
	| {
			readonly kind: 'lying';
			readonly rimWidth: Metres;
			readonly rimLength: Metres;
			readonly depth: Metres;
	  }
	| { readonly kind: 'bowl'; readonly rimWidth: Metres; readonly depth: Metres }
	| {
			readonly kind: 'pile';
			readonly rimWidth: Metres;
			readonly rimLength: Metres;
			readonly depth: Metres;
	  };

export const shapeKinds = ['round', 'square', 'trench', 'lying', 'bowl', 'pile'] as const;

/** A heap on a footprint fills half of the box around it. Source: outline of a dome, as for stacks. */
const domeFill = 0.5;

const tolerance_m = 1e-7;

/** Radius of the sphere a bowl is a cap of, m. */
const bowlRadius = ({ rimWidth, depth }: Extract<Shape, { kind: 'bowl' }>) =>
	((rimWidth / 2) ** 2 + depth ** 2) / (2 * depth);

/** Width of a circle at a height above its lowest point, m. */
const chordAt = (radius: number, height: number) =>
	2 * Math.sqrt(Math.max(0, height * (2 * radius - height)));

/**
 * Half the angle a circle's segment of a height spans, rad. By two sides: the arc cosine of their
 * ratio loses half its digits near a full circle, and a full tank would hold less than one not quite full.
 */
const halfAngle = (radius: number, height: number) =>
	Math.atan2(chordAt(radius, height) / 2, radius - height);

/** Horizontal section at a height above the floor, m². Height is held to 0…depth. */
export function sectionAt(shape: Shape, height: number): SquareMetres {
	const { across, along } = spanAt(shape, height);
	const isRound = shape.kind === 'round' || shape.kind === 'bowl';
	return squareMetres(isRound ? (Math.PI / 4) * across ** 2 : across * along);
}

/** Where flames stand and air gets in: the section at the rim, m². */
export const rimArea = (shape: Shape): SquareMetres =>
	shape.kind === 'pile' ? sectionAt(shape, 0) : sectionAt(shape, shape.depth);

/** Inner width (the section drawn) and length at a height above the floor, m. */
export function spanAt(shape: Shape, height: number): { across: number; along: number } {
	const at = Math.min(shape.depth, Math.max(0, height));
	const up = at / shape.depth;
	if (shape.kind === 'lying')
		return { across: chordAt(shape.rimWidth / 2, at), along: shape.rimLength };
	if (shape.kind === 'bowl') {
		const across = chordAt(bowlRadius(shape), at);
		return { across, along: across };
	}
	// The sections of a dome that fills half of its box shrink evenly in area.
	if (shape.kind === 'pile') {
		const side = Math.sqrt(1 - up);
		return { across: shape.rimWidth * side, along: shape.rimLength * side };
	}
	const across = shape.floorWidth + (shape.rimWidth - shape.floorWidth) * up;
	if (shape.kind !== 'trench') return { across, along: across };
	return { across, along: shape.floorLength + (shape.rimLength - shape.floorLength) * up };
}

/**
 * Litres up to a fill depth measured from the floor. By the prismoidal rule
 * V = h/6·(A₀ + 4·A½ + A₁) with the true middle section: exact for frusta, sloped trenches and bowls.
 * A tank lying on its side: V = L·[r²·acos((r−d)/r) − (r−d)·√(2rd−d²)]. A pile: a dome of that height.
 * @param depth 0…the vessel's depth, m
 * @example volumeAtDepth(trench3x1, metres(0.6)) // 1230 L for 3.0 × 1.0 over 2.4 × 0.5
 */
export function volumeAtDepth(shape: Shape, depth: Metres): Litres {
	if (depth > shape.depth + 1e-9)
		throw new RangeError(`volumeAtDepth: depth ${depth} m is above the rim at ${shape.depth} m`);
	if (shape.kind === 'lying')
		return litres(segment(shape.rimWidth / 2, depth) * shape.rimLength * 1000);
	if (shape.kind === 'pile')
		return litres(domeFill * shape.rimWidth * shape.rimLength * depth * 1000);
	const areas = sectionAt(shape, 0) + 4 * sectionAt(shape, depth / 2) + sectionAt(shape, depth);
	return litres((depth / 6) * areas * 1000);
}

/** Area of a circle's segment of a height, m². */
function segment(radius: number, height: number): number {
	const d = Math.min(height, 2 * radius);
	return radius ** 2 * halfAngle(radius, d) - ((radius - d) * chordAt(radius, d)) / 2;
}

/** Litres to the rim; of a pile, a heap as high as it was measured. */
export function capacity(shape: Shape): Litres {
	return volumeAtDepth(shape, shape.depth);
}

/**
 * Fill depth at which the vessel holds so many litres, by bisection to 0.1 µm; above the
 * capacity the status says how much is over.
 */
export function depthAtVolume(
	shape: Shape,
	volume: Litres
): { status: 'holds'; depth: Metres } | { status: 'overflows'; over: Litres } {
	const full = capacity(shape);
	if (volume > full + 1e-6) return { status: 'overflows', over: litres(volume - full) };
	if (volume === 0) return { status: 'holds', depth: metres(0) };
	let low = 0;
	let high: number = shape.depth;
	while (high - low > tolerance_m) {
		const middle = (low + high) / 2;
		if (volumeAtDepth(shape, metres(middle)) < volume) low = middle;
		else high = middle;
	}
	return { status: 'holds', depth: metres((low + high) / 2) };
}

/** Area of wall and floor in contact with the fire, m² (sloped sides at their true length). */
export function wettedArea(shape: Shape): SquareMetres {
	switch (shape.kind) {
		case 'lying': {
			const radius = shape.rimWidth / 2;
			const arc = 2 * radius * halfAngle(radius, shape.depth);
			return squareMetres(arc * shape.rimLength + 2 * segment(radius, shape.depth));
		}
		case 'bowl':
			return squareMetres(2 * Math.PI * bowlRadius(shape) * shape.depth);
		case 'pile':
			return sectionAt(shape, 0);
		case 'round': {
			const side = Math.hypot(shape.depth, (shape.rimWidth - shape.floorWidth) / 2);
			const mantle = (Math.PI / 2) * (shape.rimWidth + shape.floorWidth) * side;
			return squareMetres(sectionAt(shape, 0) + mantle);
		}
		default: {
			const slope = (rim: number, floor: number) => Math.hypot(shape.depth, (rim - floor) / 2);
			const [top, bottom] = [spanAt(shape, shape.depth), spanAt(shape, 0)];
			const longSides = slope(top.across, bottom.across) * (top.along + bottom.along);
			const shortSides = slope(top.along, bottom.along) * (top.across + bottom.across);
			return squareMetres(sectionAt(shape, 0) + longSides + shortSides);
		}
	}
}
