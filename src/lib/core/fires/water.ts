import {
	asInput,
	estimate,
	litres,
	nextOne,
	product,
	sum,
	type Estimate,
	type Litres,
	type Range
} from '../units';
import { wayOf } from './data/ways';
import { boiledOff, soakedUp, type QuenchPlan } from './heat';

const constants = Object.freeze({
	voids_share: [0.5, 0.7],
	fills: 2,
	hosed_L_per_L: [1, 2],
	margin: 1.5,
	ownBurnsNeeded: 3,
	/** Never asked for below three burns; one burn's tank is read to a tenth. */
	ownSpread: { ofLogs: 0.25, ofOne: Math.log(1.1) },
	/** Own litres per litre outside these are a slip of the pen, not a quench. */
	plausibleOwn_L_per_L: [0.1, 20],
	source: 'Run-off from quench practice'
});

/** Nobody reads a tank finer than this, L. */
const wholeTens = 10;

export interface WaterNeed {
	readonly boilOff: Estimate<Litres>;
	readonly soak: Estimate<Litres>;
	readonly runOff: Estimate<Litres>;
	/** What the quench takes. */
	readonly need: Estimate<Litres>;
	/** What must stand on site before the match. */
	readonly onSite: Estimate<Litres>;
	readonly ruledBy: 'heat and soak' | 'voids' | 'run-off' | 'own burns';
}

/**
 * Water for the quench, worked on the upper end of the char forecast, with every term:
 * boil-off m·c·(T−100)/(2257 + 4.19·(100−Tw)) of char and vessel or ground, soak 1–2 L/kg, and
 * voids × two fills (flooded kilns) or 1–2 L per L of char (hosed). The larger of heat + soak
 * and the run-off term rules; × 1.5 is wanted on site. Three own burns replace the run-off
 * term, never below heat + soak.
 */
export function quenchWater(plan: QuenchPlan): WaterNeed {
	const way = wayOf(plan.way);
	const boilOff = boiledOff(plan);
	const soak = soakedUp(plan.charKg);
	const heat = sum([boilOff, soak]);
	const run = runOff(plan);
	const ownRules = run.basis === 'own burns';
	const heatRules = heat.high >= run.high;
	const ruling: Range = heatRules ? heat : run;
	const need = estimate(litres, ruling, {
		unit: 'L',
		basis: `water, ${way.quench === 'flood' ? 'flooded' : 'hosed'}`,
		formula: heatRules ? 'boil-off + soak' : run.formula,
		from: [
			asInput('boil-off', boilOff),
			asInput('soak', soak),
			asInput(
				ownRules
					? 'own burns'
					: way.quench === 'flood'
						? 'voids, two fills'
						: 'hosed, with run-off',
				run
			)
		]
	});
	// The margin stands on the upper end: water cannot be fetched once the fire is lit.
	const wanted = Math.ceil((ruling.high * constants.margin) / wholeTens) * wholeTens;
	const onSite = estimate(
		litres,
		{ value: wanted, low: wanted, high: wanted },
		{
			unit: 'L',
			basis: 'water on site before the match',
			formula: 'upper end of the need × 1.5, up to the next 10 L',
			from: [
				asInput('need', need),
				{
					name: 'margin',
					value: constants.margin,
					unit: 'times',
					origin: 'default',
					source: 'Half as much again: a fire that relights must be put out twice'
				}
			]
		}
	);
	const ruledBy = heatRules
		? 'heat and soak'
		: ownRules
			? 'own burns'
			: way.quench === 'flood'
				? 'voids'
				: 'run-off';
	return { boilOff, soak, runOff: run, need, onSite, ruledBy };
}

function runOff({ way, charLitres, ownLitresPerLitre }: QuenchPlan): Estimate<Litres> {
	const [least, most] = constants.plausibleOwn_L_per_L as [number, number];
	const own = ownLitresPerLitre.filter((value) => value >= least && value <= most);
	const flood = wayOf(way).quench === 'flood';
	const [low, high] = (
		flood ? constants.voids_share.map((v) => v * constants.fills) : constants.hosed_L_per_L
	) as [number, number];
	const scaled = (a: number, b: number, c: number): Range => ({
		low: charLitres.low * a,
		value: charLitres.value * b,
		high: charLitres.high * c
	});
	if (own.length >= constants.ownBurnsNeeded) {
		const perLitre = nextOne(own, constants.ownSpread);
		return estimate(litres, product([charLitres, perLitre]), {
			unit: 'L',
			basis: 'own burns',
			formula: `char × own ${own.length} burns’ litres per litre`,
			from: [
				{
					name: 'own litres of water per litre of char',
					...perLitre,
					unit: 'L/L',
					origin: 'own',
					source: `geometric mean of ${own.length} own burns, with where the next will fall`
				}
			]
		});
	}
	return estimate(litres, scaled(low, (low + high) / 2, high), {
		unit: 'L',
		basis: flood ? 'voids filled twice' : 'hosed, most runs off',
		formula: flood ? 'char litres × voids 0.5–0.7 × 2 fills' : 'char litres × 1–2 L/L',
		from: [
			{
				name: flood ? 'voids × fills' : 'hosed',
				value: (low + high) / 2,
				low,
				high,
				unit: 'L/L',
				origin: 'default',
				source: constants.source
			}
		]
	});
}
