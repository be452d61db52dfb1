export {
	areaOf,
	charShareLimits,
	charShareOf,
	defaultDepth,
	mostRate,
	planDose,
	rateForms,
	rateInLitres,
	roomUnder,
	shareFigure,
	soilVolume,
	suggestRate,
	translateRate
} from './dose';
export type { Dose, DoseLimit, DoseLot, Ground, RateForm } from './dose';
export { inOrderOfWant, wantOf } from './want';
export type { BedTraits, Drainage, Texture, Want, WantReason } from './want';
