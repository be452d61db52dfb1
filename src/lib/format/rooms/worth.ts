import type { Complaints, Names } from '../room-words';

export const acts: Names = {
	'log-hours': 'hours told',
	'share-hours': 'a day shared out',
	'log-paid': 'cash paid',
	'tell-prices': 'prices told'
};

export const fields: Names = {
	took: 'it took',
	stage: 'stage',
	lasted: 'it lasted',
	ofThing: 'told of',
	dayHours: 'hours of the day',
	dayHeads: 'heads',
	stage1: 'stage',
	share1: 'parts of the day',
	stage2: 'second stage',
	share2: 'its parts',
	stage3: 'third stage',
	share3: 'its parts',
	stage4: 'fourth stage',
	share4: 'its parts',
	paidFor: 'what for',
	paid: 'paid',
	'price-char': 'char, a litre',
	'price-compost': 'compost, a litre',
	'price-lime': 'lime, a kilogram',
	'price-nitrogen': 'nitrogen, a kilogram',
	'price-potash': 'potash, a kilogram',
	'price-hour': 'an hour of yours'
};

export const complaints: Complaints = {
	'no-such-thing': ({ name }) =>
		`Nothing goes by "${name}". Give the code of a lot or a fire, the name of a bed or a vessel, or leave it empty.`,
	'line-hours': ({ stages }) =>
		`Write the stage, then how long and how many of you: hours crush 40 min 2. Stages: ${stages}.`,
	'line-paid': () => 'Write what for and how much: paid molasses 3.20.'
};
