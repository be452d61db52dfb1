import { wayOf, forecastYield, poolYields, type WayId } from '../../core/fires';
import {
	courseOf,
	modelStart,
	needsOf,
	ownStart,
	paceLeft,
	tapKinds,
	tapOf,
	type FireBehind,
	type PaceStart,
	type Tap,
	type TapWhat
} from '../../core/tending';
import { between, exactly, type Range } from '../../core/units';
import { woodClass, type WoodClassId } from '../../core/woodyard';
import type { Books } from '../db/books';
import type { Burn } from '../db/burns';
import type { Vessel } from '../db/vessels';
import { minutesOfWay } from './fires';
import { ownResults, usualDensity } from './own';
import { rememberingEachAlways } from './remember';
import { newestFires } from './vessels';

const whats = Object.keys(tapKinds) as TapWhat[];

/** Everything that was tapped at a fire, the oldest first. */
export const tapsOf = (books: Books, burnId: number): readonly Tap[] =>
	books.findings
		.of(burnId, ...whats)
		.map(({ what, found, actId, at_ms, person }) =>
			tapOf(what as TapWhat, found, { id: actId, at_ms, person })
		)
		.reverse();

/** Thrown on loosely, share of the room that is wood. Working assumption, beside the packings of stacks. */
const thrownOn = between(0.2, 0.4);
/** Where nobody says: rods of an inch, air-dry. */
const usual = Object.freeze({ diameter_m: 0.025, water: 0.15 });
const perThousand = (value: number) => value / 1000;

/** A stack's dry wood is off by a fifth either way. Working assumption; its own doubt stands in its books. */
const asMeasured = (value: number): Range => ({ value, low: value * 0.8, high: value * 1.2 });

/** What is known of the wood of a fire: as it was said when it was lit, or as its plan has it. */
function woodOf(books: Books, burn: Burn) {
	const stacks = (burn.plan?.loads ?? []).flatMap(({ code }) => {
		const stack = books.woodyard.maybeOne(code);
		const lot = books.ledger.maybeLot(code);
		return stack && lot ? [{ stack, lotId: lot.id }] : [];
	});
	const [first] = stacks;
	const read = first && books.woodyard.readings(first.lotId).at(-1)?.state.mean;
	const dry = burn.plan?.figures.told.char.from.find(({ name }) => name === 'dry wood loaded');
	const wood: WoodClassId = burn.lit?.wood.class ?? first?.stack.measure.wood ?? 'mixed';
	const litres = (burn.plan?.loads ?? []).reduce((sum, { volume_ul }) => sum + volume_ul / 1e6, 0);
	return {
		wood,
		form: first?.stack.measure.form,
		load: dry && dry.value > 0 ? asMeasured(dry.value) : undefined,
		litres,
		diameter_m: burn.lit?.wood.diameter_m ?? usual.diameter_m,
		water: burn.lit?.wood.water ?? read ?? usual.water
	};
}

/** What stands behind the page of a fire: its vessel, its wood, what such fires give. */
export function behindOf(books: Books, burn: Burn, vessel: Vessel): FireBehind {
	const way = wayOf(vessel.usedFor as WayId).id;
	const { wood, form, load, litres, diameter_m, water } = woodOf(books, burn);
	const own = ownResults(books, way);
	const massYield = forecastYield(way, poolYields(own.yieldsOfLoads));
	const density = usualDensity(books, wood, form);
	const hose = hoseOf(books);
	return {
		way,
		shape: vessel.shape,
		...(load ? { load } : {}),
		kgPerLitre:
			// Litres in a pail are embers, no wood: as much as those came of.
			way === 'stove'
				? exactly(density.value / massYield.value)
				: load && litres > 0
					? per(load, litres)
					: looseWood(wood),
		massYield: rangeOf(massYield),
		density: rangeOf(density),
		isOwnYield: own.yieldsOfLoads.length > 0,
		isFilledOnce: wayOf(way).filledOnce,
		needs: needsOf({
			way,
			shape: vessel.shape,
			density: rangeOf(density),
			ownWater: own.waterPerLitre,
			...(vessel.emptyMass === undefined ? {} : { emptyMass: vessel.emptyMass })
		}),
		start: startOf(books, vessel, modelStart(diameter_m, water), burn.code),
		...(hose === undefined ? {} : { hose_l_min: hose }),
		front: frontOf(books, way)
	};
}

const rangeOf = ({ value, low, high }: Range): Range => ({ value, low, high });
const per = ({ value, low, high }: Range, litres: number): Range => ({
	value: value / litres,
	low: low / litres,
	high: high / litres
});

/** Dry wood in a litre as it is thrown on, kg. */
function looseWood(id: WoodClassId): Range {
	const { basicDensityKgPerM3: solid, bulkKgPerM3: poured } = woodClass(id);
	if (poured) return between(perThousand(poured[0]), perThousand(poured[1]));
	return between(perThousand(solid[0] * thrownOn.low), perThousand(solid[1] * thrownOn.high));
}

function frontOf(books: Books, way: WayId): FireBehind['front'] {
	const own = minutesOfWay(books, way).toSorted((a, b) => a - b);
	const [low, high] = wayOf(way).minutes;
	if (own.length < 3) return { low, high };
	return { low: own[Math.floor(own.length * 0.1)] ?? low, high: own.at(-1) ?? high };
}

/** Records are many: what they say of the hose is kept until there is another. */
const hoseOfRecords = rememberingEachAlways(
	(books, _all: string) => books.burns.hoseSaid('record'),
	String,
	['burn_record']
);

/** What the hose gave a minute when it was last said, L. */
function hoseOf(books: Books): number | undefined {
	const said = [books.burns.hoseSaid('water'), hoseOfRecords(books, 'all')];
	return said.flatMap((one) => one ?? []).sort((a, b) => b.seq - a.seq)[0]?.rate;
}

/** So many fires of a vessel say how fast its layers come. */
const mostFires = 6;

const pastOf = rememberingEachAlways(
	(books, vesselId: number): readonly Past[] =>
		newestFires(books, vesselId, Number.MAX_SAFE_INTEGER)
			.toReversed()
			.slice(0, mostFires * 2)
			.flatMap(({ code }) => {
				const burn = books.burns.maybeOne(code);
				const left = burn?.lit && paceLeft(courseOf(tapsOf(books, burn.id)).layers);
				return left === undefined ? [] : [{ code, minutes: left }];
			})
			.slice(0, mostFires),
	String,
	['burn_record']
);

interface Past {
	readonly code: string;
	readonly minutes: number;
}

/** What the pace of a fire begins with: the model, pulled toward one's own fires in that vessel. */
const startOf = (books: Books, { id }: Vessel, model: PaceStart, code: string): PaceStart =>
	ownStart(
		model,
		pastOf(books, id).flatMap((past) => (past.code === code ? [] : [past.minutes]))
	);
