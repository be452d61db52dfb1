import type { CauseId, ChangeId, ClueId, Push, SignId, TestId } from '../core/detective';

/** What is seen, as a tile says it. */
export const signWords: Readonly<Record<SignId, string>> = {
	gap: 'gap at the edge',
	crust: 'crust',
	'runs-off': 'water runs off',
	'wilts-dry': 'wilts, soil dry',
	'wilts-wet': 'wilts, soil wet',
	'sour-smell': 'sour or rotten smell',
	mottled: 'grey, mottled soil',
	'few-worms': 'few worms',
	'pale-old': 'old leaves evenly pale',
	'dark-leaves': 'dark leaves',
	stunted: 'stunted',
	'scorched-old': 'old leaves scorched at the rim',
	'weak-stems': 'weak stems',
	'poor-ripening': 'ripens badly',
	'old-between-veins': 'old leaves yellow, veins green',
	'young-between-veins': 'young leaves yellow, veins green',
	'young-first': 'young leaves first',
	purple: 'purple leaves',
	'tip-burn': 'tips burnt',
	'white-crust': 'white crust',
	'dead-at-edge': 'seedlings dead where it was poured',
	'stubby-roots': 'stubby roots',
	moss: 'moss',
	'pulses-worst': 'beans and cabbages worst',
	cupped: 'new leaves cupped',
	'fern-like': 'tips like fern',
	'beans-worst': 'beans and tomatoes worst',
	'grasses-too': 'grasses hurt too',
	'forked-roots': 'roots flat or forked',
	'water-stands': 'water stands',
	'spade-stops': 'the spade stops',
	bitten: 'holes, slime, insects',
	ringed: 'spots with rings',
	'one-sided': 'one side, along a hedge',
	bolting: 'bolting',
	leafless: 'flowers without leaf',
	'only-some': 'only some crops sulk',
	'whole-bed': 'the whole bed alike'
};

/** Where one looks for them. */
export const signGroups: readonly { readonly title: string; readonly signs: readonly SignId[] }[] =
	[
		{
			title: 'The ground',
			signs: [
				...(['gap', 'crust', 'runs-off', 'water-stands', 'white-crust'] as const),
				...(['moss', 'sour-smell', 'mottled', 'few-worms', 'spade-stops'] as const)
			]
		},
		{
			title: 'Leaves',
			signs: [
				...(['pale-old', 'dark-leaves', 'old-between-veins', 'young-between-veins'] as const),
				...(['young-first', 'scorched-old', 'tip-burn', 'purple', 'cupped'] as const),
				...(['fern-like', 'bitten', 'ringed'] as const)
			]
		},
		{
			title: 'Growth and roots',
			signs: [
				...(['wilts-dry', 'wilts-wet', 'stunted', 'weak-stems', 'poor-ripening'] as const),
				...(['bolting', 'leafless', 'stubby-roots', 'forked-roots', 'dead-at-edge'] as const)
			]
		},
		{
			title: 'Which of them',
			signs: ['whole-bed', 'only-some', 'one-sided', 'pulses-worst', 'beans-worst', 'grasses-too']
		}
	];

export const causeWords: Readonly<Record<CauseId, string>> = {
	'dried-out': 'dried out, uncovered',
	'raw-char': 'nitrogen drawn off by raw char or fresh chips',
	nitrogen: 'nitrogen hunger',
	potash: 'potash hunger',
	magnesium: 'magnesium hunger',
	phosphorus: 'phosphorus hunger, or cold soil',
	'over-limed': 'too much lime or ash',
	sour: 'too sour',
	salt: 'salt, manure or urine too strong',
	residue: 'herbicide residue',
	waterlogged: 'waterlogged',
	compacted: 'compacted',
	pests: 'roots, pests or disease',
	season: 'the wrong season',
	'something-else': 'something else'
};

export const clueWords: Readonly<Record<ClueId, string>> = {
	'no-cover': 'no cover in the books',
	'ten-dry-days': 'ten dry days without watering',
	'raw-char-lately': 'raw char within 90 days',
	'chips-lately': 'fresh chips within six months',
	'no-raw-no-chips': 'neither raw char nor fresh chips lately',
	'no-nitrogen': 'no nitrogen this season',
	'heavy-feeder': 'a hungry crop',
	'fed-enough': 'fed above what its crops want',
	'light-soil': 'light soil',
	'ash-within-year': 'ash within a year',
	'much-potash': 'much potash or ash lately',
	'cold-soil': 'soil below 10 °C',
	'over-cap': 'ash or lime over what a year bears',
	'ph-7.3': 'pH 7.3 or above',
	'ph-6.5': 'pH 6.5 or below',
	'ph-5.4': 'pH 5.4 or below',
	'ph-5.8': 'pH 5.5 to 5.8',
	'ph-6.2': 'pH 6.2 or above',
	'strong-lately': 'urine, manure or a strong feed within 14 days',
	salty: 'a salty slurry',
	'suspect-stuff': 'straw, manure or compost of an unknown field within a year',
	'failed-beans': 'a failed bean test',
	'slow-5': 'water goes in very slowly',
	'slow-15': 'water goes in slowly',
	'much-rain': 'much rain',
	'stays-wet': 'a bed that stays wet',
	trodden: 'trodden or driven on',
	'same-family': 'the same family last year',
	'out-of-window': 'sown outside its months'
};

/** A test: what one does, how it comes out, and how else. */
export const testWords: Readonly<
	Record<
		TestId,
		{ readonly does: string; readonly noun: string; readonly so: string; readonly not: string }
	>
> = {
	'bone-dry': {
		does: 'Finger and trowel at 10 cm',
		noun: 'a finger at 10 cm',
		so: 'bone dry',
		not: 'moist'
	},
	'glistening-wet': {
		does: 'Finger and trowel at 10 cm',
		noun: 'a finger at 10 cm',
		so: 'glistening wet',
		not: 'no more than moist'
	},
	'sour-spit': {
		does: 'Smell and look of a spit',
		noun: 'a spit of its ground',
		so: 'sour or grey',
		not: 'of earth'
	},
	'roots-washed': {
		does: 'The roots of one plant, washed',
		noun: 'the washed roots of one plant',
		so: 'stubby, flat or eaten',
		not: 'sound'
	},
	'ph-high': {
		does: 'pH in three places',
		noun: 'its pH in three places',
		so: 'high',
		not: 'not high'
	},
	'ph-low': {
		does: 'pH in three places',
		noun: 'its pH in three places',
		so: 'low',
		not: 'not low'
	},
	'ring-slow': {
		does: 'Water in a ring, second run',
		noun: 'water in a ring',
		so: 'slow',
		not: 'gone soon'
	},
	'slurry-salty': {
		does: 'Conductivity of a slurry 1 : 5',
		noun: 'the conductivity of a slurry',
		so: 'high',
		not: 'low'
	},
	'fed-strip-greener': {
		does: 'A strip watered with 3 g of nitrogen to the square metre',
		noun: 'a strip fed with nitrogen',
		so: 'greener in 8 days',
		not: 'no greener'
	},
	'sprayed-row-greener': {
		does: 'One row sprayed with Epsom salt, 1 %',
		noun: 'a row sprayed with Epsom salt',
		so: 'greener in 7 days',
		not: 'no greener'
	},
	'beans-twisted': {
		does: 'Beans in the suspect stuff',
		noun: 'beans in the suspect stuff',
		so: 'twisted in 3 weeks',
		not: 'straight'
	},
	'lamp-finds': {
		does: 'A round at dusk with a lamp',
		noun: 'a lamp at dusk',
		so: 'something eats there',
		not: 'nothing found'
	}
};

/** One change; what it takes for a bed is said beside it. */
export const changeWords: Readonly<Record<ChangeId, string>> = {
	'water-and-cover': 'Water deep, then cover',
	'feed-nitrogen': 'Feed nitrogen as diluted urine or liquor, and no more raw char',
	'give-potash': 'Give potash: ash where the pH allows, else comfrey liquor',
	'spray-magnesium': 'Spray the leaves with Epsom salt, 1 %',
	'warmth-and-time': 'Wait for warmth; bone meal next season',
	'no-more-ash': 'No more ash or lime; compost, and time',
	'lime-by-verdict': 'Lime or ash, as the verdict of the bed says',
	leach: 'Leach it with plain water in three goes, where it drains',
	'take-it-off': 'Take the suspect stuff off, quarantine its lot, grow grass',
	'open-drainage': 'Open the drainage',
	'fork-and-char': 'Fork without turning once it is dry; coarse char with compost',
	'by-the-pest': 'Do what the pest asks',
	resow: 'Sow again in its months',
	'wait-and-look': 'Change nothing, and look again'
};

/** What moved a cause, in a few words. */
export function pushWords({ by, id, isSo }: Push): string {
	if (by === 'clue') return clueWords[id as ClueId];
	if (by === 'sign') return isSo ? signWords[id as SignId] : `no ${signWords[id as SignId]}`;
	const { so, not } = testWords[id as TestId];
	return isSo ? so : not;
}
