import { amount } from '../field-words';
import type { Complaints, Names } from '../room-words';

export const acts: Names = {
	'measure-vessel': 'vessel measured'
};

export const fields: Names = {
	vessel: 'vessel',
	usedFor: 'used for',
	outline: 'shape',
	rimWidth: 'width at the rim',
	floorWidth: 'width at the floor',
	rimLength: 'length at the rim',
	floorLength: 'length at the floor',
	depth: 'depth',
	emptyMass: 'weight empty',
	shield: 'heat shield',
	burner: 'burner ring',
	panels: 'rings or panels',
	holes: 'floor holes',
	holeWidth: 'each wide',
	chimney: 'chimney',
	what: 'what became of it'
};

export const complaints: Complaints = {
	'deeper-than-round': () => 'A tank on its side is no deeper than it is across.',
	'no-vessel': ({ name }) => `There is no vessel called ${name}. Measure it first.`,
	'no-kiln': ({ name }) => `${name} is a tub; choose a kiln or trench.`,
	'no-tub': ({ name }) => `${name} is for fires, not for batches.`,
	'above-rim': (facts, system) =>
		`That is above the rim: this vessel is ${amount(facts, 'depth_m', 'm', system)} deep.`,
	overfull: (facts, system) =>
		`${facts.name} holds ${amount(facts, 'capacity_l', 'L', system)}, and ${amount(facts, 'stands_l', 'L', system)} would stand in it.`,
	'more-than-vessel': (facts, system) =>
		`${facts.name} holds ${amount(facts, 'capacity_l', 'L', system)} to the rim. Was more than one load measured together, or in another unit?`,
	'shape-and-use': () => 'That shape is not one of its kind. Choose another shape.'
};
