import { dilutedAs, recipeOf } from '../../../core/brews';
import type { Litres } from '../../../core/units';
import { pathOf } from '../../../format/paths';
import type { Envelope, Issue } from '../../../input/act';
import type { DrenchInput } from '../../../input/brews';
import type { Books } from '../../db/books';
import { moves } from '../../db/movements';
import { brewLine } from '../../questions/brews';
import { perform, postOrRefuse, Refusal, refuse, toMl, type Outcome } from '../act';
import { lotOrRefuse, partOf, refuseHeld, takenOf } from '../gates';
import { brewOrRefuse } from './tend-brew';

/**
 * One brew over several beds in the order given, thinned alike: each bed gets an act of its own, so that each
 * can be undone by itself, and all of them or none are written.
 */
export function drenchBeds(
	books: Books,
	now_ms: number,
	envelope: Envelope,
	input: DrenchInput
): Outcome {
	const run = books.db.transaction((): Outcome => {
		if (input.stops.length === 0) throw new Refusal([{ field: 'stops', code: 'no-stops' }]);
		const single = input.stops.length === 1;
		const outcomes = input.stops.map((stop, i) => {
			const actId = single ? envelope.actId : `${envelope.actId}.${i + 1}`;
			const outcome = drenchBed(books, now_ms, { ...envelope, actId }, input, stop);
			if (outcome.status === 'refused') throw new Refusal(atStop(outcome.issues, stop.field));
			return outcome.repeated;
		});
		return {
			status: 'done',
			path: pathOf('brew', input.lot.toUpperCase()),
			repeated: outcomes.every(Boolean)
		};
	});
	try {
		return run.immediate();
	} catch (error) {
		if (error instanceof Refusal) return { status: 'refused', issues: error.issues };
		throw error;
	}
}

/** What is wrong with the amount of one bed stands at that bed's field. */
const atStop = (issues: readonly Issue[], field: string): Issue[] =>
	issues.map((issue) => (['amount', 'bed'].includes(issue.field) ? { ...issue, field } : issue));

function drenchBed(
	books: Books,
	now_ms: number,
	envelope: Envelope,
	input: DrenchInput,
	stop: { readonly bed: string; readonly total: Litres }
): Outcome {
	const { parts, reason } = input;
	const at_ms = envelope.happenedAt_ms;
	return perform(books, now_ms, 'drench', envelope, { ...input, ...stop }, () => {
		const brew = brewOrRefuse(books, input.lot, 'lot', at_ms);
		const lot = lotOrRefuse(books, brew.code, 'lot', at_ms);
		refuseHeld(books, lot, 'lot');
		const bed = books.beds.maybeOne(stop.bed) ?? refuse('bed', 'unknown-bed', { name: stop.bed });
		const { state } = brewLine(books, brew, at_ms);
		const [strongest, finest] = recipeOf(brew.recipe).dilution;
		// What stinks or is off goes on no food; elsewhere the grower may say why.
		if (state === 'failed' && bed.eatenRaw) refuse('bed', 'brew-stinks', { code: brew.code });
		if (state !== 'ripe' && reason === '')
			refuse('reason', 'brew-reason-wanted', { code: brew.code, state });
		if ((parts < strongest || parts > finest) && reason === '')
			refuse('reason', 'odd-dilution', { finest });
		const { brew: brew_l, water } = dilutedAs(stop.total, parts);
		const volume_ml = partOf(books, lot, brew_l, 'amount');
		const taken = takenOf(books, lot, volume_ml, at_ms);
		return {
			path: pathOf('brew', brew.code),
			write: (stamp) => {
				const { actId } = stamp;
				postOrRefuse(
					books,
					stamp,
					[moves('out', { lotId: lot.id }, taken), moves('in', { bedId: bed.id }, taken)],
					'amount'
				);
				books.applications.insert({
					actId,
					bedId: bed.id,
					lotId: lot.id,
					way: 'watered-in',
					depth_m: null,
					char_l: 0,
					charLow_l: 0,
					charHigh_l: 0,
					density: 0,
					reason
				});
				books.brews.insertDilution({ actId, lotId: lot.id, parts, water_ml: toMl(water) });
			}
		};
	});
}
