import type { AskForm, RateForm } from '../core/beds';
import type { System } from '../core/units';

/** What a rate in this form counts. */
export const rateWords: Readonly<Record<RateForm, string>> = {
	'L/m2': 'L of char per m²',
	percent: '% char of the soil',
	'metric-cup/ft2': 'metric cups of char per ft²',
	'kg/m2': 'kg dry char per m²',
	'kg-as-sold/m2': 'kg as weighed, damp, per m²',
	't/ha': 't dry char per ha',
	'cup/ft2': 'US cups of char per ft²',
	'ft3/100ft2': 'ft³ of char per 100 ft²',
	'lb/ft2': 'lb dry char per ft²',
	'lb-as-sold/ft2': 'lb as weighed, damp, per ft²',
	'ton/acre': 'short tons dry per acre'
};
/** What a bare number in a field of an amount is, by the form chosen beside it. */
export const askWords = (form: AskForm, system: System | undefined): string =>
	form === 'carried'
		? `${system === 'us' ? 'gal' : 'L'} of the mix as it lies, or your measures`
		: rateWords[form];

export const rateUnits: Readonly<Record<RateForm, string>> = {
	'L/m2': 'L/m²',
	percent: '% of soil',
	'metric-cup/ft2': 'metric cups/ft²',
	'kg/m2': 'kg dry/m²',
	'kg-as-sold/m2': 'kg damp/m²',
	't/ha': 't dry/ha',
	'cup/ft2': 'US cups/ft²',
	'ft3/100ft2': 'ft³/100 ft²',
	'lb/ft2': 'lb dry/ft²',
	'lb-as-sold/ft2': 'lb damp/ft²',
	'ton/acre': 'ton dry/acre'
};
