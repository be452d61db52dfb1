import { germClasses, materialOf, type GermClass } from '../../core/materials';
import type { Batch } from '../db/batch-row';

/** The worst of what went into a batch; curing alone lowers none of it. */
export const germsIn = ({ ingredients }: Pick<Batch, 'ingredients'>): GermClass =>
	ingredients.reduce<GermClass>((worst, { material }) => {
		if (material === 'char' || material === 'batch') return worst;
		const { germs } = materialOf(material);
		return germClasses.indexOf(germs) > germClasses.indexOf(worst) ? germs : worst;
	}, 'none');
