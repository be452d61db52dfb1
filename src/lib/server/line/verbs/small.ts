import { kindByCode, type Place } from '../../../core/kinds';
import type { Values } from '../../../input/form';
import { keptBy, smallSchema } from '../../../input/small';
import { smallActs, type SmallAct, type SmallField } from '../../../input/small-acts';
import { doSmall } from '../../usecases/small-act';
import { leadingName, namesOfKind, type Names } from '../names';
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
	return undefined;
}

/** The rest of a line into fields, in their order: a choice by its word, what is free text to the end. */
function valuesIn({ fields, ways }: SmallAct, said: string): Values {
	const words = said.split(/\s+/).filter(Boolean);
	const way = ways?.find(({ value }) => words.at(-1)?.toLowerCase() === value);
	if (way) words.pop();
	const values: Record<string, string> = way ? { way: way.value } : {};
	fields.forEach((field, i) => {
		const isLast = i === fields.length - 1;
		values[field.name] = (isLast ? words.splice(0).join(' ') : (words.shift() ?? '')).trim();
		values[field.name] = asChoice(field, values[field.name] ?? '');
	});
	return values;
}

const asChoice = (field: SmallField, said: string): string =>
	'oneOf' in field
		? (field.oneOf.find(({ value }) => value === said.toLowerCase())?.value ?? said)
		: said;
