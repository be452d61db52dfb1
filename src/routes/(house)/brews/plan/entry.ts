import {
	firstRecipes,
	recipeOf,
	recipes,
	usualBase,
	usualFill_kg_l,
	vesselFor,
	type Lid,
	type RecipeId
} from '$lib/core/brews';
import { typedOf } from '$lib/input/typed-for';
import { litres, type ParseContext, type System } from '$lib/core/units';
import { pailOf } from '$lib/core/vessels';
import { limits } from '$lib/input/limits';
import { amountIn } from '$lib/input/read-field';
import { onTheSpot } from '$lib/input/spot';
import { plain, typedAmount } from '$lib/format/figure';
import { scaleOf } from '$lib/format/scales';
import type { BrewEntry } from './reckoning';

type Values = Readonly<Record<string, string>>;

interface Vessel {
	readonly name: string;
	readonly capacity_l: number;
	readonly holds?: string | undefined;
}

/** What the page begins with: as it was sent or asked for, else as is usual for its recipe and vessel. */
export function freshEntry(
	sent: Values,
	vessels: readonly Vessel[],
	system: System | undefined
): BrewEntry {
	const values = typedOf(sent);
	const recipe = (recipes.find(({ id }) => id === values.recipe)?.id ??
		firstRecipes.brew) as RecipeId;
	const spotVessel = values.spotVessel ?? spotExample(system);
	const there = [...vessels, ...(spotPailOf(spotVessel, { ...(system ? { system } : {}) }) ?? [])];
	const vessel =
		values.vessel ??
		vesselFor(recipe, vessels)?.name ??
		(vessels.length === 0 && !recipeOf(recipe).standsAnywhere ? onTheSpot : '');
	const yes = (field: string) => (values[field] ? { [field]: values[field] === 'yes' } : {});
	return {
		recipe,
		vessel,
		spotVessel,
		base:
			values.base ??
			usualAmount(
				recipe,
				there.find(({ name }) => name === vessel),
				system
			),
		withBase: values['with-base'] ?? '',
		parts: Object.fromEntries(
			recipes
				.flatMap(({ parts }) => parts)
				.map(({ id }) => [
					id,
					{ amount: values[`amount-${id}`] ?? '', with: values[`with-${id}`] ?? '' }
				])
		),
		temperature: values.temperature ?? (system === 'us' ? '64' : '18'),
		water: values.water ?? 'rain',
		stood: values.stood ?? '',
		bubbled: values.bubbled ?? '',
		strength: values.strength ?? '',
		ascorbic: values.ascorbic === 'on',
		place: {
			...yes('downwind'),
			...yes('shade'),
			...(values.lid ? { lid: values.lid as Lid } : {}),
			...(recipeOf(recipe).isLye ? { plastic: values.plastic === 'on' } : {})
		}
	};
}

/** What stands there before anything is typed, so that the page answers at once. */
export const spotExample = (system: System | undefined): string =>
	limits.brew.spotVessel.like?.[system ?? 'metric'] ?? '';

/** A pail as it is typed on the spot, by what it holds; none while that can't be read. */
export function spotPailOf(holds: string, context: ParseContext) {
	const capacity_l = amountIn(holds, limits.brew.spotVessel, context);
	return capacity_l === undefined
		? undefined
		: [
				{
					name: onTheSpot,
					capacity_l: litres(capacity_l),
					shape: pailOf(litres(capacity_l)),
					holds: undefined
				}
			];
}

/** As much as the vessel takes, as it is typed; by weight a jar of a few hundred grams. */
export function usualAmount(
	recipe: RecipeId,
	vessel: Vessel | undefined,
	system: System | undefined
): string {
	if (!vessel) return '';
	if (recipeOf(recipe).base.by === 'kg') {
		const kg =
			usualBase(recipe, vessel.capacity_l) * (recipeOf(recipe).fillBy_kg_l ?? usualFill_kg_l);
		return typedAmount(Math.max(0.05, Math.floor(kg * 20) / 20), 'kg', system);
	}
	return flooredLitres(usualBase(recipe, vessel.capacity_l), system);
}

/** Rounded down, since what is rounded up runs over. */
function flooredLitres(volume: number, system: System | undefined): string {
	const { unit, factor } = scaleOf('L', system, volume);
	const shown = volume * factor;
	const decimals = shown >= 10 ? 0 : shown >= 1 ? 1 : 2;
	const step = 10 ** -decimals;
	return `${plain(Math.floor(shown / step + 1e-9) * step, decimals)} ${unit}`;
}
