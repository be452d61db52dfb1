import type { Envelope } from '../../../input/act';
import type { LookInput, LostInput, StripLookInput } from '../../../input/trials';
import type { Books } from '../../db/books';
import type { Trial } from '../../db/trials';
import { perform, refuse, type Outcome } from '../act';
import { trialOrRefuse } from './plan-trial';

const unitsOf = ({ arms, blocks }: Trial): number => arms.length * blocks;

function refuseNoUnit(trial: Trial, unit: number): void {
	if (unit > unitsOf(trial))
		refuse('unit', 'no-unit', { code: trial.code, unit, most: unitsOf(trial) });
}

/** What was read of one pot or plot; read again on a day, the later stands. */
export function lookAtUnit(
	books: Books,
	now_ms: number,
	envelope: Envelope,
	{ trial: code, ...found }: LookInput
): Outcome {
	return perform(books, now_ms, 'look-at-unit', envelope, { trial: code, ...found }, () => {
		const trial = trialOrRefuse(books, code, 'unit');
		refuseNoUnit(trial, found.unit);
		if (!trial.measures.includes(found.measure))
			refuse('value', 'not-measured', { code: trial.code, measure: found.measure });
		const lost = books.findings.of(trial.id, 'unit-lost');
		if (lost.some((one) => one.found.unit === found.unit))
			refuse('unit', 'unit-is-lost', { code: trial.code, unit: found.unit });
		return {
			path: `/trials/${trial.code}`,
			write: ({ actId }) =>
				books.findings.insert({ actId, thingId: trial.id, what: 'looked', found })
		};
	});
}

/** A pot or plot is lost: it counts in nothing, whatever was read of it. */
export function loseUnit(
	books: Books,
	now_ms: number,
	envelope: Envelope,
	{ trial: code, ...found }: LostInput
): Outcome {
	return perform(books, now_ms, 'lose-unit', envelope, { trial: code, ...found }, () => {
		const trial = trialOrRefuse(books, code, 'unit');
		refuseNoUnit(trial, found.unit);
		if (books.findings.of(trial.id, 'unit-lost').some((one) => one.found.unit === found.unit))
			refuse('unit', 'unit-is-lost', { code: trial.code, unit: found.unit });
		return {
			path: `/trials/${trial.code}`,
			write: ({ actId }) =>
				books.findings.insert({ actId, thingId: trial.id, what: 'unit-lost', found })
		};
	});
}

/** A bed beside its strip that was left as it was. */
export function lookAtStrip(
	books: Books,
	now_ms: number,
	envelope: Envelope,
	{ bed: name, ...found }: StripLookInput
): Outcome {
	return perform(books, now_ms, 'look-at-strip', envelope, { bed: name, ...found }, () => {
		const bed = books.beds.maybeOne(name) ?? refuse('bed', 'unknown-bed', { name });
		return {
			path: '/trials',
			write: ({ actId }) =>
				books.findings.insert({ actId, thingId: bed.id, what: 'strip-looked', found })
		};
	});
}
