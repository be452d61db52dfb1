import { pathOf } from '../../../format/paths';
import type { Envelope } from '../../../input/act';
import type { RescueInput, RescueStepInput } from '../../../input/detective';
import type { Books } from '../../db/books';
import { rescueOn } from '../../questions/rescue-on';
import { perform, refuse, type Outcome } from '../act';

const bedOrRefuse = (books: Books, name: string, field: string) =>
	books.beds.maybeOne(name) ?? refuse(field, 'unknown-bed', { name });

/** A tired bed is brought round from today on: Today asks for each step on its day. */
export function beginRescue(
	books: Books,
	now_ms: number,
	envelope: Envelope,
	{ bed: name }: RescueInput
): Outcome {
	return perform(books, now_ms, 'begin-rescue', envelope, { bed: name }, () => {
		const bed = bedOrRefuse(books, name, 'step');
		if (rescueOn(books, bed)) refuse('step', 'rescue-runs', { name: bed.name });
		return {
			path: `${pathOf('bed', bed.name)}/why`,
			write: ({ actId }) =>
				books.findings.insert({ actId, thingId: bed.id, what: 'rescue-begun', found: {} })
		};
	});
}

/** A step of it is done; what went on the bed by it is an act of its own. */
export function doRescueStep(
	books: Books,
	now_ms: number,
	envelope: Envelope,
	{ bed: name, step }: RescueStepInput
): Outcome {
	return perform(books, now_ms, 'rescue-step', envelope, { bed: name, step }, () => {
		const bed = bedOrRefuse(books, name, 'step');
		const run = rescueOn(books, bed) ?? refuse('step', 'no-rescue', { name: bed.name });
		if (run.done.includes(step)) refuse('step', 'step-done');
		return {
			path: `${pathOf('bed', bed.name)}/why`,
			write: ({ actId }) =>
				books.findings.insert({ actId, thingId: bed.id, what: 'rescue-step', found: { step } })
		};
	});
}
