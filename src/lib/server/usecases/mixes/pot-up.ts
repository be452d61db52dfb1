import { judgeApplying } from '../../../core/applying';
import { litresIn } from '../../../core/mixes';
import { inLitres, litres } from '../../../core/units';
import { pathOf } from '../../../format/paths';
import type { Envelope } from '../../../input/act';
import type { PotInput } from '../../../input/mixes';
import type { Books } from '../../db/books';
import { moves } from '../../db/movements';
import { toPut } from '../../questions/applying';
import { standsOn } from '../../questions/stands';
import { bedToTreat } from '../../questions/targets';
import { perform, postOrRefuse, refuse, type Outcome } from '../act';
import { lotOrRefuse, partOf, refuseHeld, takenOf } from '../gates';
import { charOf } from '../put-on-bed';

/** Pots are filled from a mix: onto the pots of that name in the books, or out of them for good. */
export function potUp(books: Books, now_ms: number, envelope: Envelope, input: PotInput): Outcome {
	return perform(books, now_ms, 'pot-up', envelope, { ...input }, () => {
		const at_ms = envelope.happenedAt_ms;
		const lot = lotOrRefuse(books, input.code, 'pots', at_ms);
		if (lot.kind !== 'mix') refuse('pots', 'not-stock', { code: lot.code });
		const held = refuseHeld(books, lot, 'pots');
		const wanted = litres(input.pots * litresIn(input.vessel));
		const taken = takenOf(books, lot, partOf(books, lot, wanted, 'pots'), at_ms);
		const bed =
			input.onto === undefined
				? undefined
				: (bedToTreat(books, input.onto, at_ms) ??
					refuse('onto', 'unknown-bed', { name: input.onto }));
		const put = bed && toPut(books, lot, at_ms);
		return {
			path: pathOf('mix', lot.code),
			gates: [...held, ...(put?.gates() ?? [])],
			cautions:
				bed && put
					? judgeApplying({
							...{ thing: put.thing, target: standsOn(books, bed, at_ms), way: 'top-dressed' },
							...{ at_ms, litres: inLitres(taken.volume_ul), gives: taken.contents }
						})
					: [],
			fieldOf: () => 'pots',
			write: (stamp) => {
				const into = bed ? { bedId: bed.id } : ({ account: 'potted' } as const);
				postOrRefuse(
					books,
					stamp,
					[moves('out', { lotId: lot.id }, taken), moves('in', into, taken)],
					'pots'
				);
				if (bed)
					books.applications.insert({
						...{ actId: stamp.actId, bedId: bed.id, lotId: lot.id, way: 'top-dressed' },
						...{ depth_m: null, ...charOf(taken.contents), reason: envelope.reason ?? '' }
					});
			}
		};
	});
}
