import type { Kilograms } from '../../core/units';
import type { Shape } from '../../core/vessels';
import { pathOf } from '../../format/paths';
import type { Books } from '../db/books';
import type { VesselUse } from '../db/vessels';
import { namedAlike } from './gates';
import { perform, refuse, type Envelope, type Outcome } from './act';

export interface VesselInput {
	readonly name: string;
	readonly usedFor: VesselUse;
	readonly shape: Shape;
	readonly emptyMass?: Kilograms | undefined;
	/** Not in the books yet; a name that is taken is then refused. */
	readonly isNew: boolean;
}

/** A kiln, trench or tub by measurement; measuring again makes a new version. */
export function measureVessel(
	books: Books,
	now_ms: number,
	envelope: Envelope,
	input: VesselInput
): Outcome {
	return perform(books, now_ms, 'measure-vessel', envelope, { ...input }, () => {
		if ((input.usedFor === 'trench') !== (input.shape.kind === 'trench'))
			refuse('usedFor', 'shape-and-use');
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
