import type { VesselInput } from '../../input/vessels';
import { pathOf } from '../../format/paths';
import { shapesOf } from '../../core/vessels';
import type { Books } from '../db/books';
import { namedAlike } from './gates';
import { perform, refuse, type Outcome } from './act';
import type { Envelope } from '../../input/act';

/** A kiln, trench or tub by measurement; measuring again makes a new version. */
export function measureVessel(
	books: Books,
	now_ms: number,
	envelope: Envelope,
	input: VesselInput
): Outcome {
	return perform(books, now_ms, 'measure-vessel', envelope, { ...input }, () => {
		if (!shapesOf[input.usedFor].includes(input.shape.kind)) refuse('usedFor', 'shape-and-use');
		const known = namedAlike(books.vessels.all(), input.name);
		if (input.isNew && known) refuse('name', 'name-taken', { name: known.name });
		if (!input.isNew && !known) refuse('name', 'no-vessel', { name: input.name });
		return {
			path: pathOf('vessel', known?.name ?? input.name),
			write: (stamp) =>
				books.vessels.insertVersion({
					...input,
					name: known?.name ?? input.name,
					actId: stamp.actId
				})
		};
	});
}
