import type { Envelope } from '../../input/act';
import type { LightInput } from '../../input/lighting';
import { judge } from '../../core/cautions';
import { lightingRules } from '../../core/fires';
import { clash, stayOfPlan } from '../../core/vessels';
import type { Books } from '../db/books';
import { failedBy } from '../questions/found';
import { firesAround } from '../questions/vessels';
import { isBurning, openFires, versionOf } from '../questions/fires';
import { perform, refuse, type Outcome } from './act';
import { skimmedInto } from './quench-pail';

/** A fire is lit, from its plan or straight away: from now on it is tended. Moves nothing. */
export function lightBurn(
	books: Books,
	now_ms: number,
	envelope: Envelope,
	input: LightInput
): Outcome {
	return perform(books, now_ms, 'light-burn', envelope, { ...input }, () => {
		const planned = input.burn === undefined ? null : plannedOrRefuse(books, input.burn);
		const vessel = planned
			? books.vessels.version(versionOf(planned))
			: books.vessels.maybeOne(input.vessel ?? '');
		if (!vessel) return refuse('vessel', 'no-vessel', { name: input.vessel ?? '' });
		if (vessel.usedFor === 'tub') refuse('vessel', 'no-kiln', { name: vessel.name });
		const at_ms = envelope.happenedAt_ms;
		if (skimmedInto(books, vessel, envelope.happenedAt_ms) > 0)
			refuse('vessel', 'pail-runs', { name: vessel.name });
		// A plan binds nobody: what burns in it then is in the way, what is only planned is not.
		const burning = firesAround(books, vessel.id, at_ms).filter(({ of }) => {
			const other = of === planned?.code ? null : books.burns.maybeOne(of);
			return other !== null && (other.record ?? other.lit) !== undefined;
		});
		const code = planned?.code ?? books.burns.nextCode();
		return {
			path: `/fires/${code}/now`,
			fieldOf: () => 'vessel',
			cautions: judge(lightingRules, {
				vessel: vessel.name,
				failed: failedBy(books, vessel.id, at_ms),
				busy:
					clash(burning, stayOfPlan('', at_ms))?.of ??
					burnsIn(books, now_ms, vessel.id, planned?.code)
			}),
			write: ({ actId }) =>
				books.burns.insertLit({
					burnId: planned?.id ?? books.burns.insert({ code, actId }),
					actId,
					vesselVersionId: vessel.versionId,
					litAt_ms: at_ms,
					wood: input.wood ?? {}
				})
		};
	});
}

/** A fire that nobody put out yet, however long ago it was lit. */
const burnsIn = (books: Books, now_ms: number, vesselId: number, but: string | undefined) =>
	openFires(books, now_ms).find(
		(line) => isBurning(line) && line.vessel.id === vesselId && line.burn.code !== but
	)?.burn.code;

function plannedOrRefuse(books: Books, code: string) {
	const burn = books.burns.maybeOne(code) ?? refuse('vessel', 'unknown-burn', { code });
	if (burn.record) refuse('vessel', 'already-burnt', { code });
	if (burn.lit) refuse('vessel', 'already-lit', { code });
	return burn;
}
