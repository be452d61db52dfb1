import { judgeBurn, wayOf, windSaid } from '../../core/fires';
import { inMinutes } from '../../core/time';
import { woodClass } from '../../core/woodyard';
import {
	bearingOf,
	byChance,
	control,
	kindsOf,
	nextBetter,
	standsClear,
	type Bearing,
	type Kind,
	type NextBetter,
	type Prediction,
	type Stands
} from '../../core/yields';
import { doubtOf } from '../../core/seasons';
import { product, type Range } from '../../core/units';
import type { BurnFacts } from '../db/burn-facts';
import { burnFacts, burnsRestOn } from './burn-facts';
import { waterOf } from './carbon';
import { rememberingEachAlways, rememberingWhile } from './remember';

/** A burn as a point: its yield with its doubt, and what may bear on it. */
export interface YieldPoint {
	readonly code: string;
	readonly at_ms: number;
	readonly yield: Range;
	readonly way: string;
	readonly vessel: string;
	readonly wood: string;
	readonly person: string;
	readonly litres: number;
	readonly water?: number;
	/** Minutes from one layer to the next. */
	readonly pace?: number;
	/** km/h. */
	readonly wind?: number;
	readonly smoke?: number;
	readonly limits?: Prediction;
	readonly stands?: Stands;
}

/** What is measured of a burn, and what it is told by. */
export const measures = ['water', 'pace', 'wind', 'smoke'] as const;
export type MeasureOf = (typeof measures)[number];
export const kinds = ['wood', 'way', 'vessel', 'person'] as const;
export type KindOf = (typeof kinds)[number];

function pointOf(burn: BurnFacts): YieldPoint | undefined {
	const { told, charKg, wood, brandsKg, stacks } = burn;
	if (burn.isReckoned || !(wood.value > brandsKg)) return undefined;
	const outcome = judgeBurn({
		way: burn.way,
		woodKg: wood.value,
		charKg: charKg.value,
		brandsKg,
		charLitres: burn.charLitres
	});
	// A measure that can't be right tells nothing of what bears on a yield.
	if (outcome.verdict === 'implausible' || outcome.verdict === 'more-out-than-in') return undefined;
	const burned = {
		value: wood.value - brandsKg,
		low: Math.max(0.01, wood.low - brandsKg),
		high: wood.high - brandsKg
	};
	const [most] = [...stacks].sort((a, b) => b.kg - a.kg);
	const minutes = told.lit_ms === undefined ? 0 : inMinutes(burn.quenched_ms - told.lit_ms);
	const wind = told.wind === undefined ? undefined : windSaid(told.wind);
	const water = waterOf(burn);
	return {
		...{ code: burn.code, at_ms: burn.quenched_ms, yield: product([charKg, burned], [1, -1]) },
		...{ way: wayOf(burn.way).name, vessel: burn.vessel, person: told.people || burn.person },
		wood: woodClass(most?.class ?? burn.charWood).name,
		litres: burn.charLitres,
		...(water === undefined ? {} : { water }),
		...(minutes > 0 && (told.layers ?? 0) > 1 ? { pace: minutes / ((told.layers ?? 2) - 1) } : {}),
		...(wind === undefined ? {} : { wind }),
		...(burn.smoke_min === null ? {} : { smoke: burn.smoke_min })
	};
}

/** Every burn whose yield can be told, the oldest first, each against those of its way before it. */
export const yieldPoints = rememberingWhile((books): readonly YieldPoint[] => {
	const points = burnFacts(books).flatMap((burn) => pointOf(burn) ?? []);
	const judged = [...new Set(points.map(({ way }) => way))].flatMap((way) =>
		control(
			points.filter((point) => point.way === way),
			({ yield: { value } }) => value
		).map(({ one, limits, stands }) => (limits && stands ? { ...one, limits, stands } : one))
	);
	return judged.sort((a, b) => a.at_ms - b.at_ms);
}, burnsRestOn);

/** Ways in which anything was burnt whose yield can be told. */
export const waysBurnt = rememberingWhile(
	(books): readonly string[] => [...new Set(yieldPoints(books).map(({ way }) => way))].sort(),
	burnsRestOn
);

/** Burns of a way, or of all of them, the newest first. @param way its name; empty for all */
export const newestPoints = rememberingEachAlways(
	(books, way: string): readonly YieldPoint[] =>
		yieldPoints(books)
			.filter((point) => way === '' || point.way === way)
			.toReversed(),
	String,
	burnsRestOn
);

export interface YieldsTold {
	readonly n: number;
	readonly bearings: readonly { readonly of: MeasureOf; readonly bearing: Bearing }[];
	readonly kinds: readonly { readonly of: KindOf; readonly kinds: readonly Kind[] }[];
	readonly next: NextBetter;
	/** So many of what was looked at stand out by chance alone. */
	readonly chance: number;
	readonly looked: number;
	/** By what share the wood and the char of a point are known, in the middle. */
	readonly known: { readonly wood: number; readonly char: number };
}

/** Where the better end of each lies. Sources: wood below 15 % water; little smoke and wind; white edges every 8 min. */
const reachable: Readonly<Record<MeasureOf, number>> = { water: 0.15, pace: 8, wind: 5, smoke: 5 };

/** What went along with the yields of a way, or of all of them. @param way its name; empty for all */
export const yieldsOf = rememberingEachAlways(
	(books, way: string): YieldsTold => {
		const points = yieldPoints(books).filter((point) => way === '' || point.way === way);
		const codes = new Set(points.map(({ code }) => code));
		const facts = burnFacts(books).filter(({ code }) => codes.has(code));
		const bearings = measures.map((of) => {
			const measured = points.flatMap((point): [number, number, string][] => {
				const x = point[of];
				return x === undefined ? [] : [[x, point.yield.value, point.way]];
			});
			return { of, bearing: bearingOf(measured), usual: middle(measured.map(([x]) => x)) };
		});
		const told = kinds.map((of) => ({
			of,
			kinds: kindsOf(points.map((point) => [point[of], point.yield.value]))
		}));
		const ways = told.find(({ of }) => of === 'way')?.kinds ?? [];
		const looked =
			bearings.filter(({ bearing }) => bearing.status !== 'too-few').length +
			told.filter((one) => one.kinds.length > 1).length;
		return {
			...{ n: points.length, looked, chance: byChance(looked) },
			known: {
				wood: doubtOf(facts.map(({ wood }) => wood)),
				char: doubtOf(facts.map(({ charKg }) => charKg))
			},
			bearings: bearings.map(({ of, bearing }) => ({ of, bearing })),
			kinds: told,
			next: nextBetter(
				bearings.map((one) => ({ ...one, reach: reachable[one.of] })),
				standsClear(ways)
			)
		};
	},
	String,
	burnsRestOn
);

function middle(values: readonly number[]): number {
	const sorted = [...values].sort((a, b) => a - b);
	return sorted[Math.floor(sorted.length / 2)] ?? 0;
}
