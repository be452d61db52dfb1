import { limits } from '$lib/input/limits';
import { amountIn, partIn } from '$lib/input/read-field';
import {
	charDensity,
	cuttingOf,
	durationOf,
	forecastBurn,
	goList,
	layersOf,
	rolesFor,
	tripsOf,
	waterThere,
	wayOf,
	woodFor,
	mostOf,
	type Cutting,
	type BurnForecast,
	type BurnGrounds,
	type GoItem,
	type GoState,
	type Quench,
	type Role,
	type Trips
} from '$lib/core/fires';
import {
	between,
	kgDry,
	litres,
	litresOfPart,
	metres,
	type Estimate,
	type KgDry,
	type Litres,
	type ParseContext,
	type Range,
	inLitres,
	microlitres,
	kmPerHour
} from '$lib/core/units';
import { crushLimits } from '$lib/core/char';
import { dryKg, takePart, type Amount } from '$lib/core/ledger';
import {
	dryOfAll,
	partOfWood,
	woodClass,
	type MoistureVerdict,
	type StackFormId,
	type WoodClassId
} from '$lib/core/woodyard';

export { freshPlan } from './entry';
import type { PlanEntry } from './entry';
export type { PlanEntry };

/** A kiln or trench as the plan sees it, with what the grower's own burns of its way gave. */
export interface PlanVessel extends BurnGrounds {
	readonly name: string;
	/** From match to quench in own burns of its way, where it was noted. */
	readonly ownMinutes: readonly number[];
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

export interface ReckonedPlan {
	readonly vessel: PlanVessel;
	readonly forecast: BurnForecast;
	readonly load: Estimate<KgDry>;
	/** What each chosen stack gives to the load. */
	readonly loads: readonly { readonly code: string; readonly name: string; readonly load: Range }[];
	readonly wood: WoodClassId;
	readonly worst: MoistureVerdict | 'unread';
	readonly go: readonly { readonly item: GoItem; readonly state: GoState }[];
	/** What stands and runs on site, where it was said. */
	readonly there?: Estimate<Litres> | undefined;
	readonly roles: readonly Role[];
	readonly minutes: Estimate;
	/** Layers that the load makes, where it is fed. */
	readonly layers?: Estimate | undefined;
	/** What pieces longer than the vessel cost. */
	readonly cutting?: Cutting | undefined;
	/** Carrying the load to the vessel, or the char home from one that travels. */
	readonly trips?: { readonly wood: Trips; readonly char: Trips } | undefined;
	/** Dry wood for the crushed char that is wanted. */
	readonly back?: Estimate<KgDry> | undefined;
	/** The first quench is hot run-off and steam; how it will be done. */
	readonly quench: Quench;
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
	const most = <Kind extends string>(kindOf: (stack: PlanStack) => Kind) =>
		mostOf(chosen.map(({ stack, load }) => ({ kind: kindOf(stack), dry_g: load.value * 1000 })));
	const wood = most((stack) => stack.wood);
	const form = most((stack) => stack.form);
	if (!vessel || !wood) return undefined;
	const load = dryOfAll(
		chosen.map(({ stack, load }) => ({ ...stack, dry: load })),
		'oven-dry wood to load'
	);
	if (load.value <= 0) return undefined;
	const usual = wayOf(vessel.way);
	const quench = usual.mayQuench.find((one) => one === entry.quench) ?? usual.quench;
	const forecast = forecastBurn({ ...vessel, wood, form, load, quench });
	const verdicts = chosen.map(({ stack }) => stack.verdict);
	const worst = [...order].reverse().find((verdict) => verdicts.includes(verdict)) ?? 'unread';
	const said = entry.said as GoItem[];
	const there = waterThere(read(entry, 'waterOnSite', context), hoseOf(entry, context));
	const waterOnSite = there && litres(there.value);
	const go = goList({
		wood: worst,
		waterWanted: forecast.water.onSite.value,
		overflows: forecast.fill.status === 'overflows',
		said,
		wind_km_h: speedOf(entry, 'windSpeed', context),
		gust_km_h: speedOf(entry, 'gustSpeed', context),
		...(waterOnSite === undefined ? {} : { waterOnSite })
	});
	const loads = chosen.map(({ stack: { code, name }, load }) => ({ code, name, load }));
	const stacked = chosen.reduce(
		(sum, { stack, load: part }) =>
			sum +
			(stack.left.value > 0 ? inLitres(stack.volume_ul) * (part.value / stack.left.value) : 0),
		0
	);
	return {
		...{ vessel, forecast, load, loads, wood, worst, go, there, quench },
		roles: rolesFor(vessel.way, forecast.charLitres.value),
		minutes: durationOf(vessel.way, vessel.ownMinutes),
		layers: layersOf(vessel.way, vessel.shape, litres(stacked)),
		cutting: cuttingBy(entry, vessel, chosen, context),
		trips: tripsBy(entry, stacked, forecast.charLitres.value, context),
		back: backFrom(entry, vessel, wood, forecast, context)
	};
}

type PlanNumber = keyof typeof limits.plan;

const read = (entry: PlanEntry, name: PlanNumber, context: ParseContext) =>
	amountIn(entry[name], limits.plan[name], context);

/** Typed in km/h, or mph in US customary. */
function speedOf(entry: PlanEntry, name: 'windSpeed' | 'gustSpeed', context: ParseContext) {
	const typed = read(entry, name, context);
	return typed === undefined ? undefined : kmPerHour(typed, context.system);
}

function hoseOf(entry: PlanEntry, context: ParseContext) {
	const [l_min, min] = [
		read(entry, 'standbyRate', context),
		read(entry, 'standbyMinutes', context)
	];
	return l_min === undefined || min === undefined ? undefined : { l_min, min };
}

/** Solid wood of what is loaded, by the middle of its density: cuts are counted, not weighed. */
function cuttingBy(
	entry: PlanEntry,
	{ shape }: PlanVessel,
	chosen: readonly { readonly stack: PlanStack; readonly load: Range }[],
	context: ParseContext
) {
	const [longest, thick] = [read(entry, 'longest', context), read(entry, 'thick', context)];
	if (longest === undefined || thick === undefined) return undefined;
	const solid_l = chosen.reduce((sum, { stack, load }) => {
		const [low, high] = woodClass(stack.wood).basicDensityKgPerM3;
		return sum + (1000 * load.value) / Math.sqrt(low * high);
	}, 0);
	const pieces = { longest: metres(longest), thick: metres(thick) };
	return cuttingOf(shape, solid_l, pieces, read(entry, 'cutSeconds', context));
}

function tripsBy(entry: PlanEntry, stacked: number, char: number, context: ParseContext) {
	const [away, carries] = [read(entry, 'away', context), read(entry, 'carries', context)];
	if (away === undefined || carries === undefined) return undefined;
	const [wood, back] = [tripsOf(stacked, carries, away), tripsOf(char, carries, away)];
	return wood && back ? { wood, char: back } : undefined;
}

function backFrom(
	entry: PlanEntry,
	vessel: PlanVessel,
	wood: WoodClassId,
	{ massYield }: BurnForecast,
	context: ParseContext
) {
	const wanted = read(entry, 'wanted', context);
	if (wanted === undefined) return undefined;
	const density = vessel.ownDensities[wood] ?? charDensity(wood);
	return woodFor(litres(wanted), density, massYield, between(...crushLimits.usual));
}

/** The dry wood of all that is ticked, stack by stack. */
export const loadOf = ({ load }: ReckonedPlan): Estimate<KgDry> => load;

function partOf(stack: PlanStack, typed: string, context: ParseContext): Range {
	const part = partIn(typed, limits.load.part, context);
	if (part === undefined) return stack.left;
	const asked_l = litresOfPart(part, inLitres(stack.volume_ul));
	const asked_ul = Math.min(stack.volume_ul, microlitres(asked_l));
	return partOfWood(stack.left, kgDry(dryKg(takePart(heldOf(stack), asked_ul).contents)));
}

/** As the books hold it. */
const heldOf = ({ volume_ul, dry_g }: PlanStack): Amount => ({
	volume_ul,
	mass_mg: 0,
	contents: { wood: Math.round(dry_g * 1000) }
});
