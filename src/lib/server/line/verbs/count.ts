import { recountSchema } from '../../input/ledger';
import { recountLot } from '../../usecases/count-lot';
import { sending, trouble, type ReadVerb } from '../sending';

/** `count C4 62 L; dipped with the stick` */
export const readCount: ReadVerb = ({ rest, reason }) => {
	const [typed = '', ...words] = rest.split(/\s+/);
	if (typed === '') return trouble('line-which-lot');
	const code = typed.toUpperCase();
	if (words.length === 0) return trouble('line-how-much', { code });
	if (reason === '') return trouble('line-why', { code });
	return sending(
		'count',
		{ found: words.join(' '), recountReason: reason },
		(reading) => recountSchema(reading, code),
		recountLot,
		(books) => {
			const before = books.ledger.maybeLot(code)?.volume_ml ?? 0;
			return () => ({
				verb: 'count',
				code,
				from_l: before / 1000,
				to_l: books.ledger.lot(code).volume_ml / 1000
			});
		}
	);
};
