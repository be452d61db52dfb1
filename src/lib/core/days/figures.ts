import { added, known, litres, reckon, times, type Estimate, type Litres } from '../units';
import type { Day, Timetable } from './model';

/** Litres of char to the litres a barrel holds, while none of its burns is known. */
export const usualVolumeYield = Object.freeze({
	value: 0.4,
	low: 0.3,
	high: 0.5,
	source: 'Published for top-lit barrels: 30–50 % of the volume of dry chips'
});

/** Litres of char that the tips of a timetable give, barrel by barrel. Basis: whole, loose. */
export const charOfDay = ({ barrels }: Day, { steps }: Timetable): Estimate<Litres> =>
	reckon(
		litres,
		added(
			...barrels.map(({ name, litres: each, burns = 0 }) =>
				times(
					known(
						`tips of ${name}`,
						steps.filter(({ barrel, stage }) => barrel === name && stage === 'tip').length,
						'times',
						'computed',
						'the timetable'
					),
					known(
						`${name}, a round`,
						each,
						'L',
						burns > 0 ? 'own' : 'default',
						burns > 0
							? `mean of its ${burns} burns, with the usual spread from fire to fire`
							: usualVolumeYield.source
					)
				)
			)
		),
		{ unit: 'L', basis: 'whole, loose, by the end of the day' }
	);
