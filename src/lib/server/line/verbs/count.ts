import { inLitres } from '../../../core/units';
import { lotKinds } from '../../../core/kinds';
import { say } from '../../../format/figure';
import { recountSchema } from '../../../input/ledger';
import { recountLot } from '../../usecases/count-lot';
import type { Thing } from '../names';
import { sending, trouble, type LogVerb } from '../sending';

export const isLot = ({ kind }: Thing): boolean => lotKinds.some(({ id }) => id === kind);

/** `count C4 62 L; dipped with the stick` */
export const countVerb: LogVerb = {
	word: 'count',
	about: 'a lot again',
	examples: [
		{ line: 'count C4 62 L; spilt some', does: 'what is really there, and why it differs' }
	],
	fits: isLot,
	read: ({ rest, reason }) => {
		const [typed = '', ...words] = rest.split(/\s+/);
		if (typed === '') return trouble('line-which-lot');
		const code = typed.replace(/[,:]$/, '').toUpperCase();
		if (words.length === 0) return trouble('line-how-much', { code });
		if (reason === '') return trouble('line-why', { code });
		return sending(
			{ found: words.join(' '), recountReason: reason },
			(reading) => recountSchema(reading, code),
			recountLot,
			(books) => {
				const before = inLitres(books.ledger.maybeLot(code)?.volume_ul ?? 0);
				return () =>
					({ system }) => {
						const after = inLitres(books.ledger.lot(code).volume_ul);
						const volume = (value: number) => say(value, 'L', system);
						return {
							head: `${code} counted at ${volume(after)}`,
							text: `The books had ${volume(before)}: ${volume(Math.abs(after - before))} ${after < before ? 'less' : 'more'}.`
						};
					};
			}
		);
	}
};
