export { askedRate, askForms, ownLot, readAsk, readMoisture } from './ask';
export type { AskedRate, AskForm, DoseAsk, ReadAsk } from './ask';
export { charAfter, firstSeason_days, isFirstSeason, planDose, suggestRate } from './dose';
export type { CharSoFar, Dose, DoseLimit, DoseLot } from './dose';
export { litresOnBed, partOnBed, workOutDose } from './work-out';
export type { DoseWorked, PutAsked } from './work-out';
export { compareSchools, densityRange, weightAsVolume } from './compare';
export type { SchoolDose, WeightAsVolume } from './compare';
export { doseSchools, pottingShare } from './data/schools';
export type { DoseSchool, DoseSchoolId } from './data/schools';
export { isAsSold, mostRate, rateFormOf, rateForms, rateInLitres, translateRate } from './rate';
export type { RateForm, RateTerms, ReadRate } from './rate';
export {
	charSoFar,
	charShareLimits,
	charShareOf,
	defaultDepth,
	depthVaries,
	roomFigure,
	roomUnder,
	shareFigure,
	soilVolume
} from './room';
export type { Ground } from './room';
export { carryRound, suggestRound } from './round';
export type { RoundBed, RoundStop, RoundWish } from './round';
export { inOrderOfWant, phLimits, wantOf, weighWant } from './want';
export type { BedTraits, CropKind, Drainage, Want, WantReason, WantVoice } from './want';
export type { Humus, Texture } from '../liming';
export { ashCap, ashOn, hadApart, isOverAshCap } from './had';
export type { HadOfOne } from './had';
export { infiltration, saltySlurry_dS_m, slow_mm_h, usualRing_m } from './seep';
export type { SeepRead } from './seep';
export { factNames, factsOn, newFacts } from './facts';
export type { FactsSaid, TargetFacts } from './facts';
export type { Crop, TargetFact } from './told-of';
export { groundOf, isRound, targets } from './target';
export type { Target, TargetSize } from './target';
export {
	holdsOn,
	isUntreated,
	liesWithin,
	overlap,
	shareOfWhole,
	treatedGround,
	treatedSoil
} from './within';
export type { PartSoil, PlaceWithin, Span, WholeSize } from './within';
export { washesOff, waysOfPutting } from './data/ways';
export type { WayOfPutting } from './data/ways';
export { bedFigures, spreadFigures } from './figures';
export { carriedBy, pottingFor } from './school-figures';
export { comparedKg, fullByWeight, weighedSorts } from './weighed';
export { harvestOf, harvestWaits } from './harvest';
export type { GermsOn, Harvest, HarvestWait } from './harvest';
