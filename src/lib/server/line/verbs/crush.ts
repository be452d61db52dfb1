import { inLitres } from '../../../core/units';
import { joined, say, show } from '../../../format/figure';
import { crushSchema } from '../../../input/char';
import { crushChar } from '../../usecases/crush-char';
import { thingNamed } from '../names';
import { sending, trouble, type LogVerb } from '../sending';

const wetnesses = { dry: 'dry', drained: 'drained', wet: 'quench-wet' } as const;

/** `crush K9 60 L` (all of it), `crush K9 90 L > 60 L`, `crush K9 60 L dry`; as wet as it lay unless said. */
export const crushVerb: LogVerb = {
	word: 'crush',
	about: 'whole char',
	examples: [
		{
			line: 'crush K9 90 L > 60 L',
			does: 'part of a lot crushed; crush K9 60 L for all of it'
		}
	],
	fits: ({ kind, facts }) => kind === 'char' && facts?.state === 'whole',
	read: ({ rest, reason }, names) => {
		const [typed = '', ...words] = rest.split(/\s+/);
		if (typed === '') return trouble('line-which-char');
		const code = typed.toUpperCase();
		const said = words.at(-1)?.toLowerCase() ?? '';
		const isSaid = Object.hasOwn(wetnesses, said);
		const wetness = isSaid
			? wetnesses[said as keyof typeof wetnesses]
			: thingNamed(names, code)?.facts?.wetness;
		const amounts = (isSaid ? words.slice(0, -1) : words).join(' ');
		const [first = '', second] = amounts.split(/\s*(?:->|→|>)\s*|\s+to\s+/, 2);
		if (first === '') return trouble('line-crushed-to', { code });
		return sending(
			{
				before: second === undefined ? '' : first,
				after: second ?? first,
				wetness: wetness ?? 'drained',
				reason
			},
			(reading) => crushSchema(reading, code),
			crushChar,
			(books) => {
				const held = books.ledger.maybeLot(code)?.volume_ul ?? 0;
				return (path) =>
					({ system }) => {
						const made = path.split('/').at(-1) ?? '';
						const before_l = inLitres(held - books.ledger.lot(code).volume_ul);
						const after_l = inLitres(books.ledger.lot(made).volume_ul);
						const volume = (value: number) => say(value, 'L', system);
						const away = joined(show({ value: 1 - after_l / before_l, unit: 'share' }, system));
						return {
							head: `${volume(before_l)} of ${code} crushed to ${volume(after_l)}`,
							text: `It becomes ${made}; ${away} packed away, the kilograms stay.`
						};
					};
			}
		);
	}
};
