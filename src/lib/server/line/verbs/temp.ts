import { judgeZone } from '../../../core/fires';
import { sayMoment } from '../../../format/dates';
import { say } from '../../../format/figure';
import { zoneWords } from '../../../format/line-words';
import type { Books } from '../../db/books';
import type { Burn } from '../../db/burns';
import { versionOf } from '../../questions/fires';
import { smallSchema } from '../../../input/small';
import { doSmall } from '../../usecases/small-act';
import { leadingName, namesOfKind, thingNamed, type Names } from '../names';
import { sending, trouble, type LogVerb } from '../sending';

/** `temp F7 640`, `temp F7 640 gun`, `temp Lantern 640` (its open fire, else its newest), `temp C4 38 C` */
export const tempVerb: LogVerb = {
	word: 'temp',
	about: 'a fire or lot',
	examples: [
		{ line: 'temp F7 640', does: 'what the probe says of a fire; a vessel’s name means its fire' }
	],
	fits: ({ kind, facts }) => kind === 'burn' || facts?.works === 'yes',
	read: ({ rest }, names) => {
		const subject = subjectOf(rest, names);
		if (!subject) return trouble('line-which-fire', { typed: rest.split(/\s+/)[0] ?? '' });
		if ('noFireIn' in subject) return trouble('line-no-fire', { name: subject.noFireIn });
		if (subject.rest === '') return trouble('line-how-hot', { name: subject.name });
		const { at, name } = subject;
		const [, figure = subject.rest, by = ''] =
			(at === 'fire' && /^(.*?)\s+(gun|probe)$/i.exec(subject.rest)) || [];
		return sending(
			{ temperature: figure, ...(by ? { by: by.toLowerCase() } : {}) },
			(reading) => smallSchema(reading, at === 'fire' ? 'read-fire' : 'read-temperature', at, name),
			doSmall,
			(books) =>
				() =>
				({ system, almanac }) => {
					const burn = at === 'fire' ? books.burns.maybeOne(name) : null;
					const lot = at === 'lot' ? books.ledger.maybeLot(name) : null;
					const [read] = books.findings.temperatures(burn?.id ?? lot?.id ?? 0);
					const vessel = burn ? vesselOf(books, burn) : '';
					const head = `${name}${vessel ? ` in ${vessel}` : ''} at ${say(read?.temperature ?? 0, '°C', system)}`;
					if (burn?.record)
						return {
							head,
							text: `Quenched ${sayMoment(burn.record.quenchedAt_ms, almanac)}. Kept as a reading. Only a check in three places proves a fire out.`
						};
					const zone = burn && read ? zoneWords[judgeZone(read.temperature)] : 'Kept as a reading';
					return { head, text: `${zone}.` };
				}
		);
	}
};

type Subject =
	| { readonly at: 'fire' | 'lot'; readonly name: string; readonly rest: string }
	| { readonly noFireIn: string };

function subjectOf(text: string, names: Names): Subject | undefined {
	const [code = '', ...rest] = text.split(/\s+/);
	if (/^\p{L}\d+,?$/u.test(code)) {
		const name = code.replace(/,$/, '').toUpperCase();
		return { at: name.startsWith('F') ? 'fire' : 'lot', name, rest: rest.join(' ') };
	}
	const vessel = leadingName(text, namesOfKind(names, 'vessel'));
	if (!vessel) return undefined;
	const fire = thingNamed(names, vessel.name)?.facts?.fire;
	return fire === undefined
		? { noFireIn: vessel.name }
		: { at: 'fire', name: fire, rest: vessel.rest };
}

const vesselOf = (books: Books, burn: Burn): string =>
	books.vessels.version(versionOf(burn))?.name ?? '';
