export { analysisOf, blendDose, blendOf, usualFeed_g } from './blend';
export { bagRules } from './bag-rules';
export type { BagCase } from './bag-rules';
export { oxide } from '../materials';
export type { Blend, BlendDose, BlendPart } from './blend';
export { blendStuffs, firstSeasonOf, pottingPart, pottingStuffs } from './data/parts';
export type { FirstSeason, PottingPart } from './data/parts';
export { mixRecipes } from './data/recipes';
export type { MixRecipe } from './data/recipes';
export { mixKind } from './kinds';
export { mixedComposition, mixMaterial } from './mixed';
export type { MixedOf } from './mixed';
export {
	airMeasured,
	airOf,
	airWanted,
	litresIn,
	looseFor,
	phOfMix,
	potsFrom,
	shapes,
	shrink,
	usualPot
} from './pots';
export type { PotPart, Shape, Vessel } from './pots';
export { aims, bestBlend, nutrientNames, programOf } from './program';
export type {
	Aim,
	BlendAnswer,
	Candidate,
	Nutrients,
	Program,
	Solve,
	Solved,
	Wanted
} from './program';
export { mixRules, mixUses, partTraits } from './rules';
export type { MixCase, MixedPart, MixUse } from './rules';
export { pasteBorne, pasteOf, pasteRead, saltsOf } from './salts';
