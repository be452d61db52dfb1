export type WayId = 'open-kiln' | 'trench';

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
	readonly quench: 'flood' | 'hose';
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
		heatSink: { kind: 'ground', shareOfCharHeat: 0.1 }
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
