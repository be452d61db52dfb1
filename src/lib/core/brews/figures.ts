import { known, litres, over, reckon, times, type Celsius, type Estimate } from '../units';
import { brewSpeed } from './clock';
import { drenchRate, recipeOf, type RecipeId } from './data/recipes';

/** Hours to first use at one temperature, with what they rest on; undefined where it is too cold or hot. */
export function hoursToUse(id: RecipeId, temperature: Celsius): Estimate | undefined {
	const speed = brewSpeed(temperature);
	if (speed === 0) return undefined;
	const { name, hours, source } = recipeOf(id);
	return reckon<number>(
		(value) => value,
		over(
			known(`hours at 20 °C, ${name}`, hours[0], 'h', 'default', source),
			known(
				'speed',
				speed,
				'times',
				'computed',
				`at ${Number(temperature.toFixed(1))} °C: doubles each 10 °C from 20 °C; none below 8 °C, no faster above 38 °C`
			)
		),
		{ unit: 'h', basis: 'from when it was set going' }
	);
}

/** What a bed of an area drinks, diluted. */
export const drenchOf = (area_m2: number): Estimate =>
	reckon(
		litres,
		times(
			known(
				'drench',
				{ value: drenchRate.usual, low: drenchRate.low, high: drenchRate.high },
				'L/m²',
				'default',
				'Practice: 2–5 L of diluted brew to the m² of bed or furrow'
			),
			known('area', area_m2, 'm²', 'measured', 'the bed as it was measured')
		),
		{ unit: 'L', basis: 'diluted' }
	);
