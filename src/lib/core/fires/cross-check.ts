import {
	asInput,
	estimate,
	exactly,
	product,
	type Estimate,
	type KgDryPerLitre,
	type Share
} from '../units';

/** The three measures of one burn that hang together, and what is expected of each. */
export interface ThreeMeasures {
	/** Dry wood truly burned, kg. */
	readonly woodKg: number;
	/** The same wood as it was stacked, L. */
	readonly woodLitres: number;
	/** Char, L, whole and loose. */
	readonly charLitres: number;
	/** A measured density of the char, kg dry per litre; absent when a default was used. */
	readonly density?: number;
	/** All of the char, dried and weighed, kg; absent when it follows from litres and density. */
	readonly weighedKg?: number;
	readonly expected: {
		readonly massYield: Estimate<Share>;
		readonly density: Estimate<KgDryPerLitre>;
	};
}

export type MeasureName = 'mass-yield' | 'volume-yield' | 'density';

export interface MeasureReading {
	readonly name: MeasureName;
	readonly value: number;
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
 * one lies beyond 1.5× its expected range; the odd one is that furthest out in units of its range.
 */
export function crossCheck(burn: ThreeMeasures): CrossCheck {
	const density = burn.density ?? burn.expected.density.value;
	const charKg = burn.weighedKg ?? burn.charLitres * density;
	const expectedVolume = volumeYield(burn);
	const readings = [
		reading(
			'mass-yield',
			charKg / burn.woodKg,
			burn.expected.massYield,
			burn.weighedKg === undefined
		),
		reading('volume-yield', burn.charLitres / burn.woodLitres, expectedVolume, false),
		reading(
			'density',
			burn.density ?? charKg / burn.charLitres,
			burn.expected.density,
			burn.density === undefined
		)
	];
	const closure =
		burn.weighedKg !== undefined && burn.density !== undefined
			? burn.weighedKg / (burn.charLitres * burn.density)
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
function volumeYield({ woodKg, woodLitres, expected }: ThreeMeasures): Estimate {
	const stacked = exactly(woodKg / woodLitres);
	// No share in the strict sense: light char of dense wood may stand higher than its stack.
	return estimate<number>(
		(value) => value,
		product([expected.massYield, stacked, expected.density], [1, 1, -1]),
		{
			unit: 'share',
			basis: 'litres of whole char of litres stacked',
			formula: 'mass yield × dry wood in a stacked litre ÷ density of the char',
			from: [
				asInput('mass yield', expected.massYield, expected.massYield.from[0]?.origin),
				{
					name: 'dry wood in a stacked litre',
					value: stacked.value,
					unit: 'kg/L',
					origin: 'computed',
					source: 'of the stacks taken, as measured'
				},
				asInput('density', expected.density, expected.density.from[0]?.origin)
			]
		}
	);
}

function reading(
	name: MeasureName,
	value: number,
	expected: Estimate,
	derived: boolean
): MeasureReading {
	return { name, value, derived, expected, times: value / expected.value };
}

const isBeyond = ({ value, expected }: MeasureReading) =>
	value > expected.high * closureLimit || value < expected.low / closureLimit;

/** Distance from the middle in half-widths of the expected range, on logs. */
function strangeness({ value, expected }: MeasureReading): number {
	const off = Math.log(value / expected.value);
	const half =
		off > 0 ? Math.log(expected.high / expected.value) : Math.log(expected.value / expected.low);
	return Math.abs(off) / Math.max(half, 0.05);
}
