import {
	added,
	atMost,
	between,
	earlier,
	known,
	less,
	over,
	product,
	reckon,
	share,
	times,
	type Estimate,
	type KgDry,
	type Range,
	type Share
} from '../units';
import { wayOf, type WayId } from './data/ways';

/** A finished burn in dry mass and litres. */
export interface BurnBooks {
	readonly way: WayId;
	readonly woodKg: number;
	readonly charKg: number;
	readonly brandsKg: number;
	readonly charLitres: number;
	readonly waterLitres?: number;
}

export type BurnVerdict =
	'too-high' | 'good' | 'middling' | 'poor' | 'more-out-than-in' | 'implausible';

export interface BurnOutcome {
	readonly verdict: BurnVerdict;
	/** Of the wood truly burned: brands go back and are not counted as lost. */
	readonly massYield: number;
	/** Of all that was loaded, brands too: what the next load is forecast by. */
	readonly yieldOfLoad: number;
	readonly lossKg: number;
	readonly lossShare: number;
	readonly brandsShare: number;
	readonly waterPerLitre?: number;
}

/**
 * Where the wood went, in kg dry, and whether that was a good burn for its way. The loss is
 * gas and ash; it closes the balance: wood = char + brands + loss.
 */
export function judgeBurn(books: BurnBooks): BurnOutcome {
	const { massYield: published, plausibleYield } = wayOf(books.way);
	const burned = books.woodKg - books.brandsKg;
	const lossKg = burned - books.charKg;
	const massYield = burned > 0 ? books.charKg / burned : 0;
	const known = {
		massYield,
		yieldOfLoad: books.woodKg > 0 ? books.charKg / books.woodKg : 0,
		lossKg,
		lossShare: books.woodKg > 0 ? lossKg / books.woodKg : 0,
		brandsShare: books.woodKg > 0 ? books.brandsKg / books.woodKg : 0,
		waterPerLitre:
			books.waterLitres !== undefined && books.charLitres > 0
				? books.waterLitres / books.charLitres
				: undefined
	};
	if (lossKg < 0 || burned <= 0) return { verdict: 'more-out-than-in', ...known };
	if (massYield < plausibleYield[0] || massYield > plausibleYield[1])
		return { verdict: 'implausible', ...known };
	// As far above the top of the range as that is above its middle: likelier measured wrong than so good.
	if (massYield > 2 * published.high - published.mean) return { verdict: 'too-high', ...known };
	if (massYield >= published.mean) return { verdict: 'good', ...known };
	return { verdict: massYield >= published.low ? 'middling' : 'poor', ...known };
}

/**
 * Yield of a finished burn with its doubt: that of the wood and of the char's density.
 * @throws RangeError where the brands leave no wood that was burnt (`judgeBurn` says so first)
 */
export function yieldRange(wood: Range, char: Range, brandsKg: number): Range {
	if (!(wood.value > brandsKg))
		throw new RangeError(`yieldRange: ${brandsKg} kg of brands out of ${wood.value} kg of wood`);
	const burned = {
		value: wood.value - brandsKg,
		low: Math.max(1e-6, wood.low - brandsKg),
		high: wood.high - brandsKg
	};
	const { value, low, high } = product([char, burned], [1, -1]);
	const cap = (one: number) => Math.min(1, one);
	return { value: cap(value), low: cap(low), high: cap(high) };
}

/** Yield of a finished burn as a figure with its inputs. */
export function yieldOf(
	wood: Estimate<KgDry>,
	char: Estimate<KgDry>,
	brandsKg: number
): Estimate<Share> {
	return reckon(
		share,
		atMost(
			1,
			over(
				earlier('char', char),
				less(
					earlier('wood', wood, 'measured'),
					known('brands', brandsKg, 'kg', 'measured', 'taken out, they return to the yard')
				)
			)
		),
		{ unit: 'share', basis: 'dry char per dry wood burned, by mass', within: [0, 1] }
	);
}

/** Water in fuel nobody read. */
const fuelWater = between(0.14, 0.22);

/** Yield of a retort with the wood that heated it from outside counted in: dry char per dry wood of both. */
export const overallYield = (
	wood: Estimate<KgDry>,
	char: Estimate<KgDry>,
	outer_kg: number
): Estimate<Share> =>
	reckon(
		share,
		over(
			earlier('char', char),
			added(
				earlier('wood', wood, 'measured'),
				times(
					known('fuel outside', outer_kg, 'kg', 'measured', 'weighed as it was burnt'),
					less(1, known('its water', fuelWater, 'share', 'default', 'Seasoned wood, not read'))
				)
			)
		),
		{ unit: 'share', basis: 'dry char per dry wood burned inside and outside', within: [0, 1] }
	);
