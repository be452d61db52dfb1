import { limits } from '$lib/input/limits';
import { partIn } from '$lib/input/read-field';
import {
	durationOf,
	forecastBurn,
	goList,
	judgePlan,
	layersOf,
	rolesFor,
	waterThere,
	wayOf,
	workOutLoad,
	type Cutting,
	type BurnForecast,
	type GoItem,
	type GoState,
	type Quench,
	type Role,
	type Trips
} from '$lib/core/fires';
import {
	kgDry,
	litres,
	litresOfPart,
	type Estimate,
	type KgDry,
	type Litres,
	type ParseContext,
	type Range,
	inLitres,
	microlitres
} from '$lib/core/units';
import type { Caution } from '$lib/core/cautions';
import { dryKg, takePart, type Amount } from '$lib/core/ledger';
import { partOfWood, type MoistureVerdict, worstOf, type WoodClassId } from '$lib/core/woodyard';

export { freshPlan, isSpotExample, spotStackOf, spotVesselOf } from './entry';
import type { PlanEntry, PlanStack, PlanVessel } from './entry';
export type { PlanEntry, PlanStack, PlanVessel };
import { backFrom, cuttingBy, hoseOf, read, speedOf, tripsBy } from './effort';

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
	readonly cautions: readonly Caution[];
}

/** When it is planned for, and the nights that the page knows. */
export interface PlanDay {
	readonly at_ms: number;
	readonly now_ms: number;
	readonly nights: readonly (readonly [from_ms: number, to_ms: number])[];
}

/** The forecast of what is ticked; undefined until a vessel and a stack are chosen. */
export function reckonPlan(
	entry: PlanEntry,
	vessels: readonly PlanVessel[],
	stacks: readonly PlanStack[],
	day: PlanDay,
	context: ParseContext
): ReckonedPlan | undefined {
	const vessel = vessels.find(({ name }) => name === entry.vessel);
	const chosen = stacks
		.filter(({ code }) => entry.loads.includes(code))
		.map((stack) => ({ stack, load: partOf(stack, entry.parts[stack.code] ?? '', context) }));
	const {
		dry: load,
		wood,
		form
	} = workOutLoad(
		chosen.map(({ stack, load: part }) => ({ ...stack, dry: part })),
		'oven-dry wood to load'
	);
	if (!vessel || !wood) return undefined;
	if (load.value <= 0) return undefined;
	const usual = wayOf(vessel.way);
	const quench = usual.mayQuench.find((one) => one === entry.quench) ?? usual.quench;
	const forecast = forecastBurn({ ...vessel, wood, form, load, quench });
	const verdicts = chosen.map(({ stack }) => stack.verdict);
	const worst = worstOf(verdicts);
	const said = entry.said as GoItem[];
	const there = waterThere(read(entry, 'waterOnSite', context), hoseOf(entry, context));
	const waterOnSite = there && litres(there.value);
	const wind = {
		wind_km_h: speedOf(entry, 'windSpeed', context),
		gust_km_h: speedOf(entry, 'gustSpeed', context)
	};
	const go = goList({
		wood: worst,
		waterWanted: forecast.water.onSite.value,
		overflows: forecast.fill.status === 'overflows',
		said,
		...wind,
		...(waterOnSite === undefined ? {} : { waterOnSite })
	});
	const loads = chosen.map(({ stack: { code, name }, load }) => ({ code, name, load }));
	const stacked = chosen.reduce(
		(sum, { stack, load: part }) =>
			sum +
			(stack.left.value > 0 ? inLitres(stack.volume_ul) * (part.value / stack.left.value) : 0),
		0
	);
	const cautions = judgePlan({
		vessel,
		stacks: chosen.map(({ stack }) => stack),
		forecast,
		at_ms: day.at_ms,
		now_ms: day.now_ms,
		...wind,
		waterOnSite_l: waterOnSite,
		isDark: day.nights.some(([from, to]) => day.at_ms > from && day.at_ms < to)
	});
	return {
		cautions,
		...{ vessel, forecast, load, loads, wood, worst, go, there, quench },
		roles: rolesFor(vessel.way, forecast.charLitres.value),
		minutes: durationOf(vessel.way, vessel.ownMinutes),
		layers: layersOf(vessel.way, vessel.shape, litres(stacked)),
		cutting: cuttingBy(entry, vessel, chosen, context),
		trips: tripsBy(entry, stacked, forecast.charLitres.value, context),
		back: backFrom(entry, vessel, wood, forecast, context)
	};
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
