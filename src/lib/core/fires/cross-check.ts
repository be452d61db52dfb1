import {
	earlier,
	exactly,
	known,
	over,
	product,
	reckon,
	times,
	type Estimate,
	type KgDryPerLitre,
	type Range,
	type Share
} from '../units';

/** The three measures of one burn that hang together, and what is expected of each. */
export interface ThreeMeasures {
	/** Dry wood truly burned, kg, with the doubt of its measure: loose brush is known to a factor. */
	readonly wood: Range;
	/** The same wood as it was stacked, L. */
	readonly woodLitres: number;
	/** Char, L, whole and loose. */
	readonly charLitres: number;
	/** Density of a sample of the char, kg dry per litre; absent when none was weighed apart. */
	readonly density?: number;
	/** All of the char, dried and weighed, kg; absent when it follows from litres and density. */
	readonly weighedKg?: number;
	/** All of it as the books have it where neither was measured, kg dry: told as booked, so that a burn has one yield. */
	readonly bookedKg?: number;
	readonly expected: {
		readonly massYield: Estimate<Share>;
		readonly density: Estimate<KgDryPerLitre>;
	};
}

export type MeasureName = 'mass-yield' | 'volume-yield' | 'density';

export interface MeasureReading {
	readonly name: MeasureName;
	readonly value: number;
	/** The value with the doubt of the wood in it. */
	readonly range: Range;
	/** Worked out from the other two, not measured. */
	readonly derived: boolean;
	readonly expected: Estimate;
	/** How many times above (or, below one, under) the middle of what is expected. */
	readonly times: number;
}

export interface CrossCheck {
	readonly readings: readonly MeasureReading[];
	/** Weighed kg over litres × density; undefined unless all three were measured. */
	readonly closure?: number;
	readonly verdict: 'agree' | 'odd';
	/** The one furthest from what is expected of it, where something is off. */
	readonly odd?: MeasureName;
}

/** Three measured and further apart than this: one of them is wrong. Source: practice, factor 1.5. */
export const closureLimit = 1.5;

/**
 * Mass yield, volume yield and density of one burn against each other and against what is expected:
 * volume yield = mass yield × (wood kg dry per litre stacked) ÷ (char kg dry per litre). Two of the
 * three measured give the third. Something is odd when the three do not close within 1.5×, or when
 * one lies further from what is expected than 1.5× beyond where nine in ten honest ones lie, by the
 * doubt of both together, in quadrature on logs; the odd one is that furthest out in units of that doubt.
 * @throws RangeError for a measure that is nought
 */
export function crossCheck(burn: ThreeMeasures): CrossCheck {
	const { wood, woodLitres, charLitres, expected } = burn;
	if (
		![
			...[wood.low, woodLitres, charLitres],
			...[burn.density ?? 1, burn.weighedKg ?? 1, burn.bookedKg ?? 1]
		].every((v) => v > 0 && Number.isFinite(v))
	)
		throw new RangeError('crossCheck: wood, litres, density and weight must be above nought');
	const booked = burn.bookedKg ?? charLitres * expected.density.value;
	const charKg =
		burn.weighedKg ?? (burn.density === undefined ? booked : charLitres * burn.density);
	const readings = [
		reading(
			'mass-yield',
			product([exactly(charKg), wood], [1, -1]),
			expected.massYield,
			burn.weighedKg === undefined
		),
		reading('volume-yield', exactly(charLitres / woodLitres), volumeYield(burn), false),
		reading(
			'density',
			exactly(burn.density ?? charKg / charLitres),
			expected.density,
			burn.density === undefined
		)
	];
	const closure =
		burn.weighedKg !== undefined && burn.density !== undefined
			? burn.weighedKg / (charLitres * burn.density)
			: undefined;
	const apart = closure !== undefined && Math.max(closure, 1 / closure) > closureLimit;
	const furthest = readings.reduce((a, b) => (strangeness(b) > strangeness(a) ? b : a));
	const beyond = readings.some(isBeyond);
	return {
		readings,
		...(closure === undefined ? {} : { closure }),
		...(apart || beyond
			? { verdict: 'odd' as const, odd: furthest.name }
			: { verdict: 'agree' as const })
	};
}

/** Litres of char to a stacked litre of wood, out of what is expected of weight and density. */
function volumeYield({ wood, woodLitres, expected }: ThreeMeasures): Estimate {
	const stacked = product([wood, exactly(woodLitres)], [1, -1]);
	const { massYield, density } = expected;
	// No share in the strict sense: light char of dense wood may stand higher than its stack.
	return reckon<number>(
		(value) => value,
		over(
			times(
				earlier('mass yield', massYield, massYield.from[0]?.origin),
				known(
					'dry wood in a stacked litre',
					stacked,
					'kg/L',
					'computed',
					'of the stacks taken, as measured'
				)
			),
			earlier('density', density, density.from[0]?.origin)
		),
		{ unit: 'share', basis: 'whole char of wood as stacked, by volume' }
	);
}

function reading(
	name: MeasureName,
	range: Range,
	expected: Estimate,
	derived: boolean
): MeasureReading {
	const { value } = range;
	return { name, value, range, derived, expected, times: value / expected.value };
}

/** How far a reading is off, and what both its own doubt and what is expected leave room for, on logs. */
function offAndRoom({ range, expected }: MeasureReading): readonly [off: number, room: number] {
	const off = Math.log(range.value / expected.value);
	const up = (of: Range) => Math.log(of.high / of.value);
	const down = (of: Range) => Math.log(of.value / of.low);
	// Too high a reading may be too high by its own doubt, and short of the top of what is expected.
	const room =
		off > 0 ? Math.hypot(up(expected), down(range)) : Math.hypot(down(expected), up(range));
	return [Math.abs(off), room];
}

/** Reach of a central 90 % over that of the central 80 % which ranges tell. */
const nineInTen = 1.6448536 / 1.2815516;

function isBeyond(reading: MeasureReading): boolean {
	const [off, room] = offAndRoom(reading);
	return off > room * nineInTen + Math.log(closureLimit);
}

/** Distance from the middle in widths of the doubt, on logs. */
function strangeness(reading: MeasureReading): number {
	const [off, room] = offAndRoom(reading);
	return off / Math.max(room, 0.05);
}
