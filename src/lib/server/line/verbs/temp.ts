import { judgeZone } from '../../../core/fires';
import type { Books } from '../../db/books';
import type { Burn } from '../../db/burns';
import { temperatureSchema } from '../../input/facts';
import { readTemperature } from '../../usecases/see-fact';
import { leadingName, type Names } from '../names';
import { sending, trouble, type ReadVerb } from '../sending';

/** `temp F7 640`, `temp Lantern 640` (its open fire, else its newest), `temp C4 38 C` */
export const readTemp: ReadVerb = ({ rest }, names) => {
	const subject = subjectOf(rest, names);
	if (!subject) return trouble('line-which-fire', { typed: rest.split(/\s+/)[0] ?? '' });
	if ('noFireIn' in subject) return trouble('line-no-fire', { name: subject.noFireIn });
	if (subject.rest === '') return trouble('line-how-hot', { name: subject.name });
	const { at, name } = subject;
	return sending(
		'temp',
		{ temperature: subject.rest },
		(reading) => temperatureSchema(reading, at, name),
		readTemperature,
		(books) => () => {
			const burn = at === 'fire' ? books.burns.maybeOne(name) : null;
			const lot = at === 'lot' ? books.ledger.maybeLot(name) : null;
			const of = burn ? { burnId: burn.id } : { lotId: lot?.id ?? 0 };
			const read = books.facts.temperatures(of).sort((a, b) => b.at_ms - a.at_ms)[0];
			const quenched = burn?.record !== undefined;
			return {
				verb: 'temp',
				name,
				celsius: read?.temperature ?? 0,
				...(burn && read && !quenched ? { zone: judgeZone(read.temperature) } : {}),
				...(burn ? { vessel: vesselOf(books, burn) } : {}),
				...(burn?.record ? { proving: true, quenched_ms: burn.record.quenchedAt_ms } : {})
			};
		}
	);
};

type Subject =
	| { readonly at: 'fire' | 'lot'; readonly name: string; readonly rest: string }
	| { readonly noFireIn: string };

function subjectOf(text: string, { fireIn, vessels }: Names): Subject | undefined {
	const [code = '', ...rest] = text.split(/\s+/);
	if (/^f\d+$/i.test(code)) return { at: 'fire', name: code.toUpperCase(), rest: rest.join(' ') };
	if (/^[a-z]\d+$/i.test(code))
		return { at: 'lot', name: code.toUpperCase(), rest: rest.join(' ') };
	const vessel = leadingName(text, vessels);
	if (!vessel) return undefined;
	const fire = Object.hasOwn(fireIn, vessel.name) ? fireIn[vessel.name] : undefined;
	return fire === undefined
		? { noFireIn: vessel.name }
		: { at: 'fire', name: fire, rest: vessel.rest };
}

const vesselOf = (books: Books, { record, plan }: Burn): string =>
	books.vessels.version(record?.vesselVersionId ?? plan?.vesselVersionId ?? 0)?.name ?? '';
