import {
	added,
	atMost,
	between,
	earlier,
	known,
	litres,
	nextOne,
	reckon,
	times,
	type Estimate,
	type Litres
} from '../units';
import { wayOf } from './data/ways';
import { boiledOff, soakedUp, type QuenchPlan } from './heat';

const constants = Object.freeze({
	voids_share: [0.5, 0.7] as [low: number, high: number],
	fills: 2,
	hosed_L_per_L: [1, 2],
	/** A shut vessel needs water ready for the case that it is not tight, no more. */
	snuffed: 0.2,
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
	readonly ruledBy: 'heat and soak' | 'voids' | 'run-off' | 'own burns' | 'a fifth, kept ready';
}

/**
 * Water for the quench, worked on the upper end of the char forecast, with every term:
 * boil-off m·c·(T−100)/(2257 + 4.19·(100−Tw)) of char and vessel or ground, soak 1–2 L/kg, and
 * voids × two fills (flooded kilns) or 1–2 L per L of char (hosed). The larger of heat + soak
 * and the run-off term rules; × 1.5 is wanted on site. Three own burns replace the run-off
 * term, never below heat + soak.
 */
export function quenchWater(plan: QuenchPlan): WaterNeed {
	const quench = quenchOf(plan);
	const boilOff = boiledOff(plan);
	const soak = soakedUp(plan.charKg);
	const heat = reckon(litres, added(earlier('boil-off', boilOff), earlier('soak', soak)), {
		unit: 'L',
		basis: 'heat and soak'
	});
	const run = runOff(plan);
	const heatRules = heat.high >= run.high;
	const basis = `water, ${quench === 'flood' ? 'flooded' : 'hosed'}`;
	const wet: Estimate<Litres> = heatRules
		? reckon(litres, earlier('heat and soak', heat), { unit: 'L', basis })
		: reckon(litres, earlier(nameOf(plan, run), run), { unit: 'L', basis });
	const need = quench === 'snuff' ? keptReady(wet) : wet;
	return {
		boilOff,
		soak,
		runOff: run,
		need,
		onSite: onSiteFor(need),
		ruledBy:
			quench === 'snuff'
				? 'a fifth, kept ready'
				: heatRules
					? 'heat and soak'
					: run.basis === 'own burns'
						? 'own burns'
						: quench === 'flood'
							? 'voids'
							: 'run-off'
	};
}

function nameOf(plan: QuenchPlan, run: Estimate): string {
	if (run.basis === 'own burns') return 'own burns';
	return quenchOf(plan) === 'flood' ? 'voids, two fills' : 'hosed, with run-off';
}

/** The margin stands on the upper end: water cannot be fetched once the fire is lit. */
function onSiteFor(need: Estimate<Litres>): Estimate<Litres> {
	const exact = need.high * constants.margin;
	const wanted = Math.ceil(exact / wholeTens) * wholeTens;
	return reckon(
		litres,
		added(
			times(
				known('upper end of the need', need.high, 'L', 'computed', need.formula),
				known(
					'margin',
					constants.margin,
					'times',
					'default',
					'Half as much again: a fire that relights must be put out twice'
				)
			),
			known('up to the next 10 L', wanted - exact, 'L', 'computed', 'Nobody reads a tank finer')
		),
		{ unit: 'L', basis: 'water on site before the match' }
	);
}

/** Water of a vessel that was filled so many times over its char: the gaps between the pieces, each time. */
export const filledWater = (charLitres: Litres, fills: number): Estimate<Litres> =>
	reckon(
		litres,
		times(
			known('char, by volume', charLitres, 'L', 'measured', 'as it came out, whole and loose'),
			known('voids', between(...constants.voids_share), 'share', 'default', constants.source),
			known('fills', fills, 'times', 'typed', 'as said')
		),
		{ unit: 'L', basis: 'water, by fills' }
	);

const quenchOf = ({ way, quench }: QuenchPlan) => quench ?? wayOf(way).quench;

/** Shut off from the air: a fifth of what a hose would take stands ready. */
const keptReady = (hosed: Estimate<Litres>): Estimate<Litres> =>
	reckon(
		litres,
		times(
			earlier('hosed', hosed),
			known(
				'kept ready',
				constants.snuffed,
				'share',
				'default',
				'Practice: a fifth of the hosed need'
			)
		),
		{ unit: 'L', basis: 'water, kept ready' }
	);

function runOff(plan: QuenchPlan): Estimate<Litres> {
	const { charLitres, ownLitresPerLitre } = plan;
	const [least, most] = constants.plausibleOwn_L_per_L as [number, number];
	const own = ownLitresPerLitre.filter((value) => value >= least && value <= most);
	const char = known('char, by volume', charLitres, 'L', 'computed', 'expected, whole and loose');
	if (own.length >= constants.ownBurnsNeeded)
		return reckon(
			litres,
			times(
				char,
				known(
					'own water to char, by volume',
					nextOne(own, constants.ownSpread),
					'L/L',
					'own',
					`geometric mean of ${own.length} own burns, with where the next will fall`
				)
			),
			{ unit: 'L', basis: 'own burns' }
		);
	const middle = ([low, high]: readonly number[]) => ({
		value: ((low ?? 0) + (high ?? 0)) / 2,
		low: low ?? 0,
		high: high ?? 0
	});
	if (quenchOf(plan) !== 'flood')
		return reckon(
			litres,
			times(
				char,
				known('hosed', middle(constants.hosed_L_per_L), 'L/L', 'default', constants.source)
			),
			{ unit: 'L', basis: 'hosed, most runs off' }
		);
	const filled = times(
		char,
		known('voids', middle(constants.voids_share), 'share', 'default', constants.source),
		known('fills', constants.fills, 'times', 'default', constants.source)
	);
	const { capacity } = plan;
	return reckon(
		litres,
		capacity === undefined
			? filled
			: atMost(known('the vessel holds', capacity, 'L', 'measured', 'by its measures'), filled),
		{ unit: 'L', basis: 'voids' }
	);
}
