import { smallSchema } from '../../../input/small';
import { doSmall } from '../../usecases/small-act';
import { leadingName, namesOfKind, type Names } from '../names';
import { sending, trouble, type LogVerb } from '../sending';
import { isLot } from './count';
import { onEachBed } from './on-each-bed';

/** `note Mere 2 slugs in the woad`, `note C4 smells of the stable`, `note F6 rain in the night` */
export const noteVerb: LogVerb = {
	word: 'note',
	about: 'what you saw',
	examples: [
		{ line: 'note Mere 2 slugs in the woad', does: 'something seen at a bed, lot or fire' }
	],
	isFree: true,
	fits: (thing) => isLot(thing) || thing.kind === 'bed' || thing.kind === 'burn',
	read: onEachBed(({ rest }, names) => {
		const subject = subjectOf(rest, names);
		if (!subject) return trouble('line-note-where', { typed: rest.split(/\s+/)[0] ?? '' });
		const { at, name, words } = subject;
		if (words === '') return trouble('line-note-what', { name });
		return sending(
			{ words },
			(reading) => smallSchema(reading, 'remark', at, name),
			doSmall,
			() => () => () => ({ head: `A note at ${name}`, text: `"${words}"` })
		);
	})
};

function subjectOf(
	text: string,
	names: Names
):
	| { readonly at: 'lot' | 'fire' | 'bed'; readonly name: string; readonly words: string }
	| undefined {
	const bed = leadingName(text, namesOfKind(names, 'bed'));
	if (bed) return { at: 'bed', name: bed.name, words: bed.rest };
	const [, code = '', words = ''] = /^(\p{L}\d+)[,:]?\s*(.*)$/su.exec(text) ?? [];
	if (code === '') return undefined;
	return { at: /^f/i.test(code) ? 'fire' : 'lot', name: code.toUpperCase(), words };
}
