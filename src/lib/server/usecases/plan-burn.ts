import type { Books } from '../db/books';
import type { PlannedFigures } from '../db/burns';
import { perform, refuse, type Envelope, type Outcome } from './act';
import { loadStacks, type LoadInput } from './load-stacks';
import { forecastFor } from '../questions/fires';

export interface PlanInput {
	readonly vessel: string;
	readonly loads: readonly LoadInput[];
	readonly plannedFor_ms: number;
}

/** Set a burn down as planned, with its forecast as it stands today. Moves nothing. */
export function planBurn(
	books: Books,
	now_ms: number,
	envelope: Envelope,
	input: PlanInput
): Outcome {
	return perform(books, now_ms, 'plan-burn', envelope, { ...input }, () => {
		const vessel =
			books.vessels.maybeOne(input.vessel) ?? refuse('vessel', 'no-vessel', { name: input.vessel });
		if (vessel.usedFor === 'tub') refuse('vessel', 'no-kiln', { name: vessel.name });
		const loaded = loadStacks(books, input.loads);
		const forecast = forecastFor(books, vessel, loaded.wood, loaded.dry);
		const code = books.burns.nextCode();
		const { low, value, high } = forecast.charLitres;
		const figures: PlannedFigures = {
			charKg: forecast.charKg.value,
			charLitres: [low, value, high],
			waterOnSite_l: forecast.water.onSite.value
		};
		return {
			path: `/fires/${code}`,
			write: (stamp) => {
				const burnId = books.burns.insert({ code, actId: stamp.actId });
				books.burns.insertPlan({
					burnId,
					actId: stamp.actId,
					vesselVersionId: vessel.versionId,
					plannedFor_ms: input.plannedFor_ms,
					loads: loaded.loads,
					figures
				});
			}
		};
	});
}
