import { measureIds, type MeasureId } from '../../../core/trials';
import { lookSchema, lostSchema, stripLookSchema } from '../../../input/trials';
import { lookAtStrip, lookAtUnit, loseUnit } from '../../usecases/trials/look-at';
import { leadingName, namesOfKind, thingNamed, type Names } from '../names';
import { sending, trouble, type LogVerb } from '../sending';

/** "T2 pot 7 14 cm": the trial, the number, and what is said of it. */
function unitIn(rest: string, names: Names) {
	const trial = leadingName(rest, namesOfKind(names, 'trial'));
	const [, unit = '', said = ''] =
		/^(?:pot|plot|no\.?|number)?\s*(\d+)[:,]?\s*(.*)$/is.exec(trial?.rest.trim() ?? '') ?? [];
	return trial && unit !== '' ? { code: trial.name, unit, said: said.trim() } : undefined;
}

const measuresOf = (names: Names, code: string): readonly MeasureId[] => {
	const told = thingNamed(names, code)?.facts?.measures?.split(' ') ?? [];
	return measureIds.filter((id) => told.includes(id));
};

/** By a word of it, by its unit, else the first that the trial measures. */
function measureIn(said: string, measures: readonly MeasureId[]): readonly [MeasureId, string] {
	const named = measures.find((id) => said.toLowerCase().includes(id.replace('-', ' ')));
	const rest = named
		? said.replace(new RegExp(named.replace('-', ' '), 'i'), '').trim()
		: said.trim();
	const byUnit = /\d\s*(?:cm|m|mm|in|ft|")\s*$/i.test(rest)
		? 'height'
		: /\d\s*(?:g|kg|oz|lb)\s*$/i.test(rest)
			? 'harvest'
			: undefined;
	return [named ?? measures.find((id) => id === byUnit) ?? measures[0] ?? 'score', rest];
}

const told = (head: string) => () => () => () => ({ head, text: 'Kept with its time.' });

/** `look T2 pot 7 14 cm` */
export const lookVerb: LogVerb = {
	word: 'look',
	about: 'one pot of a trial',
	examples: [{ line: 'look T2 pot 7 14 cm', does: 'what was read of one pot or plot of a trial' }],
	fits: ({ kind }) => kind === 'trial',
	read: ({ rest }, names) => {
		const found = unitIn(rest, names);
		if (!found || found.said === '') return trouble('line-look');
		const { code, unit } = found;
		const [measure, value] = measureIn(found.said, measuresOf(names, code));
		const values = { unit, measure, value };
		return sending(
			values,
			(reading) => lookSchema(reading, code, values),
			lookAtUnit,
			told(`${code}, number ${unit}: ${value}`)
		);
	}
};

/** `lost T2 pot 9 snails` */
export const lostVerb: LogVerb = {
	word: 'lost',
	about: 'a pot of a trial',
	examples: [{ line: 'lost T2 pot 9 snails', does: 'a pot or plot of a trial that is lost' }],
	fits: ({ kind }) => kind === 'trial',
	read: ({ rest }, names) => {
		const found = unitIn(rest, names);
		if (!found) return trouble('line-lost');
		const { code, unit, said } = found;
		return sending(
			{ unit, why: said },
			(reading) => lostSchema(reading, code),
			loseUnit,
			told(`${code}, number ${unit} is lost`)
		);
	}
};

/** `strip Mere 2 untreated 4 treated 7` */
export const stripVerb: LogVerb = {
	word: 'strip',
	about: 'a strip left as it was',
	examples: [
		{
			line: 'strip Mere 2 untreated 4 treated 7',
			does: 'a bed beside its untreated strip, scored or measured alike'
		}
	],
	fits: ({ kind }) => kind === 'bed',
	read: ({ rest }, names) => {
		const bed = leadingName(rest, namesOfKind(names, 'bed'));
		const [, untreated = '', treated = ''] =
			/^untreated\s+(.+?)\s+treated\s+(.+)$/is.exec(bed?.rest.trim() ?? '') ?? [];
		if (!bed || untreated === '') return trouble('line-strip');
		const [measure] = measureIn(treated, ['score', 'height', 'harvest']);
		const values = { bed: bed.name, measure, untreated, treated };
		return sending(
			values,
			(reading) => stripLookSchema(reading, values),
			lookAtStrip,
			told(`${bed.name}: untreated ${untreated}, treated ${treated}`)
		);
	}
};
