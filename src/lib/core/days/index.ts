export { lateCap, stages, usualRound } from './model';
export type {
	Barrel,
	BarrelState,
	Bottleneck,
	Day,
	RoundTimes,
	Stage,
	Step,
	Timetable
} from './model';
export { dayBy, greedyDay, searchDay, whatHelps } from './search';
export type { Genes, Helps, Searched } from './search';
export { boundOf } from './bound';
export { charOfDay, usualVolumeYield } from './figures';
