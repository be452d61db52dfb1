import type { BurnGrounds, Proposal } from '$lib/core/fires';
import {
	litres,
	metres,
	microlitres,
	type ParseContext,
	type Range,
	type System
} from '$lib/core/units';
import { limits, type Limit } from '$lib/input/limits';
import { amountIn } from '$lib/input/read-field';
import { onTheSpot, spotShape, spotStack, spotWays, type SpotWay } from '$lib/input/spot';
import type { Stay } from '$lib/core/vessels';
import {
	dryWood,
	stackForms,
	woodClasses,
	type MoistureVerdict,
	type StackFormId,
	type WoodClassId
} from '$lib/core/woodyard';

/** A kiln or trench as the plan sees it, with what the grower's own burns of its way gave. */
export interface PlanVessel extends BurnGrounds {
	readonly name: string;
	/** From match to quench in own burns of its way, where it was noted. */
	readonly ownMinutes: readonly number[];
	readonly failed?: string | undefined;
	readonly stays: readonly Stay[];
}

export interface PlanStack {
	readonly code: string;
	readonly name: string;
	readonly wood: WoodClassId;
	readonly form: StackFormId;
	readonly volume_ul: number;
	readonly dry_g: number;
	readonly left: Range;
	readonly verdict: MoistureVerdict | 'unread';
}

/** What the planning form holds, as typed. */
export interface PlanEntry {
	vessel: string;
	/** A vessel and wood that are in no books. */
	spotWay: string;
	spotWide: string;
	spotDeep: string;
	spotWood: string;
	spotWoodClass: string;
	spotForm: string;
	loads: string[];
	parts: Record<string, string>;
	waterOnSite: string;
	standbyRate: string;
	standbyMinutes: string;
	windSpeed: string;
	gustSpeed: string;
	away: string;
	carries: string;
	wanted: string;
	longest: string;
	thick: string;
	cutSeconds: string;
	quench: string;
	said: string[];
}

/** What a page begins with that nobody asked anything of. */
export type Proposed = { readonly [Part in keyof Proposal]?: Proposal[Part] | undefined };

export function freshPlan(
	values: Readonly<Record<string, string>>,
	proposed: Proposed,
	stacks: readonly { readonly code: string }[],
	system: System | undefined
): PlanEntry {
	const lines = (text: string | undefined) => (text ?? '').split('\n').filter(Boolean);
	const parts = Object.fromEntries(stacks.map(({ code }) => [code, values[`part-${code}`] ?? '']));
	return {
		vessel: values.vessel ?? proposed.vessel ?? onTheSpot,
		...spotFields(values, system),
		// Where anything was asked for, what is ticked is what was chosen.
		loads:
			values.loads === undefined && values.vessel === undefined
				? [...(proposed.loads ?? [onTheSpot])]
				: lines(values.loads),
		parts,
		waterOnSite: values.waterOnSite ?? '',
		standbyRate: values.standbyRate ?? '',
		standbyMinutes: values.standbyMinutes ?? '',
		windSpeed: values.windSpeed ?? '',
		gustSpeed: values.gustSpeed ?? '',
		away: values.away ?? '',
		carries: values.carries ?? '',
		wanted: values.wanted ?? '',
		longest: values.longest ?? '',
		thick: values.thick ?? '',
		cutSeconds: values.cutSeconds ?? '',
		quench: values.putOutBy ?? '',
		said: lines(values.said)
	};
}

/** What stands there before anything is typed, so that the page answers at once. */
function spotFields(values: Readonly<Record<string, string>>, system: System | undefined) {
	const like = (limit: Limit) => limit.like?.[system ?? 'metric'] ?? '';
	const { spotWide, spotDeep, spotWood } = limits.plan;
	return {
		spotWay: values.spotWay ?? 'open-kiln',
		spotWide: values.spotWide ?? like(spotWide),
		spotDeep: values.spotDeep ?? like(spotDeep),
		spotWood: values.spotWood ?? like(spotWood),
		spotWoodClass: values.spotWoodClass ?? 'mixed',
		spotForm: values.spotForm ?? 'brush'
	};
}

/** Whether the figures of a kiln and a pile that nobody has are still those the page begins with. */
export const isSpotExample = (entry: PlanEntry, system: System | undefined): boolean =>
	Object.entries(spotFields({}, system)).every(
		([field, value]) => entry[field as 'spotWide'] === value
	);

/** What own burns tell of each way that a vessel in no books may burn by. */
export type SpotGrounds = Readonly<Record<SpotWay, Omit<PlanVessel, 'name' | 'shape'>>>;

/** A vessel as it is typed on the spot; none while its measures can't be read. */
export function spotVesselOf(
	{ spotWay, spotWide, spotDeep }: PlanEntry,
	grounds: SpotGrounds,
	context: ParseContext
): PlanVessel | undefined {
	const way = spotWays.find((one) => one === spotWay) ?? 'open-kiln';
	const wide = amountIn(spotWide, limits.plan.spotWide, context);
	const deep = amountIn(spotDeep, limits.plan.spotDeep, context);
	if (wide === undefined || deep === undefined) return undefined;
	return { ...grounds[way], name: onTheSpot, shape: spotShape(metres(wide), metres(deep)) };
}

/** Wood as it is typed on the spot; none while its litres can't be read. */
export function spotStackOf(
	{ spotWood, spotWoodClass, spotForm }: PlanEntry,
	context: ParseContext
): PlanStack | undefined {
	const filled = amountIn(spotWood, limits.plan.spotWood, context);
	const wood = woodClasses.find(({ id }) => id === spotWoodClass)?.id ?? 'mixed';
	const form = stackForms.find(({ id }) => id === spotForm)?.id ?? 'brush';
	if (filled === undefined) return undefined;
	const { value, low, high } = dryWood(spotStack(litres(filled), spotWood, wood, form));
	return {
		code: onTheSpot,
		name: 'wood that is not in the books',
		wood,
		form,
		volume_ul: microlitres(filled),
		dry_g: value * 1000,
		left: { value, low, high },
		verdict: 'unread'
	};
}
