import { pourOut, waterBed, type PourStop } from '../../../core/brews';
import { judgeApplying, pouring } from '../../../core/applying';
import { litres, microlitres, inLitres } from '../../../core/units';
import { pathOf } from '../../../format/paths';
import type { Envelope } from '../../../input/act';
import type { DrenchInput } from '../../../input/drench';
import type { Books } from '../../db/books';
import { moves } from '../../db/movements';
import { toPut } from '../../questions/applying';
import { standsOn } from '../../questions/stands';
import { bedToTreat } from '../../questions/targets';
import { perform, postOrRefuse, refuse, Refusal, type Outcome } from '../act';
import { fieldOfLot, lotOrRefuse, partOf, takenOf } from '../gates';
import { atField, inRound } from '../round';
import { brewOrRefuse } from './move-brew';

/** A bed of the round, and what is poured on it. */
type Stop = Omit<PourStop, 'bed'> & { readonly bed: string; readonly field: string };

/** One brew over several beds, thinned alike; on one bed it is an act like any other. */
export function drenchBeds(
	books: Books,
	now_ms: number,
	envelope: Envelope,
	input: DrenchInput
): Outcome {
	const stops = stopsOf(books, input);
	if ('status' in stops) return stops;
	const [only, ...others] = stops;
	if (only && others.length === 0)
		return atField(drenchBed(books, now_ms, envelope, input, only), only.field);
	const round = { stops, path: pathOf('brew', input.lot.toUpperCase()) };
	return inRound(books, envelope, round, (one, stop) => drenchBed(books, now_ms, one, input, stop));
}

/** What each bed gets: as asked, or in the turn that was chosen as far as it goes. */
function stopsOf(books: Books, input: DrenchInput): readonly Stop[] | Outcome {
	try {
		const beds = input.stops.map(({ bed: name, field }) => {
			const bed = books.beds.maybeOne(name) ?? refuse(field, 'unknown-bed', { name });
			return waterBed(bed, books.brews.lastOnBed(bed.id));
		});
		const held = inLitres(books.ledger.maybeLot(input.lot.toUpperCase())?.volume_ul ?? 0);
		const { stops } = pourOut(litres(held), {
			...input,
			stops: input.stops.map(({ ask }, i) => ({ bed: beds[i]!, ask }))
		});
		return stops
			.map((stop, i) => ({ ...stop, bed: stop.bed.name, field: input.stops[i]!.field }))
			.filter(({ gets }) => !input.first || gets.total > 0.005);
	} catch (failure) {
		if (failure instanceof Refusal) return { status: 'refused', issues: failure.issues };
		throw failure;
	}
}

function drenchBed(
	books: Books,
	now_ms: number,
	envelope: Envelope,
	input: DrenchInput,
	stop: Stop
): Outcome {
	const { parts, onto } = input;
	const way = onto === 'leaves' ? 'sprayed' : 'watered-in';
	const at_ms = envelope.happenedAt_ms;
	return perform(
		books,
		now_ms,
		'drench',
		envelope,
		{
			...input,
			bed: stop.bed,
			field: stop.field,
			size: stop.size,
			asked: stop.wanted,
			total: stop.gets.total
		},
		() => {
			const brew = brewOrRefuse(books, input.lot, 'lot', at_ms);
			const lot = lotOrRefuse(books, brew.code, 'lot', at_ms);
			const { thing, gates } =
				toPut(books, lot, at_ms) ?? refuse('lot', 'no-brew', { code: lot.code });
			const bed =
				bedToTreat(books, stop.bed, envelope.happenedAt_ms) ??
				refuse('bed', 'unknown-bed', { name: stop.bed });
			const { brew: brew_l, water } = stop.gets;
			const volume_ul = partOf(books, lot, brew_l, 'amount');
			const taken = takenOf(books, lot, volume_ul, at_ms);
			return {
				path: pathOf('brew', brew.code),
				gates: gates(),
				cautions: judgeApplying(
					pouring(
						thing,
						standsOn(books, bed, at_ms),
						input,
						stop,
						taken.contents,
						inLitres(taken.volume_ul),
						at_ms
					)
				),
				fieldOf: fieldOfLot(lot.code, 'lot', 'bed'),
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
						way,
						depth_m: null,
						char_l: 0,
						charLow_l: 0,
						charHigh_l: 0,
						density: 0,
						reason: envelope.reason ?? ''
					});
					books.brews.insertDilution({
						actId,
						lotId: lot.id,
						parts,
						water_ul: microlitres(water),
						onto
					});
					if (input.salt !== undefined)
						books.findings.insert({
							actId,
							thingId: lot.id,
							what: 'salt',
							found: { dS_m: input.salt, of: 'diluted' }
						});
					if (input.programme)
						books.programmes.insertStop({
							actId,
							programme: input.programme.name,
							due: input.programme.due
						});
				}
			};
		}
	);
}
