import { microlitres, milligrams } from '../../core/units';
import type { StackInput } from '../../input/woodyard';
import {
	dryWood,
	isPlausibleSize,
	largestStack,
	looseVolume,
	yardWater
} from '../../core/woodyard';
import type { Books } from '../db/books';
import { amountOfDry, moves } from '../db/movements';
import { perform, postOrRefuse, refuse, type Outcome } from './act';
import type { Envelope } from '../../input/act';

/** A pile becomes a lot: loose litres and dry kg from its measure; a suspect one is held at once. */
export function measureStack(
	books: Books,
	now_ms: number,
	envelope: Envelope,
	input: StackInput
): Outcome {
	return perform(books, now_ms, 'measure-stack', envelope, { ...input }, () => {
		if (!isPlausibleSize(input.measure.size)) refuse('size', 'too-big', { most_l: largestStack });
		const dry = dryWood(input.measure);
		const loose = looseVolume(input.measure);
		if (microlitres(loose.value) <= 0 || milligrams(dry.value) <= 0) refuse('size', 'nothing');
		const code = books.ledger.nextCode('stack');
		return {
			path: `/woodyard/${code}`,
			write: (stamp) => {
				const lotId = books.ledger.insertLot({
					code,
					kind: 'stack',
					name: input.name,
					actId: stamp.actId
				});
				books.woodyard.insert(lotId, input.measure, {
					actId: stamp.actId,
					suspicion: input.suspicion,
					isBrands: false,
					...(input.walnut ? { walnut: true } : {}),
					dry
				});
				const amount = amountOfDry(
					'wood',
					microlitres(loose.value),
					dry.value,
					yardWater(input.measure)
				);
				postOrRefuse(
					books,
					stamp,
					[moves('in', { lotId }, amount), moves('out', { account: 'gathered' }, amount)],
					'size'
				);
				if (input.cover)
					books.findings.insert({
						actId: stamp.actId,
						thingId: lotId,
						what: 'cover',
						found: { cover: input.cover }
					});
				if (input.suspicion !== 'none')
					books.woodyard.insertHold({
						actId: stamp.actId,
						lotId,
						held: true,
						reason: input.suspicion
					});
			}
		};
	});
}
