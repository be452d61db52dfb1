import { applyingRules, harvestRules } from '../applying';
import { goingRules, settingRules } from '../brews';
import { crushingRules } from '../char';
import { chargingRules } from '../charging';
import { lightingRules, takingRules } from '../fires';
import { heapRules } from '../heaps';
import { bagRules, mixRules } from '../mixes';
import { readingRules } from '../kinds';
import { tendingRules } from '../tending';
import { loadingRules } from '../woodyard';
import type { Rule } from '../cautions';

/** What of a rule its list tells: not of which case it is. */
export type ToldRule = Omit<Rule<never>, 'finds'>;

/** Every table of cautions, by the act it is for: there is no other place that decides one. */
export const cautionTables: readonly {
	readonly act: string;
	readonly rules: readonly ToldRule[];
}[] = Object.freeze([
	{ act: 'Putting anything on a bed', rules: applyingRules },
	{ act: 'Setting a brew going, and feeding it', rules: goingRules },
	{ act: 'Setting a programme', rules: settingRules },
	{ act: 'Setting a charge going', rules: chargingRules },
	{ act: 'Planning and recording a fire', rules: lightingRules },
	{ act: 'Tending a fire', rules: tendingRules },
	{ act: 'Loading wood', rules: loadingRules },
	{ act: 'Taking out of proof and quarantine', rules: takingRules },
	{ act: 'Crushing char', rules: crushingRules },
	{ act: 'Beginning a heap, and adding to one', rules: heapRules },
	{ act: 'Mixing', rules: mixRules },
	{ act: 'Bringing in a bag', rules: bagRules },
	{ act: 'Harvesting', rules: harvestRules },
	{ act: 'Reading a thermometer or meter', rules: readingRules }
]);
