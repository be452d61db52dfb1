import { limits } from '$lib/input/limits';
import { amountIn, partIn } from '$lib/input/read-field';
import {
	forecastBurn,
	goList,
	mainWood,
	type BurnForecast,
	type BurnGrounds,
	type GoItem,
	type GoState
} from '$lib/core/fires';
import {
	kgDry,
	litres,
	litresOfPart,
	type Estimate,
	type KgDry,
	type Litres,
	type ParseContext,
	type Range
} from '$lib/core/units';
import { dryKg, takePart, type Amount } from '$lib/core/ledger';
import {
	dryOfAll,
	partOfWood,
	type MoistureVerdict,
	type StackFormId,
	type WoodClassId
} from '$lib/core/woodyard';

/** A kiln or trench as the plan sees it, with what the grower's own burns of its way gave. */
export interface PlanVessel extends BurnGrounds {
	readonly name: string;
}

export interface PlanStack {
	readonly code: string;
	readonly name: string;
	readonly wood: WoodClassId;
	readonly form: StackFormId;
	readonly volume_ml: number;
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
	said: string[];
}

export function freshPlan(
	values: Readonly<Record<string, string>>,
	vessels: readonly PlanVessel[],
	stacks: readonly PlanStack[]
): PlanEntry {
	const lines = (text: string | undefined) => (text ?? '').split('\n').filter(Boolean);
	const parts = Object.fromEntries(stacks.map(({ code }) => [code, values[`part-${code}`] ?? '']));
	return {
		vessel: values.vessel ?? vessels[0]?.name ?? '',
		loads: lines(values.loads),
		parts,
		waterOnSite: values.waterOnSite ?? '',
		said: lines(values.said)
	};
}

export interface ReckonedPlan {
	readonly vessel: PlanVessel;
	readonly forecast: BurnForecast;
	readonly load: Estimate<KgDry>;
	/** What each chosen stack gives to the load. */
	readonly loads: readonly { readonly code: string; readonly name: string; readonly load: Range }[];
	readonly wood: WoodClassId;
	readonly worst: MoistureVerdict | 'unread';
	readonly go: readonly { readonly item: GoItem; readonly state: GoState }[];
}

const order: readonly (MoistureVerdict | 'unread')[] = [
	'ready',
	'slower',
	'too-few',
	'undecided',
	'unread',
	'hold-back',
	'wont-burn'
];

/** The forecast of what is ticked; undefined until a vessel and a stack are chosen. */
export function reckonPlan(
	entry: PlanEntry,
	vessels: readonly PlanVessel[],
	stacks: readonly PlanStack[],
	context: ParseContext
): ReckonedPlan | undefined {
	const vessel = vessels.find(({ name }) => name === entry.vessel);
	const chosen = stacks
		.filter(({ code }) => entry.loads.includes(code))
		.map((stack) => ({ stack, load: partOf(stack, entry.parts[stack.code] ?? '', context) }));
	const wood = mainWood(
		chosen.map(({ stack, load }) => ({ wood: stack.wood, dry_g: load.value * 1000 }))
	);
	if (!vessel || !wood) return undefined;
	const load = dryOfAll(
		chosen.map(({ stack, load }) => ({ ...stack, dry: load })),
		'oven-dry wood to load'
	);
	if (load.value <= 0) return undefined;
	const forecast = forecastBurn({ ...vessel, wood, load });
	const verdicts = chosen.map(({ stack }) => stack.verdict);
	const worst = [...order].reverse().find((verdict) => verdicts.includes(verdict)) ?? 'unread';
	const said = entry.said as GoItem[];
	const waterOnSite = onSite(entry.waterOnSite, context);
	const go = goList({
		wood: worst,
		waterWanted: forecast.water.onSite.value,
		overflows: forecast.fill.status === 'overflows',
		said,
		...(waterOnSite === undefined ? {} : { waterOnSite })
	});
	const loads = chosen.map(({ stack: { code, name }, load }) => ({ code, name, load }));
	return { vessel, forecast, load, loads, wood, worst, go };
}

/** The dry wood of all that is ticked, stack by stack. */
export const loadOf = ({ load }: ReckonedPlan): Estimate<KgDry> => load;

function partOf(stack: PlanStack, typed: string, context: ParseContext): Range {
	const part = partIn(typed, limits.load.part, context);
	if (part === undefined) return stack.left;
	const asked_l = litresOfPart(part, stack.volume_ml / 1000);
	const asked_ml = Math.min(stack.volume_ml, Math.round(asked_l * 1000));
	return partOfWood(stack.left, kgDry(dryKg(takePart(heldOf(stack), asked_ml).contents)));
}

/** As the books hold it. */
const heldOf = ({ volume_ml, dry_g }: PlanStack): Amount => ({
	volume_ml,
	mass_g: 0,
	contents: { wood: Math.round(dry_g * 1000) }
});

function onSite(typed: string, context: ParseContext): Litres | undefined {
	const value = amountIn(typed, limits.plan.waterOnSite, context);
	return value === undefined ? undefined : litres(value);
}
