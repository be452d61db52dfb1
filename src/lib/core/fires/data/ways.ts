import type { VesselUse } from '../../vessels';

/** Each vessel that is burnt in has its way. */
export type WayId = Exclude<VesselUse, 'tub'>;

/** How a fire is put out: flooded and drained, hosed and raked, or shut off from the air. */
export const quenches = ['flood', 'hose', 'snuff'] as const;
export type Quench = (typeof quenches)[number];

/** A way to burn with its published yields. Dry mass basis: kg dry char per kg dry wood. */
export interface Way {
	readonly id: WayId;
	readonly name: string;
	readonly massYield: {
		readonly mean: number;
		readonly low: number;
		readonly high: number;
		readonly source: string;
	};
	/** Outside these a measurement is more likely wrong than the fire odd. */
	readonly plausibleYield: readonly [low: number, high: number];
	/** The usual one, and those that are done. */
	readonly quench: Quench;
	readonly mayQuench: readonly Quench[];
	/** From the match to the quench, minutes, while nobody's own burns say. */
	readonly minutes: readonly [low: number, high: number];
	/** Filled once before it is lit, so that its load must fit at one time. */
	readonly filledOnce: boolean;
	/** Heat taken up besides the char: by a steel wall, or by the ground as a share of the char's heat. */
	readonly heatSink:
		{ readonly kind: 'steel' } | { readonly kind: 'ground'; readonly shareOfCharHeat: number };
}

export const ways: readonly Way[] = Object.freeze([
	{
		id: 'open-kiln',
		name: 'open kiln, flame cap',
		massYield: {
			mean: 0.22,
			low: 0.15,
			high: 0.27,
			source: 'Cornelissen et al. 2016, PLoS ONE 11(5): e0154617, field mean 22 ± 5 % by dry mass'
		},
		plausibleYield: [0.05, 0.4],
		quench: 'flood',
		mayQuench: ['flood', 'hose', 'snuff'],
		minutes: [90, 210],
		filledOnce: false,
		heatSink: { kind: 'steel' }
	},
	{
		id: 'trench',
		name: 'pit or trench, flame cap',
		massYield: {
			mean: 0.15,
			low: 0.1,
			high: 0.2,
			source: 'Field range 10–20 % by dry mass; much depends on timing'
		},
		plausibleYield: [0.03, 0.35],
		quench: 'hose',
		mayQuench: ['hose', 'snuff'],
		minutes: [120, 300],
		filledOnce: false,
		heatSink: { kind: 'ground', shareOfCharHeat: 0.1 }
	},
	{
		id: 'barrel',
		name: 'barrel, lit from the top',
		massYield: {
			mean: 0.18,
			low: 0.14,
			high: 0.22,
			source: 'Field range 14–22 % by dry mass of top-lit barrels with dry chips'
		},
		plausibleYield: [0.05, 0.4],
		quench: 'snuff',
		mayQuench: ['snuff', 'hose'],
		minutes: [50, 75],
		filledOnce: true,
		heatSink: { kind: 'steel' }
	},
	{
		id: 'retort',
		name: 'retort',
		massYield: {
			mean: 0.3,
			low: 0.25,
			high: 0.35,
			source: 'Field range 25–35 % by dry mass of small retorts'
		},
		plausibleYield: [0.12, 0.5],
		quench: 'snuff',
		mayQuench: ['snuff'],
		minutes: [180, 360],
		filledOnce: true,
		heatSink: { kind: 'steel' }
	},
	{
		id: 'open-pile',
		name: 'open pile',
		massYield: {
			mean: 0.08,
			low: 0.05,
			high: 0.12,
			source: 'Field range 5–12 % by dry mass: no walls, the poorest yield'
		},
		plausibleYield: [0.01, 0.25],
		quench: 'hose',
		mayQuench: ['hose'],
		minutes: [60, 240],
		filledOnce: false,
		heatSink: { kind: 'ground', shareOfCharHeat: 0.1 }
	},
	{
		id: 'stove',
		name: 'skimmed from a stove, boiler or oven',
		massYield: {
			mean: 0.08,
			low: 0.05,
			high: 0.12,
			source: 'Practice: 5–12 % of the dry wood fed in, raked out glowing'
		},
		plausibleYield: [0.01, 0.4],
		quench: 'flood',
		mayQuench: ['flood', 'snuff'],
		minutes: [10, 60],
		filledOnce: false,
		heatSink: { kind: 'steel' }
	}
]);

export function wayOf(id: WayId): Way {
	const way = ways.find((entry) => entry.id === id);
	if (!way)
		throw new RangeError(`wayOf: "${id}" is not one of ${ways.map((w) => w.id).join(', ')}`);
	return way;
}

/** Spread of the logit yield between growers and from burn to burn of one grower. */
export const yieldSpread = Object.freeze({
	betweenGrowers: 0.25,
	withinGrower: 0.2,
	source: 'Normal–normal pull on logit yield; spreads chosen to cover the published field range'
});
