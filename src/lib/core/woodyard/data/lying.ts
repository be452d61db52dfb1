import type { WoodClassId } from './wood';

/** How wet wood is before anybody has read it. */
export type WoodCondition = 'green' | 'seasoned' | 'standing-dead';

/** Water over dry mass of wood that nobody has read, dry basis: from the driest heart to the wettest sapwood. */
const greenDry: Partial<Record<WoodClassId, readonly [low: number, high: number]>> = {
	softwood: [0.3, 1.5],
	resinous: [0.3, 1.5],
	'light-hardwood': [0.8, 1.1],
	'dense-hardwood': [0.5, 0.8],
	canes: [0.2, 0.6]
};
const drySpan: Readonly<Record<Exclude<WoodCondition, 'green'>, readonly [number, number]>> = {
	seasoned: [0.16, 0.28],
	'standing-dead': [0.25, 0.45]
};

/** Water of unread wood, dry basis, as low and high. Any other class when green: as the light and the dense together. */
export const unreadWater = (wood: WoodClassId, condition: WoodCondition) =>
	condition === 'green' ? (greenDry[wood] ?? ([0.5, 1.1] as const)) : drySpan[condition];

export const unreadSource =
	'USDA Wood Handbook (FPL-GTR-282), table 4-1, for green wood; field ranges for seasoned and standing dead. A reading replaces it';

/** How a stack is kept from the weather, and what that does for it. */
export const covers = Object.freeze([
	{ id: 'open', name: 'open to the rain', says: 'It gains water on its faces with every rain.' },
	{
		id: 'top',
		name: 'covered on top',
		says: 'Rain runs off, wind goes through: what most stacks want.'
	},
	{ id: 'roof', name: 'under a roof', says: 'Dry, and as airy as its sides are open.' },
	{
		id: 'spread',
		name: 'spread thin, turned',
		says: 'A hand deep and turned every day, chips are dry in about a week of fair weather; heaped they heat and rot.'
	}
] as const);
export type CoverId = (typeof covers)[number]['id'];
