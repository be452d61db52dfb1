export { planDose, suggestRate } from './dose';
export type { Dose, DoseLimit, DoseLot } from './dose';
export { mostRate, rateForms, rateInLitres, translateRate } from './rate';
export type { RateForm } from './rate';
export {
	areaOf,
	charShareLimits,
	charShareOf,
	defaultDepth,
	roomFigure,
	roomUnder,
	shareFigure,
	soilVolume
} from './room';
export type { Ground } from './room';
export { inOrderOfWant, wantOf } from './want';
export type { BedTraits, Drainage, Texture, Want, WantReason } from './want';
