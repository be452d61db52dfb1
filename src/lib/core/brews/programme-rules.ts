import type { Rule } from '../cautions';

/** A programme that would be set. */
export interface Setting {
	readonly isNew: boolean;
	/** Its first round, and today: local days. */
	readonly first?: string | undefined;
	readonly today: string;
	/** It sprays leaves, and its brew goes on the ground only; or is lye. */
	readonly isWronglySprayed: boolean;
	readonly isLye: boolean;
	readonly recipe: string;
}

/** What speaks against setting a programme; its rounds are judged bed by bed as they are walked. */
export const settingRules: readonly Rule<Setting>[] = Object.freeze([
	{
		code: 'lye-on-leaves',
		weight: 'never',
		when: 'A programme of lye on leaves',
		lifted: 'Nothing: it goes on the ground',
		source: 'Practice: lye burns leaves',
		finds: ({ isWronglySprayed, isLye, recipe }) =>
			isWronglySprayed && isLye && { facts: { code: recipe, recipe } }
	},
	{
		code: 'not-for-leaves',
		weight: 'ask',
		when: 'A programme on leaves of a brew that practice only puts on the ground',
		lifted: 'Nothing: it goes on the ground',
		source: 'Recipes of practice',
		finds: ({ isWronglySprayed, isLye, recipe }) =>
			isWronglySprayed && !isLye && { facts: { code: recipe, recipe } }
	},
	{
		code: 'programme-past',
		weight: 'ask',
		isSlip: true,
		when: 'A new programme whose first round is past',
		lifted: 'It is said to be so',
		source: 'Working assumption: another year is likelier',
		finds: ({ isNew, first, today }) =>
			isNew && first !== undefined && first < today && { facts: { day: first } }
	}
] satisfies readonly Rule<Setting>[]);
