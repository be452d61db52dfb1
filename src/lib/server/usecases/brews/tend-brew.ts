import { inLitres } from '../../../core/units';
import { recipeOf } from '../../../core/brews';
import { pathOf } from '../../../format/paths';
import type { Envelope } from '../../../input/act';
import type {
	DoubtInput,
	SaltInput,
	SmellInput,
	TendBrewInput,
	MoveBrewInput
} from '../../../input/brew-care';
import type { Books } from '../../db/books';
import type { Brew } from '../../db/brews';
import { perform, refuse, type Outcome } from '../act';
import { lotOrRefuse } from '../gates';
import { freeTub } from './brew-gates';

/** A brew by its code, or a refusal at the field that named it. */
export function brewOrRefuse(books: Books, code: string, field: string, at_ms: number): Brew {
	const lot = lotOrRefuse(books, code, field, at_ms);
	return books.brews.maybeOne(lot.code) ?? refuse(field, 'no-brew', { code: lot.code });
}

/** What a nose or an eye says of it: a fact with its time; only what is asked of its kind. */
export function smellBrew(
	books: Books,
	now_ms: number,
	envelope: Envelope,
	input: SmellInput
): Outcome {
	return perform(books, now_ms, 'smell', envelope, { ...input }, () => {
		const { lotId, code, recipe } = brewOrRefuse(
			books,
			input.code,
			'smell',
			envelope.happenedAt_ms
		);
		if (!recipeOf(recipe).senses.some(([smell]) => smell === input.smell))
			refuse('smell', 'not-asked', { code, recipe: recipeOf(recipe).name });
		return {
			path: pathOf('brew', code),
			write: ({ actId }) =>
				books.findings.insert({
					actId,
					thingId: lotId,
					what: 'smell',
					found: { smell: input.smell }
				})
		};
	});
}

const verbs = {
	'pump-stopped': 'stop-pump',
	stirred: 'stir-brew',
	vented: 'vent',
	'lid-leaks': 'lid-leaks',
	'lid-mended': 'mend-lid'
} as const;

/** Stirred, its gas let out, its pump stopped, its lid seen to. */
export function tendBrew(
	books: Books,
	now_ms: number,
	envelope: Envelope,
	{ code: asked, how }: TendBrewInput
): Outcome {
	return perform(books, now_ms, verbs[how], envelope, { code: asked, how }, () => {
		const { code, lotId, recipe, stoppedAt_ms } = brewOrRefuse(
			books,
			asked,
			'code',
			envelope.happenedAt_ms
		);
		if (how === 'pump-stopped') {
			if (recipeOf(recipe).air !== 'pump') refuse('code', 'no-pump', { code });
			if (stoppedAt_ms !== null) refuse('code', 'already-stopped', { code });
		}
		return {
			path: pathOf('brew', code),
			write: ({ actId }) => books.findings.insert({ actId, thingId: lotId, what: how })
		};
	});
}

/** It is put into another vessel, or out of any: the one it stood in is free. */
export function moveBrew(
	books: Books,
	now_ms: number,
	envelope: Envelope,
	input: MoveBrewInput
): Outcome {
	return perform(books, now_ms, 'move-brew', envelope, { ...input }, () => {
		const at_ms = envelope.happenedAt_ms;
		const { code, lotId, vesselVersionId, volume_ul } = brewOrRefuse(
			books,
			input.code,
			'into',
			at_ms
		);
		const vessel =
			input.vessel === undefined ? undefined : freeTub(books, input.vessel, 'into', at_ms);
		if ((vessel?.versionId ?? null) === vesselVersionId) refuse('into', 'stands-there', { code });
		if (vessel && inLitres(volume_ul) > vessel.capacity_l)
			refuse('into', 'more-than-vessel', { name: vessel.name, capacity_l: vessel.capacity_l });
		return {
			path: pathOf('brew', code),
			write: ({ actId }) => {
				books.findings.insert({ actId, thingId: lotId, what: 'moved' });
				books.batches.insertPlace({ actId, lotId, vesselVersionId: vessel?.versionId ?? null });
			}
		};
	});
}

/** Somebody doubts it: from then on, brewing from it or from what came of it asks. */
export function doubtBrew(
	books: Books,
	now_ms: number,
	envelope: Envelope,
	input: DoubtInput
): Outcome {
	return perform(books, now_ms, 'doubt', envelope, { ...input }, () => {
		const { code, lotId } = brewOrRefuse(books, input.code, 'doubt', envelope.happenedAt_ms);
		return {
			path: pathOf('brew', code),
			write: ({ actId }) =>
				books.findings.insert({ actId, thingId: lotId, what: 'doubt', found: { why: input.why } })
		};
	});
}

/** What a meter says of the brew itself. */
export function readSalt(
	books: Books,
	now_ms: number,
	envelope: Envelope,
	input: SaltInput
): Outcome {
	return perform(books, now_ms, 'read-salt', envelope, { ...input }, () => {
		const { code, lotId } = brewOrRefuse(books, input.code, 'salt', envelope.happenedAt_ms);
		return {
			path: pathOf('brew', code),
			write: ({ actId }) =>
				books.findings.insert({
					actId,
					thingId: lotId,
					what: 'salt',
					found: { dS_m: input.dS_m, of: 'brew' }
				})
		};
	});
}
