import { judgeApplying, lotless } from '../../core/applying';
import { standsOn } from '../questions/stands';
import { bedToTreat } from '../questions/targets';
import { isRound, liesWithin, overlap, type PlaceWithin } from '../../core/beds';
import { metres, milligrams, microlitres } from '../../core/units';
import { pathOf } from '../../format/paths';
import type { Envelope } from '../../input/act';
import type { OwnInput, PartInput } from '../../input/naming';
import type { Bed } from '../db/beds';
import type { Books } from '../db/books';
import { moves } from '../db/movements';
import { perform, postOrRefuse, refuse, type Outcome } from './act';
import { namedAlike } from './gates';

/** A plot or strip of a bed, or some pots of a group, is a target of its own from then on. */
export function markPart(
	books: Books,
	now_ms: number,
	envelope: Envelope,
	input: PartInput
): Outcome {
	return perform(books, now_ms, 'mark-part', envelope, { ...input }, () => {
		const whole =
			books.beds.maybeOne(input.bed) ?? refuse('name', 'unknown-bed', { name: input.bed });
		const taken = namedAlike(books.things.all('bed'), input.name);
		if (taken) refuse('name', 'name-taken', { name: taken.name });
		const place = placeOf(whole, input);
		const field = 'pieces' in place ? 'pieces' : 'partLength';
		const size = {
			length: metres(whole.length_m),
			width: metres(whole.width_m),
			pieces: whole.pieces
		};
		if (!liesWithin(place, size)) refuse(field, 'part-outside', { name: whole.name });
		const met = whole.parts.find((part) => {
			const { within } = books.beds.byId(part.id) ?? {};
			return within && overlap(place, within.place);
		});
		if (met) refuse(field, 'part-overlaps', { name: met.name });
		return {
			path: pathOf('bed', input.name),
			write: ({ actId }) => {
				books.beds.insertVersion({
					name: input.name,
					actId,
					target: whole.target,
					...sizeOf(whole, place),
					depth_m: whole.ground.depth,
					within: { bedId: whole.id, place }
				});
			}
		};
	});
}

type PlaceMarked = Exclude<PlaceWithin, { readonly scattered: number }>;

function placeOf(whole: Bed, input: PartInput): PlaceMarked {
	if (isRound(whole.target))
		return {
			piecesBefore: input.piecesBefore ?? 0,
			pieces: input.pieces ?? refuse('pieces', 'bad-empty')
		};
	return {
		along: input.along ?? metres(0),
		across: input.across ?? metres(0),
		length: input.length ?? refuse('partLength', 'bad-empty'),
		width: input.width ?? metres(whole.width_m)
	};
}

const sizeOf = (whole: Bed, place: PlaceMarked) =>
	'pieces' in place
		? { length_m: whole.length_m, width_m: whole.width_m, pieces: place.pieces }
		: { length_m: place.length, width_m: place.width, pieces: 1 };

/** Water, or leaves that were cut here and left: it came of no lot, and is litres on the bed. */
export function putOwn(books: Books, now_ms: number, envelope: Envelope, input: OwnInput): Outcome {
	return perform(books, now_ms, 'put-own', envelope, { ...input }, () => {
		const bed =
			bedToTreat(books, input.bed, envelope.happenedAt_ms) ??
			refuse('ownAmount', 'unknown-bed', { name: input.bed });
		const isWater = input.material === 'water';
		const amount = {
			volume_ul: microlitres(input.litres),
			mass_mg: isWater ? milligrams(input.litres) : 0,
			contents: {}
		};
		const way = isWater ? 'watered-in' : 'top-dressed';
		return {
			path: pathOf('bed', bed.name),
			cautions: judgeApplying({
				thing: lotless(input.material, isWater),
				target: standsOn(books, bed, envelope.happenedAt_ms),
				way,
				at_ms: envelope.happenedAt_ms,
				litres: input.litres,
				gives: amount.contents
			}),
			write: (stamp) => {
				postOrRefuse(
					books,
					stamp,
					[moves('out', { account: 'gathered' }, amount), moves('in', { bedId: bed.id }, amount)],
					'ownAmount'
				);
				books.applications.insert({
					actId: stamp.actId,
					bedId: bed.id,
					lotId: null,
					material: input.material,
					way,
					depth_m: null,
					char_l: 0,
					charLow_l: 0,
					charHigh_l: 0,
					density: 0,
					reason: ''
				});
			}
		};
	});
}
