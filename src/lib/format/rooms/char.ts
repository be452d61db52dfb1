import type { Complaints, Names } from '../room-words';

export const acts: Names = {
	crush: 'crushed',
	're-measure': 'sampled again',
	'pool-char': 'tipped onto one heap',
	'char-in': 'char taken in',
	'find-of-char': 'char looked at',
	riddle: 'brands picked out'
};

export const fields: Names = {
	others: 'together with',
	volume: 'volume',
	weight: 'weight as sold',
	words: 'whose, which batch',
	price: 'price',
	grain: 'largest grain, mm',
	sheetAsh: 'ash by its sheet, %',
	sheetPh: 'pH by its sheet',
	weighedWet: 'weighed wet',
	weighedDry: 'the same, dried',
	slurryPh: 'pH of a slurry',
	ashLeft: 'ash left, %',
	hottestSeen: 'hottest seen',
	rinsed: 'rinsed',
	over20: 'over 20 mm',
	to20: '10 to 20 mm',
	to10: '2 to 10 mm',
	under2: 'under 2 mm',
	brands: 'brands'
};

export const complaints: Complaints = {
	'pool-states': () => 'Whole and crushed char stay apart: their litres are different measures.',
	'volume-or-weight': () => 'Say its volume or its weight; both give its own density.',
	'drier-than-wet': () => 'Dried it can weigh no more than wet.',
	'rinsed-apart': () =>
		'Keep the rinsing by itself: what was tried before it says nothing of the char after it.',
	'nothing-tried': () => 'Say at least one thing that was tried.',
	'nothing-sieved': () => 'Weigh at least one fraction.',
	'no-char': ({ code }) => `${code} is no char.`
};
