import { kindByCode, type Place } from '../../../core/kinds';
import type { Values } from '../../../input/form';
import { keptBy, smallSchema } from '../../../input/small';
import { smallActs, type SmallAct, type SmallField } from '../../../input/small-acts';
import { doSmall } from '../../usecases/small-act';
import { leadingLot, leadingName, namesOfKind, type Names } from '../names';
import { sending, trouble, type LogVerb } from '../sending';
import { onEachBed } from './on-each-bed';

/** The verbs of small acts that declare a line: "turn C5", "salt B7 1.8", "ph Mere 2 6.2 strip". */
export const smallVerbs: readonly LogVerb[] = smallActs.flatMap((act) =>
	act.line ? [verbOf(act, act.line)] : []
);

function verbOf(act: SmallAct, line: NonNullable<SmallAct['line']>): LogVerb {
	return {
		word: line.word,
		about: line.about,
		examples: [{ line: line.example, does: line.does }],
		fits: ({ kind }) => act.on.includes(kind),
		read: onEachBed(({ rest }, names) => {
			const found = thingIn(act, rest, names);
			if (!found) return trouble(act.on.includes('bed') ? 'line-which-bed' : 'line-which-lot');
			const { kind, name, said } = found;
			const values = valuesIn(act, said);
			const missing = act.fields.find((field) => !field.isOptional && !values[field.name]);
			if (missing) return trouble('line-small', { name, asks: missing.said, line: line.example });
			return sending(
				values,
				(reading) => smallSchema(reading, act.verb, keptBy(kind), name),
				doSmall,
				() => () => () => ({
					head: [name, act.did, ...act.fields.map((field) => values[field.name])]
						.filter(Boolean)
						.join(' '),
					text: 'Kept with its time.'
				})
			);
		})
	};
}

interface Named {
	readonly kind: Place;
	readonly name: string;
	readonly said: string;
}

/** What it is done with: a code, or a name at the head of the text. */
function thingIn({ on }: SmallAct, text: string, names: Names): Named | undefined {
	const [, code = '', rest = ''] = /^(\p{L}\d+)[,:]?(?:\s+(.*))?$/su.exec(text.trim()) ?? [];
	const kind = code === '' ? undefined : kindByCode(code)?.id;
	if (kind) return { kind, name: code.toUpperCase(), said: rest.trim() };
	for (const known of on) {
		const named = leadingName(text, namesOfKind(names, known));
		if (named) return { kind: known, name: named.name, said: named.rest };
	}
	const lot = leadingLot(text, names, on);
	return lot && { kind: lot.kind, name: lot.code, said: lot.rest };
}

/**
 * The rest of a line into fields, in their order: choices that may be left out and the way it is known stand at
 * its end in any order, a share with its sign; several readings go together; what is free text goes to the end.
 */
function valuesIn({ fields, ways }: SmallAct, said: string): Values {
	const words = said.split(/\s+/).filter(Boolean);
	const values: Record<string, string> = {};
	const atEnd = [
		...fields.flatMap((field) =>
			'oneOf' in field && field.isOptional
				? field.oneOf.map(({ value }) => ({ name: field.name, value }))
				: []
		),
		...(ways ?? []).map(({ value }) => ({ name: 'way', value }))
	];
	const taken = () => {
		const last = words.at(-1)?.toLowerCase();
		return atEnd.find(({ name, value }) => value === last && values[name] === undefined);
	};
	for (let one = taken(); one; one = taken()) {
		values[one.name] = one.value;
		words.pop();
	}
	const percent = fields.find((field) => field.inPercent && field.isOptional);
	const share = percent && /^(.*?)\s*(\d+(?:[.,]\d+)?)\s*%$/u.exec(words.join(' '));
	if (percent && share) {
		values[percent.name] = share[2] ?? '';
		words.splice(0, words.length, ...(share[1] ?? '').split(/\s+/).filter(Boolean));
	}
	const open = fields.filter(({ name }) => values[name] === undefined && name !== percent?.name);
	open.forEach((field, i) => {
		const isLast = i === open.length - 1;
		const many =
			'isList' in field && field.isList ? numbersAtHead(words) : isLast ? words.length : 1;
		const typed = words
			.splice(0, 'measures' in field ? amountAtHead(words) : many)
			.join(' ')
			.trim();
		values[field.name] = asChoice(field, typed);
	});
	return values;
}

const numbersAtHead = (words: readonly string[]): number => {
	const other = words.findIndex((word) => !/^[\d.,;]+$/.test(word));
	return other < 0 ? words.length : Math.max(1, other);
};

/** "12 kg", "12kg", "one crate", "2 1/2 crates": up to "of", or to the word that ends it. */
function amountAtHead(words: readonly string[]): number {
	const of = words.findIndex((word) => word.toLowerCase() === 'of');
	return of < 0 ? words.length : of;
}

const asChoice = (field: SmallField, said: string): string =>
	'oneOf' in field
		? (field.oneOf.find(({ value }) => value === said.toLowerCase())?.value ?? said)
		: said.replace(/^of\s+/i, '');
