import { dilutedAs, recipeOf } from '../../../core/brews';
import type { Litres } from '../../../core/units';
import { pathOf } from '../../../format/paths';
import type { Envelope } from '../../../input/act';
import type { DrenchInput } from '../../../input/brews';
import type { Books } from '../../db/books';
import { moves } from '../../db/movements';
import { brewLine } from '../../questions/brews';
import { perform, postOrRefuse, refuse, toMl, type Outcome } from '../act';
import { lotOrRefuse, partOf, refuseHeld, takenOf } from '../gates';
import { atField, inRound } from '../round';
import { brewOrRefuse } from './tend-brew';

/** One brew over several beds, thinned alike; on one bed it is an act like any other. */
export function drenchBeds(
	books: Books,
	now_ms: number,
	envelope: Envelope,
	input: DrenchInput
): Outcome {
	const [only, ...others] = input.stops;
	if (only && others.length === 0)
		return atField(drenchBed(books, now_ms, envelope, input, only), only.field);
	const round = { stops: input.stops, path: pathOf('brew', input.lot.toUpperCase()) };
	return inRound(books, envelope, round, (one, stop) => drenchBed(books, now_ms, one, input, stop));
}

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
