import type { Envelope } from '../../input/act';
import type { AshInput } from '../../input/ash';
import type { CharInInput } from '../../input/char-in';
import { amountOf, compositionOf, materialOf } from '../../core/materials';
import type { Books } from '../db/books';
import { perform, postOrRefuse, refuse, type Outcome } from './act';
import { bringIn } from './bring-in';
import { charBrought } from './char-in';

/** Ash is brought in as a lot of its own, with its source and what was measured of it. */
export function bringAsh(
	books: Books,
	now_ms: number,
	envelope: Envelope,
	input: AshInput
): Outcome {
	return perform(books, now_ms, 'bring-ash', envelope, { ...input }, () => {
		const { material, measured, source, sifted, unsure, name } = input;
		const own = Object.keys(measured).length > 0 ? [{ measured, source: 'told of this lot' }] : [];
		const composition = compositionOf(material, [...own, ...books.stock.analyses(material)]);
		const amount = amountOf(composition, input.measure);
		if (amount.volume_ul <= 0) refuse('amount', 'nothing');
		const code = books.ledger.nextCode('ash');
		const bits = input.bits && charBrought(books, siftedOut(code, input.bits), 'bits');
		return {
			path: `/ash/${code}`,
			write: (stamp) => {
				const { lotId, lines } = bringIn(books, stamp, {
					...{ kind: 'ash', material, composition, amount },
					name: name || materialOf(material).name
				});
				books.findings.insert({
					actId: stamp.actId,
					thingId: lotId,
					what: 'ash-told',
					found: { source, sifted, unsure }
				});
				postOrRefuse(books, stamp, lines, 'amount');
				bits?.write(stamp);
			}
		};
	});
}

/** Bits out of a stove are small, dry and from no fire of the books. */
const siftedOut = (code: string, bits: NonNullable<AshInput['bits']>): CharInInput => ({
	...{ ...bits, name: `charred bits out of ${code}`, state: 'crushed', wetness: 'dry' },
	origin: { from: 'sifted' }
});
