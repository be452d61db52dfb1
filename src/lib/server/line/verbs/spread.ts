import { charShareOf } from '../../../core/beds';
import { letterOf } from '../../../core/ledger';
import { putSchema, spreadSchema } from '../../input/beds';
import { putOnBed } from '../../usecases/put-on-bed';
import { spreadLot } from '../../usecases/spread-lot';
import { findName } from '../names';
import { sending, trouble, type ReadVerb, type Understood } from '../sending';

/** `38 L C4 > Mere 2`, `2 barrows C4 > Mere 2`, `5 L/m2 C4 > Mere 2`, `all C4 > Mere 2` */
export const readSpread: ReadVerb = ({ rest, reason }, names) => {
	const [left = '', right = ''] = rest.split('>', 2).map((part) => part.trim());
	const [, amount = '', code = ''] = /^(.*?)\s*(\p{L}\d+)$/u.exec(left) ?? [];
	if (code === '') return trouble('line-which-lot');
	if (amount === '') return trouble('line-how-much', { code: code.toUpperCase() });
	if (right === '') return trouble('line-which-bed');
	const bed = findName(right, names.beds);
	if (bed.status === 'none') return trouble('unknown-bed', { name: right });
	if (bed.status === 'many')
		return trouble('line-which', { typed: right, names: bed.names.join(', ') });
	const lot = code.toUpperCase();
	if (lot.startsWith(letterOf('stock'))) return putting(lot, amount, bed.name, reason);
	return sending(
		'spread',
		{ lot, form: 'carried', amount, moisture: '', reason },
		(reading) => spreadSchema(reading, bed.name),
		spreadLot,
		(books) => {
			const before = books.beds.maybeOne(bed.name);
			const held = books.ledger.maybeLot(lot)?.volume_ml ?? 0;
			return () => {
				const after = books.beds.maybeOne(bed.name);
				const left = books.ledger.lot(lot).volume_ml;
				const share = (at: typeof after) => (at ? charShareOf(at.char_l, at.ground) : 0);
				return {
					verb: 'spread',
					lot,
					bed: bed.name,
					mix_l: (held - left) / 1000,
					char_l: (after?.char_l ?? 0) - (before?.char_l ?? 0),
					shareBefore: share(before),
					shareAfter: share(after),
					left_l: left / 1000
				};
			};
		}
	);
};

/** What else is in stock, laid on top: `40 L M3 > Mere 2`. */
const putting = (lot: string, amount: string, bed: string, putReason: string): Understood =>
	sending(
		'spread',
		{ putLot: lot, part: amount, way: 'top-dressed', putReason },
		(reading) => putSchema(reading, bed),
		putOnBed,
		(books) => {
			const held = books.ledger.maybeLot(lot)?.volume_ml ?? 0;
			return () => {
				const { name, volume_ml } = books.ledger.lot(lot);
				return {
					verb: 'put',
					lot,
					name,
					bed,
					mix_l: (held - volume_ml) / 1000,
					left_l: volume_ml / 1000
				};
			};
		}
	);
