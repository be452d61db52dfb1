import { type Place } from '../../../format/paths';
import { remarkSchema } from '../../input/facts';
import { remark, type Seen } from '../../usecases/see-fact';
import { leadingName, type Names } from '../names';
import { sending, trouble, type ReadVerb } from '../sending';

/** `note Mere 2 slugs in the woad`, `note C4 smells of the stable`, `note F6 rain in the night` */
export const readNote: ReadVerb = ({ rest }, names) => {
	const subject = subjectOf(rest, names);
	if (!subject) return trouble('line-note-where', { typed: rest.split(/\s+/)[0] ?? '' });
	const { at, name, words } = subject;
	if (words === '') return trouble('line-note-what', { name });
	return sending(
		'note',
		{ words },
		() => remarkSchema(at, name),
		remark,
		(books) => () => {
			const kind = at === 'lot' ? (books.ledger.maybeLot(name)?.kind ?? 'stack') : undefined;
			const place: Place = kind ?? (at === 'fire' ? 'burn' : 'bed');
			return { verb: 'note', place, name, words };
		}
	);
};

function subjectOf(
	text: string,
	names: Names
): { readonly at: Seen['at']; readonly name: string; readonly words: string } | undefined {
	const bed = leadingName(text, names.beds);
	if (bed) return { at: 'bed', name: bed.name, words: bed.rest };
	const [, code = '', words = ''] = /^(\p{L}\d+)\s*(.*)$/su.exec(text) ?? [];
	if (code === '') return undefined;
	return { at: /^f/i.test(code) ? 'fire' : 'lot', name: code.toUpperCase(), words };
}
