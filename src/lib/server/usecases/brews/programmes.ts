import { inLitres } from '../../../core/units';
import { localDay } from '../../../core/time';
import {
	brewOfRound,
	dueDays,
	recipeOf,
	settingRules,
	targetOn,
	wateringOf,
	waterSizeOf
} from '../../../core/brews';
import { judge } from '../../../core/cautions';
import type { Envelope } from '../../../input/act';
import type { EndInput, ProgrammeInput, WalkInput } from '../../../input/programmes';
import type { Books } from '../../db/books';
import type { Programme } from '../../db/programmes';
import { perform, Refusal, refuse, type Outcome } from '../act';
import { namedAlike } from '../gates';
import { drenchBeds } from './drench-beds';

const path = '/programmes';

/** A programme is set, or set anew under its own name. */
export function setProgramme(
	books: Books,
	now_ms: number,
	envelope: Envelope,
	input: ProgrammeInput
): Outcome {
	return perform(books, now_ms, 'set-programme', envelope, { ...input }, () => {
		const known = namedAlike(books.programmes.standing(), input.name);
		if (input.isNew && known) refuse('name', 'programme-taken', { name: known.name });
		if (input.stops.length === 0) refuse('stops', 'no-stops');
		const programme: Programme = {
			name: input.name,
			recipe: input.recipe,
			phases: input.phases,
			parts: input.parts,
			onto: input.onto,
			temperature_c: input.temperature,
			...(input.priority ? { priority: input.priority } : {}),
			stops: input.stops.map(({ bed: name, ask, field }) => {
				const bed = books.beds.maybeOne(name) ?? refuse(field, 'unknown-bed', { name });
				const of = { area_m2: bed.ground.area, size: waterSizeOf(bed) };
				const size = targetOn(of, input.onto, ask);
				return { bed: bed.name, total_l: wateringOf(ask, size, bed.pieces) };
			})
		};
		return {
			path,
			fieldOf: () => 'onto',
			cautions: judge(settingRules, settingOf(books, envelope, input)),
			write: ({ actId }) => books.programmes.insert(actId, programme)
		};
	});
}

/** A programme as it is judged before it is set. */
function settingOf(
	books: Books,
	envelope: Envelope,
	{ phases, isNew, onto, recipe }: ProgrammeInput
) {
	const { timeZone } = books.settings.current();
	const { name, leaves, isLye = false } = recipeOf(recipe);
	return {
		isNew,
		first: dueDays(phases)[0],
		today: localDay(timeZone, envelope.happenedAt_ms),
		isLye,
		isWronglySprayed: onto === 'leaves' && !leaves,
		recipe: name
	};
}

/** A brew that is too little for all of its beds is told so once, for the round. */
function refuseShort(books: Books, programme: Programme, code: string, at_ms: number): void {
	const lot = books.ledger.maybeLot(code);
	if (!lot) return;
	const needs_l = brewOfRound(programme);
	const held_l = inLitres(books.ledger.heldAt(lot.id, at_ms).volume_ul);
	if (held_l < needs_l * 0.999) refuse('lot', 'round-short', { code: lot.code, needs_l, held_l });
}

/** A programme ends: what was walked stays in the books. */
export function endProgramme(
	books: Books,
	now_ms: number,
	envelope: Envelope,
	input: EndInput
): Outcome {
	return perform(books, now_ms, 'end-programme', envelope, { ...input }, () => {
		const programme =
			books.programmes.maybeOne(input.name) ?? refuse('name', 'no-programme', { name: input.name });
		return { path, write: ({ actId }) => books.programmes.end(actId, programme.name) };
	});
}

/** A round is walked as it was set: one act for each bed, all of them or none. */
export function walkRound(
	books: Books,
	now_ms: number,
	envelope: Envelope,
	{ name, due, lot }: WalkInput
): Outcome {
	const { actId } = envelope;
	try {
		const programme = books.programmes.maybeOne(name) ?? refuse('name', 'no-programme', { name });
		const { parts, onto, stops, phases } = programme;
		if (!dueDays(phases).includes(due)) refuse('due', 'no-such-round', { name, due });
		// Walked in another tab or by somebody else: the beds are not watered twice in the books.
		const isSame = [actId, `${actId}.1`].some((id) => books.acts.maybeOne(id));
		if (!isSame && books.programmes.rounds(name).some((round) => round.due === due))
			refuse('due', 'round-walked', { name, due });
		if (!isSame) refuseShort(books, programme, lot, envelope.happenedAt_ms);
		const outcome = drenchBeds(books, now_ms, envelope, {
			lot,
			parts,
			basis: 'diluted',
			onto,
			programme: { name, due },
			stops: stops.map(({ bed, total_l }) => ({
				bed,
				ask: { by: 'all', litres: total_l },
				field: 'lot'
			}))
		});
		return outcome.status === 'done' ? { ...outcome, path } : outcome;
	} catch (failure) {
		if (failure instanceof Refusal) return { status: 'refused', issues: failure.issues };
		throw failure;
	}
}
