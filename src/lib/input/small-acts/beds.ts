import { limits } from '../limits';
import { smallAct, type SmallAct } from './declare';

/** Dated facts of targets: what grows there, its pH, what lies over it, what is left untreated. */
export const ofBeds: readonly SmallAct[] = [
	smallAct({
		verb: 'read-ph',
		what: 'ph',
		on: ['bed'],
		fields: [
			{
				name: 'ph',
				key: 'ph',
				label: 'pH at each place',
				said: 'pH',
				hint: 'Like 5.6 5.8 5.7: several places tell how even it is',
				reads: limits.bed.ph,
				step: 1.5,
				isList: true
			},
			{
				name: 'phIn',
				key: 'in',
				label: 'Stirred up in',
				said: 'stirred up in',
				isOptional: true,
				oneOf: [
					{ value: 'water', label: 'Water, or in the soil itself' },
					{ value: 'cacl2', label: 'Calcium chloride, 0.01 M' }
				]
			},
			{
				name: 'phDepth',
				key: 'depth_m',
				label: 'Taken from how deep',
				said: 'depth',
				hint: 'Empty: root depth',
				isOptional: true,
				reads: limits.bed.depth
			}
		],
		holds: 'from-a-day',
		ways: [
			{ value: 'strip', label: 'Test strip' },
			{ value: 'probe', label: 'Pocket probe' },
			{ value: 'slurry', label: 'Meter in a slurry' },
			{ value: 'laboratory', label: 'Laboratory' }
		],
		did: 'pH read',
		asks: 'Read its pH',
		button: 'Keep the reading',
		line: {
			word: 'ph',
			about: 'a bed',
			example: 'ph Upper 1 5.6 5.8 5.7 cacl2 slurry',
			does: 'pH of its soil at several places, in what, and how it was read'
		},
		sheet: 'soil-ph'
	}),
	smallAct({
		verb: 'tell-crop',
		what: 'crop',
		on: ['bed'],
		fields: [
			{ name: 'cropName', key: 'name', label: 'What grows', said: 'crop', longest: 80 },
			{
				name: 'cropKind',
				key: 'kind',
				label: 'It is',
				said: 'kind of crop',
				oneOf: [
					{ value: 'mixed', label: 'Mixed' },
					{ value: 'leaf-and-fruit', label: 'Leaf and fruit' },
					{ value: 'fine-seed', label: 'Fine seed' },
					{ value: 'grass-and-grain', label: 'Grass and grain' }
				]
			},
			{
				name: 'cropShare',
				key: 'share',
				label: 'Share of the ground, %',
				said: 'share of the ground, %',
				hint: 'Of several crops each',
				inPercent: true,
				reads: limits.cropShare
			},
			{
				name: 'cropWhen',
				key: 'when',
				label: 'It grows there',
				said: 'when',
				oneOf: [
					{ value: 'now', label: 'Now' },
					{ value: 'next', label: 'Next' }
				]
			}
		],
		holds: 'between-days',
		ways: [{ value: 'grower', label: 'The grower’s word' }],
		did: 'crop told',
		asks: 'Say what grows, or comes next',
		button: 'Keep the crop',
		sheet: 'crops'
	}),
	smallAct({
		verb: 'cover-ground',
		what: 'ground-cover',
		on: ['bed'],
		fields: [
			{
				name: 'coverWords',
				key: 'words',
				label: 'What lies over it or grows between',
				said: 'cover',
				hint: 'Like straw, clover, bare',
				longest: 80
			}
		],
		holds: 'between-days',
		ways: [{ value: 'grower', label: 'The grower’s word' }],
		did: 'cover told',
		asks: 'Say how its ground is covered',
		button: 'Keep the cover'
	}),
	smallAct({
		verb: 'leave-untreated',
		what: 'untreated',
		on: ['bed'],
		fields: [],
		holds: 'between-days',
		did: 'left untreated',
		asks: 'Leave it untreated',
		button: 'It is left untreated',
		sheet: 'untreated'
	})
];
