import { share, type Estimate, type Input, type Share } from '../units';
import { wayOf, yieldSpread, type WayId } from './data/ways';

const logit = (p: number) => Math.log(p / (1 - p));
const expit = (x: number) => 1 / (1 + Math.exp(-x));
const z80 = 1.2815515655446004;

/**
 * Expected dry mass yield of the next burn: the way's published mean, pulled toward the
 * grower's own burns of that way (normal–normal on the logit; the predictive spread includes
 * the burn-to-burn part). Basis: kg dry char per kg dry wood.
 * @param own yields of the grower's finished burns of this way, each in (0, 1)
 * @example forecastYield('open-kiln', []) // 0.22, 0.158–0.298
 */
export function forecastYield(way: WayId, own: readonly number[]): Estimate<Share> {
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
		basis: 'dry char per dry wood, by mass',
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
			...ownInputs(usable)
		]
	};
}

/** Own burns that a figure names one by one; more of them stand as their mean. */
const mostNamed = 12;

function ownInputs(yields: readonly number[]): Input[] {
	const own = { unit: 'share', origin: 'own', source: 'char out ÷ wood in, both dry' } as const;
	if (yields.length <= mostNamed)
		return yields.map((value, i) => ({ name: `own burn ${i + 1}`, value, ...own }));
	const value = yields.reduce((sum, one) => sum + one, 0) / yields.length;
	return [{ name: `mean of ${yields.length} own burns`, value, ...own }];
}
