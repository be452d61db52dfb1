export type TakeClass =
	'leaf' | 'fruit' | 'root' | 'pulse' | 'straw' | 'straw-and-seed' | 'mown-grass';

/** What a kilogram of produce takes from the bed. */
export interface Takes {
	/** What is weighed. */
	readonly of: string;
	/** Grams to the kilogram: nitrogen, and phosphorus and potassium in their oxides. */
	readonly nitrogen: number;
	readonly p2o5: number;
	readonly k2o: number;
	/** Usual harvest in a season, kg/m². */
	readonly usual: readonly [low: number, high: number];
	/** How heavy it lies in a crate, kg/L, for a harvest that was told by a measure. */
	readonly kg_per_l: readonly [low: number, high: number];
}

/** Each figure is good to a third either way. */
export const takesWithin = 1 / 3;
export const takesSource =
	'Taken away per kilogram of produce, common tables, good to a third either way; what stays on the bed counts nothing';

export const takes: Readonly<Record<TakeClass, Takes>> = Object.freeze({
	leaf: { of: 'fresh leaves', nitrogen: 3, p2o5: 1, k2o: 4, usual: [2, 4], kg_per_l: [0.1, 0.3] },
	fruit: {
		of: 'fresh fruit',
		nitrogen: 2,
		p2o5: 0.7,
		k2o: 3.5,
		usual: [4, 8],
		kg_per_l: [0.5, 0.7]
	},
	root: {
		of: 'fresh roots',
		nitrogen: 2.5,
		p2o5: 1,
		k2o: 4.5,
		usual: [3, 5],
		kg_per_l: [0.5, 0.7]
	},
	pulse: {
		of: 'dry seed',
		nitrogen: 35,
		p2o5: 9,
		k2o: 12,
		usual: [0.2, 0.4],
		kg_per_l: [0.7, 0.8]
	},
	straw: {
		of: 'dry straw',
		nitrogen: 5,
		p2o5: 2,
		k2o: 12,
		usual: [0.5, 1.5],
		kg_per_l: [0.05, 0.12]
	},
	'straw-and-seed': {
		of: 'dry straw and seed',
		nitrogen: 15,
		p2o5: 6,
		k2o: 10,
		usual: [0.8, 1.6],
		kg_per_l: [0.1, 0.3]
	},
	'mown-grass': {
		of: 'dry grass',
		nitrogen: 20,
		p2o5: 8,
		k2o: 25,
		usual: [0.4, 0.8],
		kg_per_l: [0.05, 0.15]
	}
});
