import type { OwnMeasure } from '../../core/units';
import type { Books } from '../db/books';
import type { Settings } from '../../input/settings';
import { namedAlike } from './gates';
import { perform, type Outcome } from './act';
import type { Envelope } from '../../input/act';

/** Place, units and people. Older versions stay in the books. */
export function keepSettings(
	books: Books,
	now_ms: number,
	envelope: Envelope,
	input: Settings
): Outcome {
	return perform(books, now_ms, 'keep-settings', envelope, { ...input }, () => ({
		path: '/settings',
		write: (stamp) => books.settings.insert(stamp.actId, input)
	}));
}

/** An own measure, new or calibrated again. */
export function calibrateMeasure(
	books: Books,
	now_ms: number,
	envelope: Envelope,
	input: OwnMeasure
): Outcome {
	return perform(books, now_ms, 'calibrate-measure', envelope, { ...input }, () => ({
		path: '/settings',
		write: (stamp) => {
			const known = namedAlike(books.settings.measures(), input.name);
			books.settings.insertMeasure(stamp.actId, { ...input, name: known?.name ?? input.name });
		}
	}));
}
