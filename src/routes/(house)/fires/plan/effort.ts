import { limits } from '$lib/input/limits';
import { amountIn } from '$lib/input/read-field';
import { crushLimits } from '$lib/core/char';
import { charDensity, cuttingOf, tripsOf, woodFor, type BurnForecast } from '$lib/core/fires';
import { between, kmPerHour, litres, metres, type ParseContext, type Range } from '$lib/core/units';
import { woodClass, type WoodClassId } from '$lib/core/woodyard';
import type { PlanEntry, PlanStack, PlanVessel } from './entry';

/** What is typed of the plan beside its wood: the wind, the hose, cutting, carrying, and char that is wanted. */
type PlanNumber = keyof typeof limits.plan;

export const read = (entry: PlanEntry, name: PlanNumber, context: ParseContext) =>
	amountIn(entry[name], limits.plan[name], context);

/** Typed in km/h, or mph in US customary. */
export function speedOf(entry: PlanEntry, name: 'windSpeed' | 'gustSpeed', context: ParseContext) {
	const typed = read(entry, name, context);
	return typed === undefined ? undefined : kmPerHour(typed, context.system);
}

export function hoseOf(entry: PlanEntry, context: ParseContext) {
	const [l_min, min] = [
		read(entry, 'standbyRate', context),
		read(entry, 'standbyMinutes', context)
	];
	return l_min === undefined || min === undefined ? undefined : { l_min, min };
}

/** Solid wood of what is loaded, by the middle of its density: cuts are counted, not weighed. */
export function cuttingBy(
	entry: PlanEntry,
	{ shape }: PlanVessel,
	chosen: readonly { readonly stack: Pick<PlanStack, 'wood'>; readonly load: Range }[],
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

export function tripsBy(entry: PlanEntry, stacked: number, char: number, context: ParseContext) {
	const [away, carries] = [read(entry, 'away', context), read(entry, 'carries', context)];
	if (away === undefined || carries === undefined) return undefined;
	const [wood, back] = [tripsOf(stacked, carries, away), tripsOf(char, carries, away)];
	return wood && back ? { wood, char: back } : undefined;
}

export function backFrom(
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
