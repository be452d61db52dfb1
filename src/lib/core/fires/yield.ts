import { share, type Estimate, type Input, type Share } from '../units';
import { wayOf, yieldSpread, type WayId } from './data/ways';

const logit = (p: number) => Math.log(p / (1 - p));
const expit = (x: number) => 1 / (1 + Math.exp(-x));
const z80 = 1.2815515655446004;

/**
 * Expected dry mass yield of the next burn: the way's published mean, pulled toward the
 * grower's own burns of that way (normal–normal on the logit; the predictive spread includes
 * the burn-to-burn part). Basis: kg dry char per kg dry wood.
 * @param own yields of the grower's finished burns of this way, each in (0, 1), all of one basis
 * @param of what those yields are of: all the wood loaded, brands too, as the next load will be; or
 *   the wood truly burnt
 * @example forecastYield('open-kiln', []) // 0.22, 0.158–0.298
 */
export function forecastYield(
	way: WayId,
	own: readonly number[],
	of: 'loaded' | 'burnt' = 'loaded'
): Estimate<Share> {
	const { massYield, name } = wayOf(way);
	const between = yieldSpread.betweenGrowers ** 2;
	const within = yieldSpread.withinGrower ** 2;
	const usable = own.filter((value) => value > 0 && value < 1);
	const weight = usable.length / within;
	const total = usable.reduce((sum, value) => sum + logit(value), 0);
	const variance = 1 / (1 / between + weight);
	const centre = variance * (logit(massYield.mean) / between + total / within);
	const reach = z80 * Math.sqrt(variance + within);
	return {
		value: share(expit(centre)),
		low: share(expit(centre - reach)),
		high: share(expit(centre + reach)),
		unit: 'share',
		basis: `dry char per dry wood ${of}, by mass`,
		formula: usable.length
			? `published mean pulled toward ${usable.length} own burns`
			: 'published mean of this way',
		from: [
			{
				name: `published, ${name}`,
				value: massYield.mean,
				low: massYield.low,
				high: massYield.high,
				unit: 'share',
				origin: 'default',
				source: massYield.source
			},
			...ownInputs(usable, of)
		]
	};
}

/** Own burns that a figure names one by one; more of them stand as their mean. */
const mostNamed = 12;

function ownInputs(yields: readonly number[], of: 'loaded' | 'burnt'): Input[] {
	const source =
		of === 'loaded'
			? 'char out ÷ wood loaded, both dry; brands count as loaded'
			: 'char out ÷ wood burnt, both dry; brands left out';
	const own = { unit: 'share', origin: 'own', source } as const;
	if (yields.length <= mostNamed)
		return yields.map((value, i) => ({ name: `own burn ${i + 1}`, value, ...own }));
	const value = yields.reduce((sum, one) => sum + one, 0) / yields.length;
	return [{ name: `mean of ${yields.length} own burns`, value, ...own }];
}
