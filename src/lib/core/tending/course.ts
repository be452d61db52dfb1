import { minutes } from '../time';
import { inTurn, type Doing, type LayerSize, type PieceSize, type Sign, type Tap } from './taps';

/** One layer and what was seen of it. */
export interface LayerOn {
	readonly id: string;
	/** The first load is the first. */
	readonly n: number;
	readonly at_ms: number;
	readonly layer: LayerSize;
	readonly pieces: PieceSize;
	readonly litres?: number;
	/** When its edges were seen white; when the next was on. */
	readonly white_ms?: number;
	readonly next_ms?: number;
	/** Flames stood high, or it smoked thick, before the next was on. */
	readonly isHigh: boolean;
	readonly isSmoky: boolean;
}

/** Smoke that was seen from a moment on. */
export interface Smoke {
	readonly from_ms: number;
	/** None where nobody said that it ended. */
	readonly to_ms?: number;
	readonly is: 'some' | 'thick';
}

/** The hose ran. */
export interface Run {
	readonly from_ms: number;
	readonly to_ms?: number;
	readonly l_min?: number;
}

/** What the taps of a fire come to. */
export interface Course {
	readonly lit_ms?: number;
	readonly layers: readonly LayerOn[];
	readonly smokes: readonly Smoke[];
	readonly runs: readonly Run[];
	/** From cans and tanks. */
	readonly pours: readonly { readonly at_ms: number; readonly litres: number }[];
	readonly heats: readonly {
		readonly at_ms: number;
		readonly c: number;
		readonly by?: 'gun' | 'probe';
	}[];
	readonly depth?: { readonly at_ms: number; readonly depth_m: number };
	/** When each was last seen or done. */
	readonly seen: Readonly<Partial<Record<Sign, number>>>;
	readonly done: Readonly<Partial<Record<Doing, number>>>;
	readonly gusts: readonly number[];
	readonly quenched_ms?: number;
	readonly people: readonly string[];
}

/** Smoke whose end nobody said counts for so long. Working assumption: a layer smokes until it burns. */
export const unsaidSmoke_ms = minutes(5);

/** Read the taps of a fire in the order in which they happened. */
export function courseOf(taps: readonly Tap[], lit_ms?: number): Course {
	const all = inTurn(taps);
	const newest = <Is extends Tap['is']>(is: Is) =>
		all.findLast((tap): tap is Extract<Tap, { is: Is }> => tap.is === is);
	const depth = newest('depth');
	const quenched = newest('quenched');
	return {
		...(lit_ms === undefined ? {} : { lit_ms }),
		layers: layersIn(all),
		smokes: smokesIn(all),
		runs: runsIn(all),
		pours: all.flatMap((tap) =>
			tap.is === 'water' && tap.water === 'poured'
				? [{ at_ms: tap.at_ms, litres: tap.litres ?? 0 }]
				: []
		),
		heats: all.flatMap((tap) =>
			tap.is === 'heat'
				? [{ at_ms: tap.at_ms, c: tap.temperature_c, ...(tap.by ? { by: tap.by } : {}) }]
				: []
		),
		...(depth ? { depth: { at_ms: depth.at_ms, depth_m: depth.depth_m } } : {}),
		seen: lastBy(all, (tap) => (tap.is === 'sign' ? tap.sign : undefined)),
		done: lastBy(all, (tap) => (tap.is === 'doing' ? tap.doing : undefined)),
		gusts: all.flatMap((tap) => (tap.is === 'sign' && tap.sign === 'gust' ? [tap.at_ms] : [])),
		...(quenched ? { quenched_ms: quenched.at_ms } : {}),
		people: [...new Set(all.map(({ person }) => person))]
	};
}

const lastBy = <Name extends string>(
	taps: readonly Tap[],
	nameOf: (tap: Tap) => Name | undefined
): Partial<Record<Name, number>> => {
	const last: Partial<Record<Name, number>> = {};
	for (const tap of taps) {
		const name = nameOf(tap);
		if (name !== undefined) last[name] = tap.at_ms;
	}
	return last;
};

function layersIn(taps: readonly Tap[]): readonly LayerOn[] {
	const laid = taps.filter((tap): tap is Extract<Tap, { is: 'layer' }> => tap.is === 'layer');
	return laid.map((tap, i) => {
		const next_ms = laid[i + 1]?.at_ms;
		const until_ms = next_ms ?? Infinity;
		const signs = taps.filter(
			(one): one is Extract<Tap, { is: 'sign' }> =>
				one.is === 'sign' && one.at_ms >= tap.at_ms && one.at_ms < until_ms
		);
		const white = signs.find(({ sign }) => sign === 'white-edges');
		return {
			id: tap.id,
			n: i + 1,
			at_ms: tap.at_ms,
			layer: tap.layer,
			pieces: tap.pieces ?? 'as-usual',
			...(tap.litres === undefined ? {} : { litres: tap.litres }),
			...(white ? { white_ms: white.at_ms } : {}),
			...(next_ms === undefined ? {} : { next_ms }),
			isHigh: signs.some(({ sign }) => sign === 'flames-high'),
			isSmoky: signs.some(({ sign }) => sign === 'smoke-thick')
		};
	});
}

function smokesIn(taps: readonly Tap[]): readonly Smoke[] {
	const smokes: Smoke[] = [];
	for (const tap of taps) {
		if (tap.is !== 'sign' || !tap.sign.startsWith('smoke')) continue;
		const last = smokes.at(-1);
		if (last && last.to_ms === undefined) smokes[smokes.length - 1] = { ...last, to_ms: tap.at_ms };
		if (tap.sign !== 'smoke-none')
			smokes.push({ from_ms: tap.at_ms, is: tap.sign === 'smoke-thick' ? 'thick' : 'some' });
	}
	return smokes;
}

function runsIn(taps: readonly Tap[]): readonly Run[] {
	const runs: Run[] = [];
	for (const tap of taps) {
		if (tap.is !== 'water' || tap.water === 'poured') continue;
		const last = runs.at(-1);
		const isOpen = last !== undefined && last.to_ms === undefined;
		if (tap.water === 'start' && !isOpen)
			runs.push({ from_ms: tap.at_ms, ...(tap.l_min === undefined ? {} : { l_min: tap.l_min }) });
		// Stopped with what it gives said only then.
		if (tap.water === 'stop' && isOpen)
			runs[runs.length - 1] = {
				...last,
				to_ms: tap.at_ms,
				...(tap.l_min === undefined ? {} : { l_min: tap.l_min })
			};
	}
	return runs;
}

/** Minutes with smoke up to a moment; smoke whose end was not said lasts no longer than it usually does. */
export const smokeMinutes = ({ smokes }: Pick<Course, 'smokes'>, now_ms: number): number =>
	smokes.reduce(
		(sum, { from_ms, to_ms = Math.min(now_ms, from_ms + unsaidSmoke_ms) }) =>
			sum + Math.max(0, to_ms - from_ms) / minutes(1),
		0
	);

/** It smokes now, as far as was said. */
export const smokesNow = ({ smokes }: Pick<Course, 'smokes'>): Smoke | undefined => {
	const last = smokes.at(-1);
	return last?.to_ms === undefined ? last : undefined;
};

/** When it was lit, or where nobody said so its first tap. */
export const beganAt = (course: Course): number | undefined =>
	course.lit_ms ?? course.layers[0]?.at_ms;
