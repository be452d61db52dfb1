import {
	litres,
	metres,
	squareMetres,
	type Litres,
	type Metres,
	type SquareMetres
} from '../units';

/**
 * Inner shape of a vessel with a flat level floor and rim. Round: a cone frustum, or a cylinder
 * when both widths agree. Square: a pyramid frustum, or a box. Trench: a rectangle with sloped
 * sides and ends.
 */
export type Shape =
	| {
			readonly kind: 'round';
			readonly rimWidth: Metres;
			readonly floorWidth: Metres;
			readonly depth: Metres;
	  }
	| {
			readonly kind: 'square';
			readonly rimWidth: Metres;
			readonly floorWidth: Metres;
			readonly depth: Metres;
	  }
	| {
			readonly kind: 'trench';
			readonly rimLength: Metres;
			readonly rimWidth: Metres;
			readonly floorLength: Metres;
			readonly floorWidth: Metres;
			readonly depth: Metres;
	  };

const tolerance_m = 1e-7;

/** Horizontal section at a height above the floor, m². Height is held to 0…depth. */
export function sectionAt(shape: Shape, height: number): SquareMetres {
	const { across, along } = spanAt(shape, height);
	return squareMetres(shape.kind === 'round' ? (Math.PI / 4) * across ** 2 : across * along);
}

/** Inner width (the section drawn) and length at a height above the floor, m. */
export function spanAt(shape: Shape, height: number): { across: number; along: number } {
	const up = Math.min(1, Math.max(0, height / shape.depth));
	const across = shape.floorWidth + (shape.rimWidth - shape.floorWidth) * up;
	if (shape.kind !== 'trench') return { across, along: across };
	return { across, along: shape.floorLength + (shape.rimLength - shape.floorLength) * up };
}

/**
 * Litres up to a fill depth measured from the floor, by the prismoidal rule
 * V = h/6·(A₀ + 4·A½ + A₁) with the true middle section: exact for these shapes.
 * @param depth 0…the vessel's depth, m
 * @example volumeAtDepth(trench3x1, metres(0.6)) // 1230 L for 3.0 × 1.0 over 2.4 × 0.5
 */
export function volumeAtDepth(shape: Shape, depth: Metres): Litres {
	if (depth > shape.depth + 1e-9)
		throw new RangeError(`volumeAtDepth: depth ${depth} m is above the rim at ${shape.depth} m`);
	const areas = sectionAt(shape, 0) + 4 * sectionAt(shape, depth / 2) + sectionAt(shape, depth);
	return litres((depth / 6) * areas * 1000);
}

/** Litres to the rim. */
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
	const slopeLength = (rim: number, floor: number) => Math.hypot(shape.depth, (rim - floor) / 2);
	const floor = sectionAt(shape, 0);
	if (shape.kind === 'round') {
		const side = slopeLength(shape.rimWidth, shape.floorWidth);
		return squareMetres(floor + (Math.PI / 2) * (shape.rimWidth + shape.floorWidth) * side);
	}
	const [top, bottom] = [spanAt(shape, shape.depth), spanAt(shape, 0)];
	const longSides = slopeLength(top.across, bottom.across) * (top.along + bottom.along);
	const shortSides = slopeLength(top.along, bottom.along) * (top.across + bottom.across);
	return squareMetres(floor + longSides + shortSides);
}
