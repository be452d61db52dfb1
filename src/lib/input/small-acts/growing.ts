import { limits } from '../limits';
import { smallAct, type SmallAct } from './declare';

/** What is sown, comes off and is cleared, and what a bed is held to. */
export const ofGrowing: readonly SmallAct[] = [
	smallAct({
		verb: 'sow',
		what: 'sown',
		on: ['bed'],
		fields: [
			{ name: 'cropName', key: 'name', label: 'What', said: 'crop', longest: 80 },
			{
				name: 'sownHow',
				key: 'how',
				label: 'How',
				said: 'how',
				isOptional: true,
				oneOf: [
					{ value: 'sown', label: 'Sown' },
					{ value: 'planted', label: 'Planted out' }
				]
			},
			{
				name: 'cropShare',
				key: 'share',
				label: 'Share of the ground, %',
				said: 'share of the ground, %',
				hint: 'Empty: all of it',
				isOptional: true,
				inPercent: true,
				reads: limits.cropShare
			}
		],
		holds: 'from-a-day',
		ways: [{ value: 'grower', label: 'The grower’s word' }],
		did: 'sown',
		asks: 'Sow or plant',
		button: 'It is in the ground',
		line: {
			word: 'sow',
			about: 'a bed',
			example: 'sow Mere 1 carrot',
			does: 'What was sown or planted there; its share with %'
		},
		sheet: 'sowings'
	}),
	smallAct({
		verb: 'harvest',
		what: 'harvested',
		on: ['bed'],
		fields: [
			{
				name: 'harvestAmount',
				key: 'measure',
				label: 'How much',
				said: 'amount',
				hint: 'Like 12 kg or one crate',
				measures: true
			},
			{
				name: 'harvestCrop',
				key: 'name',
				label: 'Of what',
				said: 'crop',
				hint: 'Empty: of what grows there',
				isOptional: true,
				longest: 80
			}
		],
		isDated: true,
		did: 'harvested',
		asks: 'Harvest',
		button: 'It came off the bed',
		line: {
			word: 'harvest',
			about: 'a bed',
			example: 'harvest Mere 1 12 kg',
			does: 'What came off a bed, by weight or an own measure'
		},
		sheet: 'harvests'
	}),
	smallAct({
		verb: 'clear',
		what: 'cleared',
		on: ['bed'],
		fields: [
			{
				name: 'clearedCrop',
				key: 'name',
				label: 'Of what',
				said: 'crop',
				hint: 'Empty: of all that grows there',
				isOptional: true,
				longest: 80
			}
		],
		holds: 'from-a-day',
		ways: [{ value: 'grower', label: 'The grower’s word' }],
		did: 'cleared',
		asks: 'Clear it',
		button: 'It is cleared',
		line: {
			word: 'clear',
			about: 'a bed',
			example: 'clear Mere 1',
			does: 'Nothing of it grows there any more'
		},
		sheet: 'clearings'
	}),
	smallAct({
		verb: 'limit-nitrogen',
		what: 'limit',
		on: ['bed'],
		fields: [
			{
				name: 'nitrogenLimit',
				key: 'nitrogen_g_m2',
				label: 'Nitrogen of manures in a season, g/m², at most',
				said: 'limit of nitrogen',
				hint: '17 is the cap of many places: 170 kg to the hectare',
				reads: limits.nitrogenLimit
			}
		],
		did: 'limit set',
		asks: 'Set a limit for manures',
		button: 'Hold it to that'
	})
];
