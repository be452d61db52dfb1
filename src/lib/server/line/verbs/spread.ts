import { kindByCode, type LotKind } from '../../../core/kinds';
import { parseMass } from '../../../core/units';
import { leadingName, namesOfKind, thingNamed, type Names } from '../names';
import { trouble, type Completion, type LogVerb, type Understood } from '../sending';
import { spreadOnMany, type OntoBed } from './onto-bed';
import { inHoles } from './per-hole';
import { spreadParts } from './spread-parts';

/** `->`, `→`, `>`, or a word between the lot and the bed. */
const arrow = /\s*(?:->|→|>)\s*|\s+(?:to|onto|on|into)\s+/i;

/**
 * `38 L C4 > Mere 2`, `spread 2 barrows of C4 on mere2`, `5 L/m2 C4 -> Mere 2`, `all C4 to Mere 2`
 * @param onto how lots of each kind go on a bed
 */
export const spreadVerb = (onto: Partial<Record<LotKind, OntoBed>>): LogVerb => ({
	word: 'spread',
	about: 'on a bed',
	examples: [
		{ line: '38 L C4 > Mere 2', does: 'spread 38 L of C4 on a bed' },
		{
			line: '2 barrows of C4 on Mere 2',
			does: 'the same in your own measure and words; all C4 > … empties it'
		},
		{ line: '5 L/m2 C4 > Mere 2', does: 'the same as a rate: L/m2, %, lb/ft2, t/ha and so on' },
		{ line: '2 L/m2 C4 > Mere 1-3', does: 'the same on several beds; 5 L C4 > Mere 1-3 each' },
		{ line: '40 L M31 > Mere 2', does: 'compost, ash or what else is in stock, laid on top' }
	],
	also: ['put', 'lay', 'laid'],
	opens: (line, names) =>
		/^[\d¼½¾⅓⅔⅛⅜⅝⅞.]|^(?:all|half|an?)\b|^\p{L}\d+ [\d¼½¾.]/iu.test(line) ||
		/->|→|>/.test(line) ||
		/\d/.test(leadingName(line, namesOfKind(names, 'bed'))?.rest ?? ''),
	fits: ({ kind }) => kind in onto,
	ways: (after, names) => spreading(after, names, onto),
	read: ({ rest, reason }, names) => {
		const told = inHoles(rest);
		if (typeof told !== 'string') return told;
		const parts = spreadParts(told, names, ({ kind }) => kind in onto);
		if ('status' in parts) return parts;
		const { lot, amount, bed, beds } = parts;
		const kind = kindByCode(lot)?.id as LotKind | undefined;
		if (beds) {
			// What is laid on top has no round: a line for each.
			if (kind !== 'charge' && kind !== 'char')
				return trouble('line-two-beds', { name: beds.slice(1).join(', ') });
			return spreadOnMany({ lot, amount, beds, reason });
		}
		return putOn(onto, kind, { lot, amount: byVolume(amount, lot, names), bed, reason }, names);
	}
});

/** What is kept by weight may be said by it: as many litres as that weighs, as it lies. */
export function byVolume(amount: string, lot: string, names: Names): string {
	const { litres = 0, kg = 0 } = thingNamed(names, lot) ?? {};
	// A "t" may be a teaspoon: that is asked back as everywhere.
	if (!(kg > 0) || !/[a-z]\s*$/i.test(amount) || /\bt\s*$/.test(amount)) return amount;
	const weight = parseMass(amount);
	return weight.status === 'ok'
		? `${Number(((weight.value * litres) / kg).toPrecision(4))} L`
		: amount;
}

function putOn(
	onto: Partial<Record<LotKind, OntoBed>>,
	kind: LotKind | undefined,
	typed: Parameters<OntoBed>[0],
	names: Names
): Understood {
	const put = kind && onto[kind];
	return put ? put(typed, names) : trouble('line-no-spread', { code: typed.lot });
}

function spreading(
	text: string,
	names: Names,
	onto: Partial<Record<LotKind, OntoBed>>
): readonly Completion[] {
	if (text === '')
		return [...names.measures.slice(0, 1), 'L'].map((measure) => ({
			line: `1 ${measure} `,
			shows: `1 ${measure} …`,
			about: 'spread it on a bed'
		}));
	const [left = '', right] = text.split(arrow, 2);
	if (right !== undefined)
		return namesOfKind(names, 'bed')
			.filter((bed) => bed.toLowerCase().startsWith(right.trim().toLowerCase()))
			.map((bed) => ({ line: `${left.trim()} > ${bed}`, shows: bed, about: 'bed' }));
	return amounts(text, names, onto);
}

function amounts(
	text: string,
	names: Names,
	onto: Partial<Record<LotKind, OntoBed>>
): readonly Completion[] {
	const [, figure = '', word = ''] = /^(all|[\d¼½¾⅓⅔⅛.,/ ]*\d|[¼½¾⅓⅔⅛])\s*(.*)$/i.exec(text) ?? [];
	const units = ['L', 'L/m2', '%', ...names.measures];
	const unit = /^all$/i.test(figure) ? '' : longestStart(word, units);
	if (unit === undefined)
		return units
			.filter((name) => name.toLowerCase().startsWith(word.toLowerCase()))
			.map((name) => ({
				line: `${figure} ${name} `,
				shows: name,
				about: names.measures.includes(name) ? 'your measure' : 'unit'
			}));
	const begun = word.slice(unit.length).trim();
	const amount = `${figure}${unit === '' ? '' : ` ${word.slice(0, unit.length)}`}`;
	return names.things
		.filter(
			({ kind, code, name }) =>
				kind in onto &&
				[code, name].some((one) => one.toLowerCase().startsWith(begun.toLowerCase()))
		)
		.sort((a, b) => Number(b.ripe ?? false) - Number(a.ripe ?? false))
		.map(({ code, name, litres }) => ({
			line: `${amount} ${code} > `,
			shows: code,
			about: name,
			...(litres === undefined ? {} : { litres })
		}));
}

/** The unit or measure a text starts with, in full. */
const longestStart = (text: string, known: readonly string[]) =>
	known
		.flatMap((name) => [`${name}s`, name])
		.filter((name) => `${text.toLowerCase()} `.startsWith(`${name.toLowerCase()} `))
		.sort((a, b) => b.length - a.length)[0];
