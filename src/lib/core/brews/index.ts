export { smells } from './data/recipe';
export {
	ageingSpeed,
	brewSpeed,
	diedAt,
	hoursAt20,
	isAsleep,
	paceAt,
	whenAged,
	whenWorked
} from './clock';
export type { Pace } from './clock';
export { cultures } from './data/cultures';
export { mostSalt, wateringRates } from './data/rates';
export type { Watered } from './data/rates';
export type {
	BrewStuff,
	Recipe,
	RecipeId,
	RecipePart,
	Smell,
	SmellVerdict,
	Thinning
} from './data/recipe';
export { firstRecipes, isLeafy, isRecipe, recipeOf, recipes, verdictOf } from './data/recipes';
export { ascorbicFigure, brewInFigure, goesFigure, hoursToUse, trustFigure } from './figures';
export { isCulture, lately, linesOf, placeKin } from './lineage';
export type { Kin, CultureLine, KinPlaced, Leaf } from './lineage';
export { careRules, goingRules, starterRules } from './going';
export type { Going, Starter } from './going';
export { asksPlace, placeLimits } from './place';
export type { Lid, PlaceTold } from './place';
export { feeds, recipeFor } from './infer';
export { dissolvedOf, leavesRoom, isFarFromAsked, levelOf, madeOf, partsFor, roomIn } from './plan';
export { settingRules } from './programme-rules';
export { choiceOf, usualBase, usualFill_kg_l, vesselFor, workOutBrew } from './work-out';
export type {
	BrewAsked,
	BrewWorked,
	BrewYard,
	PartChosen,
	PartWorked,
	StuffIn,
	StuffThere
} from './work-out';
export type { PartAsked, PartIn } from './plan';
export { brewOfRound, dueDays, roundAt, roundsOf, startsFor } from './programme';
export type { DueRound, Have, Phase, RoundLogged, StartBy } from './programme';
export { pourOut } from './pour';
export type { PourAsked, PourBed, Poured, PourStop } from './pour';
export { readWatering, wateringOf } from './read-watering';
export type { ReadWatering } from './read-watering';
export type { WateringAsk } from './watering-ask';
export { dilutedAs, fillsOf, firsts, goesTo, serve } from './share-out';
export type { Diluted, Fills, First, Served, Sharing, Wanted } from './share-out';
export { judgeSalt, thinnedFor } from './strength';
export { drinks, oddWatering, targetOn, waterBed, waterSizeOf } from './targets';
export type { WateredBed, WaterSize } from './targets';
export { brewTasks } from './tending';
export type { BrewTask, BrewTended } from './tending';
export { judgeWater, waterLimits } from './water';
export type { WaterSource, WaterTold, WaterVerdict } from './water';
export { brewState, brewWindow, foundRipe, pumpRests, type PumpRest } from './window';
export type { BrewHappened, BrewState, SmellCheck } from './window';
