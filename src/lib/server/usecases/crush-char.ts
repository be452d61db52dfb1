import type { CrushInput } from '../../input/char';
import { judge } from '../../core/cautions';
import { crushedDensity, crushingRules } from '../../core/char';
import { stageNeeded } from '../../core/fires';
import { moves } from '../db/movements';
import { litres, inLitres, microlitres } from '../../core/units';
import type { Books } from '../db/books';
import { insertQuality, triedOf } from './char-in';
import { perform, postOrRefuse, refuse, type Outcome } from './act';
import type { Envelope } from '../../input/act';
import { lotOrRefuse, partOf, refuseHeld, refuseUnproven, takenOf } from './gates';

/** Crushing makes a new lot: fewer litres, the same kg dry. */
export function crushChar(
	books: Books,
	now_ms: number,
	envelope: Envelope,
	input: CrushInput
): Outcome {
	return perform(books, now_ms, 'crush', envelope, { ...input }, () => {
		const lot = lotOrRefuse(books, input.code, 'before', envelope.happenedAt_ms);
		const char =
			books.char.maybeOne(input.code) ?? refuse('before', 'no-char', { code: input.code });
		const needed = stageNeeded('crush', input.wetness === 'dry');
		const gates = [
			...refuseHeld(books, lot, 'before'),
			...refuseUnproven(books, char.burnId, envelope.happenedAt_ms, 'before', needed)
		];
		const volume_ul = partOf(books, lot, input.before, 'before');
		const part = takenOf(books, lot, volume_ul, envelope.happenedAt_ms);
		const before = litres(inLitres(part.volume_ul));
		if (microlitres(input.after) <= 0) refuse('after', 'nothing');
		const code = books.ledger.nextCode('char');
		return {
			path: `/char/${code}`,
			gates,
			cautions: judge(crushingRules, { state: char.state, before, after: input.after }),
			write: (stamp) => {
				const lotId = books.ledger.insertLot({
					code,
					kind: 'char',
					name: char.state === 'whole' ? `${lot.code} crushed` : `${lot.code} crushed again`,
					actId: stamp.actId
				});
				books.char.insert({
					lotId,
					actId: stamp.actId,
					burnId: char.burnId,
					origin: char.origin,
					state: 'crushed',
					wood: char.wood,
					wetness: input.wetness,
					density: crushedDensity(char.density, before, input.after)
				});
				insertQuality(books, stamp.actId, lotId, triedOf(books, char));
				postOrRefuse(
					books,
					stamp,
					[
						moves('out', { lotId: lot.id }, part),
						moves('in', { lotId }, { ...part, volume_ul: microlitres(input.after) })
					],
					'before'
				);
			}
		};
	});
}
