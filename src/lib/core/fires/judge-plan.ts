import { inOrder, judge, type Caution } from '../cautions';
import { clash, stayOfPlan, type Stay } from '../vessels';
import { loadingRules, type MoistureVerdict } from '../woodyard';
import { lightingRules, type Lighting } from './lighting';
import type { BurnForecast } from './plan';

/** A burn that would be planned, and what stands in the books of its vessel and wood. */
export interface BurnToPlan extends Pick<Lighting, 'wind_km_h' | 'gust_km_h'> {
	readonly vessel: {
		readonly name: string;
		readonly failed?: string | undefined;
		/** Other fires in it. */
		readonly stays: readonly Stay[];
	};
	readonly stacks: readonly {
		readonly code: string;
		readonly verdict: MoistureVerdict | 'unread';
	}[];
	readonly forecast: BurnForecast;
	readonly at_ms: number;
	readonly now_ms: number;
	/** Litres that stand and run on site, where that was said. */
	readonly waterOnSite_l?: number | undefined;
	readonly isDark: boolean;
}

/** What speaks against planning a burn: its vessel, its day, its wood; for the page as one types, and for the act. */
export function judgePlan(plan: BurnToPlan): readonly Caution[] {
	const { vessel, forecast, at_ms, waterOnSite_l } = plan;
	const { fill, water } = forecast;
	return inOrder([
		...judge(lightingRules, {
			vessel: vessel.name,
			failed: vessel.failed,
			busy: clash(vessel.stays, stayOfPlan('', at_ms))?.of,
			ahead_ms: at_ms - plan.now_ms,
			wind_km_h: plan.wind_km_h,
			gust_km_h: plan.gust_km_h,
			water:
				waterOnSite_l === undefined
					? undefined
					: { onSite_l: waterOnSite_l, wanted_l: water.onSite.value },
			isDark: plan.isDark
		}),
		...judge(loadingRules, {
			vessel: vessel.name,
			stacks: plan.stacks,
			over_l: fill.status === 'overflows' ? fill.over : undefined
		})
	]);
}
