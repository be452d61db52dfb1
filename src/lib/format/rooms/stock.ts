import type { Complaints, Names } from '../room-words';

export const acts: Names = {
	'stock-up': 'brought in',
	analyse: 'measured by itself',
	'analyse-lot': 'analysed'
};

export const fields: Names = {
	material: 'material',
	analysed: 'material',
	nitrogen: 'total N',
	phosphorus: 'P',
	potassium: 'K',
	lime: 'lime value, %',
	charTold: 'char in it, %',
	bags: 'bags',
	bagPrice: 'price of one',
	bagN: 'N of the bag',
	bagP: 'P of the bag',
	bagK: 'K of the bag',
	bagAs: 'told as'
};

export const complaints: Complaints = {
	'unknown-material': ({ name }) => `"${name}" is no material in the list.`,
	'no-manure': () => 'Char is told of manure alone; bring char in by itself.',
	'not-stock': ({ code }) =>
		`${code} is no material in stock; char and charges go on by the dose above.`
};
