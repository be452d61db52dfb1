import { mean, sampleStandardDeviation } from 'simple-statistics';
import {
	dryBasis,
	found,
	known,
	partList,
	wetBasis,
	type DryBasis,
	type Estimate,
	type ReadList,
	type WetBasis
} from '../units';

/** What a meter or an oven said of one piece. `over` and `under` mark a pin meter's two ends. */
export interface PieceReading {
	readonly percent: number;
	readonly end?: 'over' | 'under';
}

/** Pin meters read dry basis; the oven test is worked on wet basis. */
export type ReadingMethod = 'pin' | 'oven';

export interface ReadingSet {
	readonly method: ReadingMethod;
	readonly pieces: readonly PieceReading[];
}

export type MoistureVerdict =
	'ready' | 'slower' | 'hold-back' | 'wont-burn' | 'undecided' | 'too-few';

export interface MoistureState {
	readonly verdict: MoistureVerdict;
	readonly count: number;
	/** Wet basis; undefined when no reading could be placed. A bound where `bound` says so. */
	readonly mean?: WetBasis;
	/** Pieces beyond an end make the mean a bound: the true one lies over it, or under it. */
	readonly bound?: 'over' | 'under';
	readonly highest?: WetBasis;
	/** Sample standard deviation between pieces, wet basis; undefined below two pieces, or beyond an end. */
	readonly spread?: number;
	/** At least one piece lies beyond what could be read. */
	readonly beyondMeter: boolean;
}

/** Limits of the verdict, wet basis. The pin meter's end of 30 % db is 23.1 % wb. */
export const moistureLimits = Object.freeze({
	readyMean: 0.2,
	readyHighest: 0.3 / 1.3,
	slower: 0.25,
	wontBurn: 0.4,
	pinEndDry: 0.3,
	pinFloorDry: 0.07,
	fewestPieces: 3,
	/** No meter or oven reads wood wetter than this. */
	mostPercent: 90,
	source: 'Burn practice: below 20 % wb on the mean; a pin meter means little above 30 % db'
});

/** wb = db / (1 + db). */
export function wetFromDry(db: DryBasis): WetBasis {
	return wetBasis(db / (1 + db));
}

/** db = wb / (1 − wb). */
export function dryFromWet(wb: WetBasis): DryBasis {
	return dryBasis(wb / (1 - wb));
}

/**
 * Mean, spread, highest piece and verdict of one set of readings, by the worse of mean and
 * highest piece. Fewer than three pieces decide nothing; a reading beyond an end (a pin meter means
 * little above 30 % db) leaves the mean a bound, and undecided what the bound does not settle.
 * @example judgeMoisture({ method: 'pin', pieces: [19, 22, 24].map((percent) => ({ percent })) }) // 'ready', 17.8 % wb
 */
export function judgeMoisture(set: ReadingSet): MoistureState {
	const placed = set.pieces.map((piece) => onWetBasis(set.method, piece));
	const beyondMeter = set.pieces.some((piece) => isBeyond(set.method, piece));
	if (placed.length === 0) return { verdict: 'too-few', count: 0, beyondMeter: false };
	const average = wetBasis(mean(placed));
	const highest = wetBasis(Math.max(...placed));
	const bound = boundOf(set);
	const spread = placed.length > 1 && !bound ? sampleStandardDeviation(placed) : undefined;
	const known = {
		count: placed.length,
		mean: average,
		highest,
		spread,
		beyondMeter,
		...(bound ? { bound } : {})
	};
	if (placed.length < moistureLimits.fewestPieces) return { verdict: 'too-few', ...known };
	const verdict = verdictOf(average, highest);
	// What is over a limit already stays over it, however much wetter the rest is.
	if (beyondMeter && verdict !== 'wont-burn' && !(set.method === 'oven' && verdict === 'hold-back'))
		return { verdict: 'undecided', ...known };
	return { verdict, ...known };
}

/** Readings as they were written, or the first word that is none, or a question about a comma. */
export type ReadPieces =
	| { readonly status: 'ok'; readonly pieces: readonly PieceReading[] }
	| { readonly status: 'bad'; readonly part: string }
	| Extract<ReadList, { status: 'ask' }>;

/**
 * Readings as people write them down: "19 22 24", "17, 19, 16", "19-24", "17,5", ">30" beyond the meter, "<7" below it.
 * Wood that lies in air is never quite dry: nought is no reading.
 */
export function parsePieces(text: string): ReadPieces {
	// A span is its two ends.
	const list = partList(text.replace(/(\d)\s*[-–]\s*(?=\d)/g, '$1 '));
	if (list.status !== 'ok') return list;
	const pieces: PieceReading[] = [];
	for (const word of list.words) {
		const found = /^([<>]?)(\d{1,3}(?:[.,]\d{1,2})?)%?$/.exec(word);
		const percent = Number(found?.[2]?.replace(',', '.'));
		if (!found || !(percent > 0) || percent > moistureLimits.mostPercent)
			return { status: 'bad', part: word };
		const end = { '>': 'over', '<': 'under' } as const;
		const sign = found[1] as '' | '<' | '>';
		pieces.push(sign === '' ? { percent } : { percent, end: end[sign] });
	}
	return { status: 'ok', pieces };
}

export interface MoistureFigures {
	readonly mean: Estimate<WetBasis>;
	readonly meanDry: Estimate<DryBasis>;
	readonly highest: Estimate<WetBasis>;
	/** None below two pieces. */
	readonly spread?: Estimate<WetBasis>;
}

/** Mean and wettest piece as figures, each with the pieces as they were read. */
export function moistureFigures(set: ReadingSet): MoistureFigures | undefined {
	const { mean: average, highest, spread, bound } = judgeMoisture(set);
	if (average === undefined || highest === undefined) return undefined;
	const pin = set.method === 'pin';
	const pieces = set.pieces.map((piece, i) =>
		known(
			`piece ${i + 1}${isBeyond(set.method, piece) ? ', or more' : piece.end === 'under' ? ', or less' : ''}`,
			piece.percent / 100,
			'share',
			'measured',
			pin ? 'pin meter, dry basis' : 'oven, wet basis'
		)
	);
	const figure = (name: string, value: WetBasis, how: string) =>
		found(
			wetBasis,
			known(
				name,
				value,
				'share',
				'computed',
				pin ? `${how}, each turned by wb = db ÷ (1 + db)` : how
			),
			pieces,
			{ unit: 'share', basis: 'water over total mass, wet basis' }
		);
	const atEnds = `mean of the pieces at their ends: the true one lies ${bound} it`;
	return {
		mean: figure('mean', average, bound ? atEnds : 'mean of the pieces'),
		meanDry: found(
			dryBasis,
			known(
				'mean',
				meanOnDryBasis(set),
				'share',
				'computed',
				pin ? 'mean of the pieces' : 'mean of the pieces, each turned by db = wb ÷ (1 − wb)'
			),
			pieces,
			{ unit: 'share', basis: 'water over dry mass, dry basis' }
		),
		highest: figure('wettest', highest, 'wettest of the pieces'),
		...(spread === undefined
			? {}
			: {
					spread: figure('spread', wetBasis(spread), 'standard deviation between the pieces')
				})
	};
}

function verdictOf(average: WetBasis, highest: WetBasis): MoistureVerdict {
	const limits = moistureLimits;
	const hair = 1e-9;
	if (average >= limits.wontBurn) return 'wont-burn';
	if (average <= limits.readyMean + hair && highest <= limits.readyHighest + hair) return 'ready';
	if (Math.max(average, highest) <= limits.slower + hair) return 'slower';
	return 'hold-back';
}

/** Wetter than could be read: past a pin meter's end, or written down as more than it says. */
const isBeyond = (method: ReadingMethod, piece: PieceReading) =>
	piece.end === 'over' || (method === 'pin' && piece.percent > moistureLimits.pinEndDry * 100);

/** Drier than could be read. */
const isBelow = (method: ReadingMethod, piece: PieceReading) =>
	piece.end === 'under' || (method === 'pin' && piece.percent < moistureLimits.pinFloorDry * 100);

function boundOf({ method, pieces }: ReadingSet): 'over' | 'under' | undefined {
	if (pieces.some((piece) => isBeyond(method, piece))) return 'over';
	return pieces.some((piece) => isBelow(method, piece)) ? 'under' : undefined;
}

/** Mean on dry basis, of what a pin meter reads as it reads it. */
function meanOnDryBasis({ method, pieces }: ReadingSet): DryBasis {
	return dryBasis(mean(pieces.map((piece) => dryFromWet(onWetBasis(method, piece)))));
}

function onWetBasis(method: ReadingMethod, piece: PieceReading): WetBasis {
	if (!(piece.percent >= 0) || !Number.isFinite(piece.percent))
		throw new RangeError(`onWetBasis: ${piece.percent} % is no reading`);
	if (method === 'oven') return wetBasis(piece.percent / 100);
	const { pinEndDry, pinFloorDry } = moistureLimits;
	const db = Math.min(pinEndDry, Math.max(pinFloorDry, piece.percent / 100));
	return wetFromDry(dryBasis(db));
}

/** The readiest first; what nobody read stands before what was read as too wet. */
const readiness: readonly (MoistureVerdict | 'unread')[] = [
	'ready',
	'slower',
	'too-few',
	'undecided',
	'unread',
	'hold-back',
	'wont-burn'
];

/** The least ready of several. */
export const worstOf = (
	verdicts: readonly (MoistureVerdict | 'unread')[]
): MoistureVerdict | 'unread' =>
	readiness.findLast((verdict) => verdicts.includes(verdict)) ?? 'unread';
