import type { Envelope } from '../../input/act';
import type { CharOfInput, WaterInput } from '../../input/after-burn';
import { litres as litresOf, inLitres } from '../../core/units';
import { filledWater } from '../../core/fires';
import type { Books } from '../db/books';
import { perform, refuse, type Outcome } from './act';
import { recordBurn } from './record-burn';

/** The water a quench took, noted or put right after its fire. Moves nothing. */
export function noteWater(
	books: Books,
	now_ms: number,
	envelope: Envelope,
	input: WaterInput
): Outcome {
	return perform(books, now_ms, 'quench-water', envelope, { ...input }, () => {
		const burn =
			books.burns.maybeOne(input.burn) ?? refuse('water', 'unknown-burn', { code: input.burn });
		if (!burn.record) return refuse('water', 'not-burnt', { code: burn.code });
		const { used } = input;
		const rate =
			used.by === 'hose'
				? (used.l_min ?? books.burns.hoseRate() ?? refuse('hoseRate', 'no-hose-rate'))
				: null;
		const litres =
			used.by === 'litres'
				? used.litres
				: used.by === 'fills'
					? filledWater(litresOf(burn.record.charLitres), used.fills).value
					: used.min * Number(rate);
		return {
			path: `/fires/${burn.code}`,
			write: ({ actId }) =>
				books.findings.insert({
					actId,
					thingId: burn.id,
					what: 'quench-water',
					found: { litres, hose_l_min: rate }
				})
		};
	});
}

/** The char of a fire that was set down before, loaded as it was set down. */
export function recordPlanned(
	books: Books,
	now_ms: number,
	envelope: Envelope,
	{ burn: code, litres, wetness }: CharOfInput
): Outcome {
	const burn = books.burns.maybeOne(code);
	const vessel = burn?.plan && books.vessels.version(burn.plan.vesselVersionId);
	if (!burn?.plan || !vessel)
		return perform(books, now_ms, 'record-burn', envelope, { burn: code }, () =>
			refuse('char', burn?.record ? 'already-burnt' : 'unknown-burn', { code })
		);
	return recordBurn(books, now_ms, envelope, {
		burn: code,
		vessel: vessel.name,
		loads: burn.plan.loads.map((load) => ({
			code: load.code,
			litres: load.all ? 'all' : inLitres(load.volume_ul)
		})),
		measured: { by: 'litres', litres },
		wetness
	});
}
