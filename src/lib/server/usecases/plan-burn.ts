import type { PlanInput } from '../../input/fires';
import { forecastBurn, judgePlan } from '../../core/fires';
import type { MoistureVerdict } from '../../core/woodyard';
import type { Books } from '../db/books';
import type { PlannedFigures } from '../db/burns';
import { perform, refuse, type Outcome } from './act';
import type { Envelope } from '../../input/act';
import { loadStacks } from './load-stacks';
import { groundsOf } from '../questions/fires';
import { firesAround } from '../questions/vessels';
import { failedBy } from '../questions/found';
import { isDarkAt } from '../questions/standing';

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
		const at_ms = input.plannedFor_ms;
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
			cautions: judgePlan({
				vessel: {
					name: vessel.name,
					failed: failedBy(books, vessel.id, envelope.happenedAt_ms),
					stays: firesAround(books, vessel.id, at_ms)
				},
				stacks: loaded.loads.map((load) => ({
					code: load.code,
					verdict: verdictOf(books, load.code)
				})),
				forecast,
				at_ms,
				now_ms,
				wind_km_h: input.wind_km_h,
				gust_km_h: input.gust_km_h,
				waterOnSite_l: input.waterOnSite,
				isDark: isDarkAt(books, at_ms)
			}),
			fieldOf: () => 'plannedFor',
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

/** What the newest readings of a stack say of its water. */
const verdictOf = (books: Books, code: string): MoistureVerdict | 'unread' => {
	const lot = books.ledger.maybeLot(code);
	const [reading] = lot ? books.woodyard.readings(lot.id).slice(-1) : [];
	return reading?.state.verdict ?? 'unread';
};
