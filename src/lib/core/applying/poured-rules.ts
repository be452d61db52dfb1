import { judgeSalt, mostSalt, oddWatering } from '../brews';
import type { Found, Rule } from '../cautions';
import type { Poured, Putting } from './putting';

/** Salt of what is poured, dS/m: as it was read diluted, else what a reading of the brew comes to. */
export const saltOf = ({ thing, poured }: Putting): number | undefined => {
	if (!poured) return undefined;
	return poured.salt ?? (thing.salt === undefined ? undefined : thing.salt / (1 + poured.parts));
};

const bearerOf = ({ isForSeedlings }: Poured) => (isForSeedlings ? 'seedlings' : 'soil');

/** A reading that says so much: of its lot, since it is poured alike on every bed. */
const saltIs =
	(verdict: ReturnType<typeof judgeSalt>): Rule<Putting>['finds'] =>
	(of) => {
		const salt = saltOf(of);
		if (!of.poured || salt === undefined) return false;
		const bearer = bearerOf(of.poured);
		return (
			judgeSalt(salt, bearer) === verdict && {
				of: of.thing.code,
				facts: { code: of.thing.code, salt, most: mostSalt[bearer][1] }
			}
		);
	};

/** Far from what it drinks: of what was asked, since little for want of more is no slip. */
const odd =
	(is: 'much' | 'little'): Rule<Putting>['finds'] =>
	({ target, poured }): Found | false => {
		if (!poured) return false;
		const verdict = oddWatering(poured.wanted, poured.size);
		if (verdict.is !== is) return false;
		const { low, high } = verdict.usual;
		const facts = { name: target.name, total_l: poured.wanted, low_l: low, high_l: high };
		return { of: target.name, facts };
	};

const isOnLeaves = ({ way }: Putting) => way === 'sprayed';
const thinningOf = ({ thing, way }: Putting) => (way === 'sprayed' ? thing.leaves : thing.soil);

/** What speaks against how a liquid is thinned, poured or sprayed. */
export const pouredRules: readonly Rule<Putting>[] = Object.freeze([
	{
		code: 'lye-on-leaves',
		weight: 'never',
		when: 'Ash tea on leaves',
		lifted: 'Nothing: it goes on the ground',
		source: 'Practice: lye burns leaves',
		finds: (of) =>
			of.thing.isLye &&
			isOnLeaves(of) && {
				of: of.thing.code,
				facts: { code: of.thing.code, recipe: of.thing.name }
			}
	},
	{
		code: 'not-for-leaves',
		weight: 'ask',
		when: 'A brew on leaves that practice only puts on the ground',
		lifted: 'Nothing: it goes on the ground',
		source: 'Recipes of practice',
		finds: (of) =>
			of.thing.isBrew &&
			!of.thing.isLye &&
			isOnLeaves(of) &&
			!of.thing.leaves && {
				of: of.thing.code,
				facts: { code: of.thing.code, recipe: of.thing.name }
			}
	},
	{
		code: 'leaf-unstrained',
		weight: 'ask',
		when: 'A brew on leaves in which something loose still steeps',
		lifted: 'It is strained',
		source: 'Practice: strained for leaves, or the nozzle clogs and leaves scorch',
		finds: (of) =>
			isOnLeaves(of) &&
			of.thing.isUnstrained && { of: of.thing.code, facts: { code: of.thing.code } }
	},
	{
		code: 'odd-dilution',
		weight: 'ask',
		when: 'A brew thinner or stronger than its recipe goes on the ground or on leaves',
		lifted: 'It is thinned as is usual',
		source: 'Recipes of practice',
		finds: (of) => {
			const thinning = thinningOf(of);
			if (!of.poured || !thinning) return false;
			const { parts } = of.poured;
			const { strongest, finest } = thinning;
			return (
				(parts < strongest || parts > finest) && {
					of: of.thing.code,
					facts: { code: of.thing.code, strongest, finest, parts }
				}
			);
		}
	},
	{
		code: 'too-salty',
		weight: 'ask',
		when: `What is poured reads above ${mostSalt.soil[1]} dS/m on soil, ${mostSalt.seedlings[1]} on seedlings; or a reading of the brew comes to that`,
		lifted: 'It is thinned further',
		source: 'Practice: conductivity of the diluted liquid that roots bear',
		finds: saltIs('too-strong')
	},
	{
		code: 'odd-watering-much',
		weight: 'ask',
		isSlip: true,
		when: 'Three times more of the diluted liquid than a target drinks',
		lifted: 'It is said to be so',
		source: 'Watering rates of practice; the factor is a judgement',
		finds: odd('much')
	},
	{
		code: 'odd-watering-little',
		weight: 'ask',
		isSlip: true,
		when: 'A third of the least that a target drinks, as where the brew alone was told',
		lifted: 'It is said to be so',
		source: 'Watering rates of practice; the factor is a judgement',
		finds: odd('little')
	},
	{
		code: 'as-salty-as-goes',
		weight: 'tell',
		when: 'What is poured is near the most that roots bear',
		lifted: 'It is thinned further',
		source: 'Practice: conductivity of the diluted liquid that roots bear',
		finds: saltIs('as-much-as-goes')
	},
	{
		code: 'leaves-cool',
		weight: 'tell',
		when: 'Anything sprayed on leaves',
		lifted: 'Nothing',
		source: 'Practice: wet leaves burn in full sun, and rain washes off what was sprayed',
		finds: (of) => isOnLeaves(of) && { of: of.thing.code, facts: { code: of.thing.code } }
	}
] satisfies readonly Rule<Putting>[]);
