import { none, type Material } from './material';

const mineral = {
	state: 'solid',
	sort: 'other',
	water: [0, 0.03],
	basis: 'kg dry',
	nitrogen: none,
	mineralShare: none,
	phosphorus: none,
	potassium: none,
	salt: 'little',
	germs: 'none'
} as const;

/** Ground stone: lime, and what is spread for its traces. */
export const minerals: readonly Material[] = Object.freeze([
	{
		...mineral,
		id: 'ground-limestone',
		name: 'ground limestone',
		density: [1.1, 1.5],
		lime: [0.85, 1],
		ph: [8, 9],
		source: 'Garden lime, carbonate: 85–100 % of pure calcium carbonate; the bag says how much'
	},
	{
		...mineral,
		id: 'rock-dust',
		name: 'rock dust',
		density: [1.2, 1.7],
		lime: none,
		ph: [7, 10],
		source: 'Silicate rock: slow, and not counted as lime; 100–300 g/m² is usual'
	}
] satisfies readonly Material[]);
