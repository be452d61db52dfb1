import { crushSchema } from '../../input/char';
import { crushChar } from '../../usecases/crush-char';
import { sending, trouble, type ReadVerb } from '../sending';

const wetnesses = { dry: 'dry', drained: 'drained', wet: 'quench-wet' } as const;

/** `crush K9 60 L` (all of it), `crush K9 90 L > 60 L`, `crush K9 60 L dry`; as wet as it lay unless said. */
export const readCrush: ReadVerb = ({ rest, reason }, names) => {
	const [typed = '', ...words] = rest.split(/\s+/);
	if (typed === '') return trouble('line-which-char');
	const code = typed.toUpperCase();
	const said = words.at(-1)?.toLowerCase() ?? '';
	const wetness = Object.hasOwn(wetnesses, said)
		? wetnesses[said as keyof typeof wetnesses]
		: names.lots.find((lot) => lot.code === code)?.char?.wetness;
	const amounts = (Object.hasOwn(wetnesses, said) ? words.slice(0, -1) : words).join(' ');
	const [first = '', second] = amounts.split('>', 2).map((part) => part.trim());
	if (first === '') return trouble('line-crushed-to', { code });
	return sending(
		'crush',
		{
			before: second === undefined ? '' : first,
			after: second ?? first,
			wetness: wetness ?? 'drained',
			oddReason: reason
		},
		(reading) => crushSchema(reading, code),
		crushChar,
		(books) => {
			const before = books.ledger.maybeLot(code)?.volume_ml ?? 0;
			return (path) => {
				const made = path.split('/').at(-1) ?? '';
				return {
					verb: 'crush',
					code,
					made,
					before_l: (before - books.ledger.lot(code).volume_ml) / 1000,
					after_l: books.ledger.lot(made).volume_ml / 1000
				};
			};
		}
	);
};
