import type { Rule } from '../cautions';
import type { Stage } from './stages';
import type { Told } from './taps';

/** Something that is tapped at a fire, and where the fire is. */
export interface Tapping {
	readonly told: Told;
	readonly stage: Stage;
	readonly water: { readonly used_l: number; readonly least_l: number };
}

/** No wood fire in the open is hotter, °C: a gun in °F is likelier. Source: adiabatic flames of wood, less what they lose. */
const hottest_C = 1000;

/** What speaks against a tap: it is kept all the same once a reason stands beside it. */
export const tendingRules: readonly Rule<Tapping>[] = Object.freeze([
	{
		code: 'shut-while-gassing',
		weight: 'ask',
		when: 'A retort shut while its gas still burns or steam still comes',
		lifted: 'Its gas was seen to fade',
		source: 'Practice: a vessel sealed while it gasses can burst',
		finds: ({ told, stage }) =>
			told.is === 'doing' &&
			told.doing === 'shut' &&
			['warming', 'steaming', 'gassing'].includes(stage) &&
			{}
	},
	{
		code: 'capped-before-through',
		weight: 'ask',
		when: 'A barrel capped before its front was seen at the floor',
		lifted: 'A sign at the floor was seen',
		source: 'Practice: shut off while it gasses it can flash when it is opened',
		finds: ({ told, stage }) =>
			told.is === 'doing' && told.doing === 'cap' && ['burner', 'front'].includes(stage) && {}
	},
	{
		code: 'hotter-than-fires',
		weight: 'ask',
		isSlip: true,
		when: `A fire read hotter than ${hottest_C} °C`,
		lifted: 'It is said to be so, or to be °F',
		source: 'Adiabatic flames of wood, less what they lose',
		finds: ({ told }) =>
			told.is === 'heat' &&
			told.temperature_c > hottest_C && {
				facts: { c: told.temperature_c, as_c: (told.temperature_c - 32) / 1.8 }
			}
	},
	{
		code: 'quench-short',
		weight: 'tell',
		when: 'Put out with less water than its heat boils off and its char soaks up',
		lifted: 'More water',
		source: 'Heat of the char, and 1 L/kg soaked up at least',
		finds: ({ told, water }) =>
			told.is === 'quenched' &&
			water.used_l > 0 &&
			water.used_l < water.least_l && { facts: { ...water } }
	}
] satisfies readonly Rule<Tapping>[]);
