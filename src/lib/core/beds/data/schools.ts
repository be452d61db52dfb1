/** How a school of dosing names its rate. */
export type DoseSchoolBasis = 'L/m2' | 'percent' | 'kg/m2';

export type DoseSchoolId = 'thin' | 'share' | 'heavy' | 'by-weight';

/** A school of dosing: one of several honest ways to say how much. */
export interface DoseSchool {
	readonly id: DoseSchoolId;
	readonly name: string;
	readonly basis: DoseSchoolBasis;
	readonly low: number;
	readonly high: number;
	/** How the school goes about it, in a few words. */
	readonly how: string;
	readonly source: string;
}

export const doseSchools: readonly DoseSchool[] = Object.freeze([
	{
		id: 'thin',
		name: 'thin, again and again',
		basis: 'L/m2',
		low: 2,
		high: 5,
		how: 'a little each season until the target is reached',
		source: 'Practice: 2–5 L/m² a time'
	},
	{
		id: 'share',
		name: 'share of the soil',
		basis: 'percent',
		low: 5,
		high: 10,
		how: 'all of it in two seasons, part of it at first',
		source: 'Practice: 5 % of the top 15 cm, 10 % the upper end'
	},
	{
		id: 'heavy',
		name: 'by area, heavy',
		basis: 'L/m2',
		low: 10,
		high: 15,
		how: 'once, dug in',
		source: 'Practice: 10 L/m² and above; 15 L/m² is where the ceiling stands in 15 cm'
	},
	{
		id: 'by-weight',
		name: 'by weight',
		basis: 'kg/m2',
		low: 1,
		high: 5,
		how: 'weighed dry; a light char is then a great deal of it',
		source: 'Trials report 1–5 kg dry per m² (10–50 t/ha)'
	}
]);

/** In a potting mix the school is a share of the mix, char counted before mixing. */
export const pottingShare = Object.freeze({
	low: 0.05,
	high: 0.1,
	source: 'Practice: 5–10 % of the mix by volume'
});
