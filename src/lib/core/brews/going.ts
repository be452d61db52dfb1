import type { Facts, Found, Rule } from '../cautions';
import type { Litres } from '../units';
import type { Recipe } from './data/recipe';
import { faultsOfPlace, placeLimits, type PlaceFault, type PlaceTold } from './place';
import { isFarFromAsked, leavesRoom, roomIn, type PartAsked } from './plan';
import { judgeWater, waterLimits, type WaterTold } from './water';

/** Another brew that something is made with, as it stands then. */
export interface Starter {
	readonly code: string;
	readonly state: string;
	readonly isRipe: boolean;
	/** What its line is doubted for, one after the other. */
	readonly doubted: string;
}

/** So much of a part, and what the recipe takes of it. */
export interface PartGoingIn {
	readonly asked: PartAsked;
	readonly stuff: string;
	/** Litres or kilograms, as the recipe counts it. */
	readonly amount: number;
}

/** A brew that would be set going. */
export interface Going {
	readonly recipe: Recipe;
	readonly vessel?: {
		readonly name: string;
		readonly capacity: Litres;
		/** What stands in it already. */
		readonly holds?: string | undefined;
	};
	/** How high it would stand, and the water in it. */
	readonly level: Litres;
	readonly base: Litres;
	/** None: nobody said where the water is from. */
	readonly water?: WaterTold | undefined;
	readonly place: PlaceTold;
	readonly parts: readonly PartGoingIn[];
	readonly starters: readonly Starter[];
	/** Sugar or molasses goes in. */
	readonly hasSugar: boolean;
}

const isAliveInWater = ({ recipe }: Going) => recipe.alive && recipe.base.of === 'water';
const waterIs = (of: Going) =>
	isAliveInWater(of) && of.water ? judgeWater(of.water, of.base) : undefined;

const place = (
	fault: PlaceFault,
	when: string,
	source: string,
	facts: Facts = {},
	lifted = 'It stands elsewhere'
): Rule<Going> => ({
	code: `place-${fault}`,
	weight: 'ask',
	when,
	lifted,
	source,
	finds: (of) => faultsOfPlace(of.recipe, of.place).includes(fault) && { facts }
});

const bears = 'Working assumption of what a nose bears';
const gasBursts = 'Practice: gas that can’t get out bursts the vessel';

/** What of its place a recipe wants to know and nobody said. */
const untold = ({ recipe, place: told }: Going): Found | false => {
	const isSomewhere =
		told.downwind !== undefined || told.house_m !== undefined || told.water_m !== undefined;
	return recipe.stinks === true && !isSomewhere && {};
};

/** What can hurt rests on the recipe, and on sugar in it. */
type Cared = Pick<Going, 'recipe' | 'hasSugar'>;
const care = (
	code: string,
	is: (of: Cared) => boolean,
	when: string,
	source = 'Safety at the step; local rules come first'
): Rule<Cared> => ({
	code: `care-${code}`,
	weight: 'tell',
	when,
	lifted: 'Nothing',
	source,
	finds: (of) => is(of) && {}
});

/** What can hurt at a brew, told where it is set going and where it stands. */
export const careRules: readonly Rule<Cared>[] = Object.freeze([
	care('lye', ({ recipe }) => recipe.isLye === true, 'Lye is steeped'),
	care('mould', ({ recipe }) => recipe.air === 'open-box', 'Threads grow on grain'),
	care('pump', ({ recipe }) => recipe.air === 'pump', 'A pump runs beside water'),
	care('gas', ({ recipe }) => recipe.gas === true, 'It makes gas'),
	care('stink', ({ recipe }) => recipe.stinks === true, 'It stinks as it should'),
	care('sugar', ({ hasSugar }) => hasSugar, 'It multiplies on sugar'),
	care('gloves', () => true, 'Every brew')
]);

/** What speaks against what a brew is made or fed with. */
export const starterRules: readonly Rule<Pick<Going, 'starters'>>[] = Object.freeze([
	{
		code: 'starter-not-ripe',
		weight: 'ask',
		when: 'Made with a brew that is not ripe by clock and nose',
		lifted: 'It is ripe',
		source: 'Recipes of practice',
		finds: ({ starters }) =>
			starters
				.filter(({ isRipe }) => !isRipe)
				.map(({ code, state }) => ({ of: code, facts: { code, state } }))
	},
	{
		code: 'doubtful-line',
		weight: 'ask',
		when: 'Made with a brew whose line is doubted',
		lifted: 'Nothing: a sound line',
		source: 'Practice: what went wrong in a culture is handed on',
		finds: ({ starters }) =>
			starters
				.filter(({ doubted }) => doubted !== '')
				.map(({ code, doubted }) => ({ of: code, facts: { code, of: doubted } }))
	}
] satisfies readonly Rule<Pick<Going, 'starters'>>[]);

/** What speaks against setting a brew going, and what can hurt at it. */
export const goingRules: readonly Rule<Going>[] = Object.freeze([
	{
		code: 'tub-busy',
		weight: 'never',
		when: 'A vessel in which something stands',
		lifted: 'It is emptied, or what stands in it is moved',
		source: 'One batch to a vessel, so that each has its own books',
		finds: ({ vessel }) =>
			vessel?.holds !== undefined && { facts: { name: vessel.name, code: vessel.holds } }
	},
	{
		code: 'no-room-for-froth',
		weight: 'never',
		when: 'More than leaves froth its room in the vessel',
		lifted: 'Less of it, or a larger vessel',
		source: 'Recipes of practice: how full a vessel may be',
		finds: ({ vessel, level, recipe }) =>
			vessel !== undefined &&
			!leavesRoom(recipe.id, level, vessel.capacity) && {
				facts: { name: vessel.name, most_l: roomIn(recipe.id, vessel.capacity) }
			}
	},
	{
		code: 'plastic-only',
		weight: 'never',
		when: 'Lye in a vessel that nobody said is plastic',
		lifted: 'It is said that the vessel is plastic',
		source: 'Practice: lye eats aluminium and zinc',
		finds: (of) => faultsOfPlace(of.recipe, of.place).includes('metal') && {}
	},
	{
		code: 'water-untold',
		weight: 'ask',
		when: 'Something alive in water of which nobody said where it is from',
		lifted: 'It is said',
		source: 'Practice: chlorine and chloramine harm what is alive',
		finds: (of) => isAliveInWater(of) && of.water === undefined && {}
	},
	{
		code: 'water-wants-time',
		weight: 'ask',
		when: `Something alive in chlorinated tap water that did not stand ${waterLimits.stand_h} h open or was not bubbled ${waterLimits.bubble_h} h`,
		lifted: 'It has stood or was bubbled so long',
		source: 'Practice: chlorine leaves open water',
		finds: (of) => {
			const verdict = waterIs(of);
			return (
				verdict?.is === 'wait' && {
					facts: { stand_h: verdict.stand_h, bubble_h: verdict.bubble_h }
				}
			);
		}
	},
	{
		code: 'water-wants-acid',
		weight: 'ask',
		when: 'Something alive in tap water with chloramine, or of which nobody knows which of the two it holds',
		lifted: 'Ascorbic acid is stirred in',
		source: 'Practice: chloramine does not leave by standing',
		finds: (of) => {
			const verdict = waterIs(of);
			return verdict?.is === 'treat' && { facts: { acid_mg: verdict.ascorbic_mg } };
		}
	},
	{
		code: 'place-untold',
		weight: 'ask',
		when: 'Something that stinks as it should, and nobody said where it stands',
		lifted: 'It is said',
		source: 'Practice: open air, downwind, away from house, boundary and water',
		finds: untold
	},
	place(
		'shut-lid',
		'Something that makes gas under a tight lid',
		gasBursts,
		{},
		'A lid that breathes or has a vent'
	),
	place('upwind', 'Something that stinks upwind of where people are', bears),
	place('sunny', 'Something that stinks in the sun', 'Practice: in the shade'),
	place(
		'near-house',
		`Something that stinks nearer than ${placeLimits.house_m} m to a house`,
		bears,
		{
			least_m: placeLimits.house_m
		}
	),
	place(
		'near-boundary',
		`Something that stinks nearer than ${placeLimits.boundary_m} m to the boundary`,
		bears,
		{ least_m: placeLimits.boundary_m }
	),
	place(
		'near-water',
		`Something that stinks nearer than ${placeLimits.water_m} m to open water`,
		'Common rule: heaps and barrels 10 m or more from water, as local rules say',
		{ least_m: placeLimits.water_m }
	),
	...starterRules,
	{
		code: 'far-part',
		weight: 'ask',
		isSlip: true,
		when: 'Three times more of a part than the recipe takes, or a third of the least',
		lifted: 'It is said to be so',
		source: 'Recipes of practice; the factor is a judgement',
		finds: ({ parts, recipe }) =>
			parts
				.filter(({ asked, amount }) => isFarFromAsked(asked, amount))
				.map(({ asked: { part, low, high }, stuff, amount }) => ({
					of: part.id,
					facts: { stuff, recipe: recipe.name, by: part.by, amount, low, high }
				}))
	},
	...careRules
] satisfies readonly Rule<Going>[]);
