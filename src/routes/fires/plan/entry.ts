import type { BurnGrounds } from '$lib/core/fires';
import type { Range } from '$lib/core/units';
import type { Stay } from '$lib/core/vessels';
import type { MoistureVerdict, StackFormId, WoodClassId } from '$lib/core/woodyard';

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

export function freshPlan(
	values: Readonly<Record<string, string>>,
	vessels: readonly { readonly name: string }[],
	stacks: readonly { readonly code: string }[]
): PlanEntry {
	const lines = (text: string | undefined) => (text ?? '').split('\n').filter(Boolean);
	const parts = Object.fromEntries(stacks.map(({ code }) => [code, values[`part-${code}`] ?? '']));
	return {
		vessel: values.vessel ?? vessels[0]?.name ?? '',
		loads: lines(values.loads),
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
