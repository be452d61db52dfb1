import type { PlanInput } from '../../input/fires';
import { forecastBurn } from '../../core/fires';
import { days } from '../../core/time';
import { stayOfPlan } from '../../core/vessels';
import type { Books } from '../db/books';
import type { PlannedFigures } from '../db/burns';
import { askUnlessSure, perform, refuse, type Outcome } from './act';
import type { Envelope } from '../../input/act';
import { loadStacks } from './load-stacks';
import { groundsOf } from '../questions/fires';
import { firesAround } from '../questions/vessels';
import { askIfFailed, refuseBusy } from './gates';

/** A plan is for the days to come: the past, or more than a year on, is asked back. */
const planned_ms = Object.freeze({ ago: days(1), ahead: days(366) });

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
		const ahead_ms = input.plannedFor_ms - now_ms;
		if (ahead_ms < -planned_ms.ago || ahead_ms > planned_ms.ahead)
			askUnlessSure(envelope, { code: ahead_ms < 0 ? 'planned-past' : 'planned-far' });
		askIfFailed(books, envelope, vessel);
		const stay = stayOfPlan('', input.plannedFor_ms);
		refuseBusy(vessel, firesAround(books, vessel.id, input.plannedFor_ms), stay, 'plannedFor');
		const loaded = loadStacks(books, input.loads, envelope.happenedAt_ms);
		const forecast = forecastBurn({
			...groundsOf(books, vessel),
			wood: loaded.wood,
			form: loaded.form,
			load: loaded.dry,
			quench: input.quench
		});
		const code = books.burns.nextCode();
		const { low, value, high } = forecast.charLitres;
		const figures: PlannedFigures = {
			charKg: forecast.charKg.value,
			charLitres: [low, value, high],
			waterOnSite_l: forecast.water.onSite.value,
			told: { char: forecast.charLitres, water: forecast.water.onSite }
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
