export {
	carbonShares,
	classOfWood,
	cleanBurn,
	elsewise,
	gasifying,
	heatBounds,
	methanes,
	permanences,
	usualHeat
} from './data/factors';
export type { CarbonClass, Elsewise, Heat, MethaneId } from './data/factors';
export { charFates, elsewhere } from './fate';
export type { CharAct, CharFates, CharLine, Reached } from './fate';
export { carbonModel, usualDraws } from './kept';
export type { CarbonModel, CarbonPart, Doubt, Kept } from './kept';
export { grouped } from './sampled';
export { carbonPartOf } from './part';
export type { CharredIn } from './part';
