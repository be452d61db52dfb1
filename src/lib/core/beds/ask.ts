import {
	litresPerM2,
	parseNumber,
	litresOfPart,
	factors,
	parseLength,
	parsePart,
	parseVolume,
	wetBasis,
	type LitresPerM2,
	type ParseContext,
	type Part,
	type ReadPart,
	type WetBasis
} from '../units';
import type { DoseLot } from './dose';
import {
	isAsSold,
	mostRate,
	rateFormOf,
	rateForms,
	rateInLitres,
	type RateForm,
	type RateTerms
} from './rate';
import type { Ground } from './room';

/** How somebody asks for a dose: as a rate in one of its forms, or as what is carried out. */
export type DoseAsk =
	| {
			readonly by: 'rate';
			readonly form: RateForm;
			readonly amount: number;
			readonly moisture?: WetBasis;
	  }
	/** A part of the lot as it lies, measured in buckets and barrows. */
	| { readonly by: 'carried'; readonly litres: Part }
	/** So much of the lot as it lies on so many square metres: a bag on four of them. */
	| { readonly by: 'spread'; readonly litres: number; readonly over_m2: number }
	/** So much of what fills the pots, or of the worked soil, is the lot as it lies, by volume. */
	| { readonly by: 'mix'; readonly share: number };

/** What the choice beside the amount may say: a form of rate, or what is carried. */
export type AskForm = RateForm | 'carried';
export const askForms: readonly [AskForm, ...AskForm[]] = Object.freeze(['carried', ...rateForms]);

export type ReadAsk =
	| { readonly status: 'ok'; readonly ask: DoseAsk; readonly form: AskForm }
	| Exclude<ReadPart, { status: 'ok' }>
	| {
			readonly status: 'ask';
			readonly code: 'rate-cup' | 'percent' | 'weight';
			readonly options: readonly string[];
	  };

/**
 * Read a dose as people type it. A unit in the text ("5 L/m2", "2 US cups/ft²", "1 ½ barrows",
 * "half of it", "all") wins over the form chosen beside it.
 * @param moisture water of the char as weighed, for the as-sold forms
 * @example readAsk('1 barrow', 'L/m2', { measures }) // carried: 78 L
 */
export function readAsk(
	typed: string,
	form: AskForm,
	context: ParseContext = {},
	moisture?: WetBasis
): ReadAsk {
	const text = inShort(typed);
	const ofTop = shareOfTop(text, context);
	if (ofTop) return ofTop;
	const over = spreadOver(text, context);
	if (over) return over;
	const ofMix = shareOfMix(text, context);
	if (ofMix) return ofMix;
	const [, figure = '', unit = ''] = /^([\d\s.,/¼½¾⅓⅔⅛⅜⅝⅞]*)(.*)$/su.exec(text.trim()) ?? [];
	// Where litres of the lot are meant, a bare percentage may be of the soil or of the lot.
	if (form === 'carried' && /^(%|percent)$/i.test(unit.trim())) return askPercent(figure.trim());
	if (isWeightOfChar(unit) && form !== rateFormOf(unit))
		return askWeight(figure.trim(), unit.trim());
	const per100 = unit.replace(/\b100 ?(?=(?:ft|sq))/i, '');
	const isPer100 = rateFormOf(unit) === undefined && rateFormOf(per100) !== undefined;
	const named = namedForm(isPer100 ? per100 : unit, form);
	if (named === 'which-cup') {
		const options = [`${figure.trim()} US cups/ft²`, `${figure.trim()} metric cups/ft²`];
		return { status: 'ask', code: 'rate-cup', options };
	}
	if (named === 'carried') {
		const read = parsePart(text, context);
		if (read.status !== 'ok') return read;
		return { status: 'ok', ask: { by: 'carried', litres: read.part }, form: named };
	}
	const amount = parseNumber(unit === '' ? text : figure);
	if (amount.status !== 'ok') return amount;
	return {
		status: 'ok',
		form: named,
		ask: {
			by: 'rate',
			form: named,
			amount: isPer100 ? amount.value / 100 : amount.value,
			...(moisture === undefined || !isAsSold(named) ? {} : { moisture })
		}
	};
}

/** As people say it: "2 cups to the square foot" is 2 cups/ft2. */
const inShort = (text: string): string =>
	text
		.replace(
			/\s+(?:to|on|for|per)\s+(?:(?:the|a|an|each|every)\s+)?(?:square\s+f(?:oo|ee)t|sq\.?\s*ft|ft2|ft²)(?=\s*(?:dry|as sold)?\s*$)/i,
			'/ft2'
		)
		.replace(
			/\s+(?:to|on|for|per)\s+(?:(?:the|a|an|each|every)\s+)?(?:square\s+met(?:re|er)s?|sq\.?\s*m|m2|m²)(?=\s*(?:dry|as sold)?\s*$)/i,
			'/m2'
		)
		.replace(/\s*\/\s*([fm]t?)(2|²)\s+(dry|as sold)\s*$/i, ' $3/$1$2')
		.replace(/%\s*(?:by volume|of the soil)\s*$/i, '% of soil');

/** "5 % by volume in the top 6 inches": so much char to the area as that depth of soil makes of it. */
function shareOfTop(text: string, context: ParseContext): ReadAsk | undefined {
	const [, percent = '', depth = ''] =
		/^(.+?)\s*%\s*(?:by volume\s+|of the soil\s+)?(?:in|of) the top (.+)$/i.exec(text.trim()) ?? [];
	if (percent === '') return undefined;
	const share = parseNumber(percent);
	const deep = parseLength(depth, context);
	if (share.status !== 'ok') return share;
	if (deep.status !== 'ok') return deep;
	const amount = (share.value / 100) * deep.value * 1000;
	return { status: 'ok', form: 'L/m2', ask: { by: 'rate', form: 'L/m2', amount } };
}

const squareFoot_m2 = factors.area.squareFoot;

/** "a bag on 4 m2", "2 cu ft on 32 sq ft": a measure of the lot, and the area it is meant for. */
function spreadOver(text: string, context: ParseContext): ReadAsk | undefined {
	const said =
		/^(.+?)\s+(?:on|over|to|for)\s+([\d.,/ ½¼¾]+)\s*(m\^?2|m²|sq\.?\s*m|square\s+met(?:re|er)s?|ft\^?2|ft²|sq\.?\s*ft|square\s+f(?:ee|oo)t)\s*$/i.exec(
			text.trim()
		);
	if (!said) return undefined;
	const [, what = '', size = '', unit = ''] = said;
	const volume = parseVolume(what, context);
	const area = parseNumber(size.trim());
	if (volume.status !== 'ok') return volume.status === 'ask' ? { ...volume } : volume;
	if (area.status !== 'ok') return area;
	if (!(area.value > 0)) return { status: 'bad', code: 'number', part: size.trim() };
	const over_m2 = area.value * (/^(?:m|sq\.?\s*m|square\s+m)/i.test(unit) ? 1 : squareFoot_m2);
	return { status: 'ok', form: 'carried', ask: { by: 'spread', litres: volume.value, over_m2 } };
}

/** "a third of the mix", "20 % of the mix": as potting mixes are told. */
function shareOfMix(text: string, context: ParseContext): ReadAsk | undefined {
	const what = /^(.+?)\s+(?:of|in)\s+the\s+(?:potting\s+)?mix$/i.exec(text.trim())?.[1];
	if (what === undefined) return undefined;
	const read = parsePart(`${what} of it`, context);
	if (read.status !== 'ok') return read;
	if (read.part === 'all') return { status: 'ok', form: 'carried', ask: { by: 'mix', share: 1 } };
	if (typeof read.part === 'number') return { status: 'bad', code: 'number', part: what };
	return { status: 'ok', form: 'carried', ask: { by: 'mix', share: read.part.share } };
}

/** The form that a unit names: where cups to an area are asked for, cups alone are meant so. */
function namedForm(unit: string, form: AskForm): AskForm | 'which-cup' {
	if (unit === '') return form;
	const isCups = form === 'cup/ft2' || form === 'metric-cup/ft2';
	return isCups && /^cups?$/i.test(unit.trim()) ? form : (rateFormOf(unit) ?? 'carried');
}

/** A weight to an area that does not say whether the water in the char is weighed with it. */
const isWeightOfChar = (unit: string): boolean =>
	/^(?:kg|lbs?|oz|ounces?)\s*(?:\/|per)\s*(?:m\^?2|m²|sq ?m|ft\^?2|ft²|sq ?ft)$/i.test(unit.trim());

function askWeight(figure: string, unit: string): ReadAsk {
	const [what = '', per = ''] = unit.split(/\s*(?:\/|per)\s*/i);
	const ounces = /^o/i.test(what) ? parseNumber(figure) : undefined;
	if (ounces?.status === 'ok') return askWeight(String(ounces.value / 16), `lb/${per}`);
	return {
		status: 'ask',
		code: 'weight',
		options: [`${figure} ${what} dry/${per}`, `${figure} ${what} as sold/${per}`]
	};
}

const askPercent = (figure: string): ReadAsk => ({
	status: 'ask',
	code: 'percent',
	options: [`${figure} % of soil`, `${figure} % of it`]
});

export type AskedRate =
	| { readonly status: 'rate'; readonly rate: LitresPerM2 }
	| { readonly status: 'more-than-soil'; readonly most: number }
	| { readonly status: 'moisture-wanted' };

/** What was asked for as litres of char per m² on this ground, from this lot. */
export function askedRate(ask: DoseAsk, ground: Ground, lot: DoseLot, terms: RateTerms): AskedRate {
	if (ask.by === 'rate')
		return rateInLitres(ask.form, ask.amount, {
			...terms,
			...(ask.moisture === undefined ? {} : { moisture: ask.moisture })
		});
	const carried = carriedOut(ask, ground, lot);
	const rate = (carried * lot.charShare.value) / ground.area;
	const most = mostRate(ground.depth);
	return rate > most
		? { status: 'more-than-soil', most: (most * ground.area) / lot.charShare.value }
		: { status: 'rate', rate: litresPerM2(rate) };
}

/** Litres of the lot as it lies. */
function carriedOut(ask: Exclude<DoseAsk, { by: 'rate' }>, ground: Ground, lot: DoseLot): number {
	if (ask.by === 'spread') return (ask.litres * ground.area) / ask.over_m2;
	if (ask.by === 'mix') return ask.share * ground.area * ground.depth * 1000;
	return litresOfPart(ask.litres, lot.litresLeft, lot.slack_l);
}

/** Water in the char by weight, typed in percent, wet basis; undefined when it is no such number. */
export function readMoisture(text: string): WetBasis | undefined {
	const percent = parseNumber(text);
	return percent.status === 'ok' && percent.value < 95 ? wetBasis(percent.value / 100) : undefined;
}

/** An amount that names a lot of its own: `C5 20 L`. */
export function ownLot(amount: string): { readonly lot?: string; readonly text: string } {
	const named = /^\s*([CK]\d{1,7})\s+(.+)$/i.exec(amount);
	return named ? { lot: named[1]!.toUpperCase(), text: named[2]! } : { text: amount };
}
