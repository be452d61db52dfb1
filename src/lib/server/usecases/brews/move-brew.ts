import { inLitres } from '../../../core/units';
import { pathOf } from '../../../format/paths';
import type { Envelope } from '../../../input/act';
import type { MoveBrewInput } from '../../../input/brew-care';
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
