import type { Range } from '../units';

/** One line of an act with the dry kilograms of one substance in it. */
export interface SeasonLine {
	readonly act: string;
	readonly at_ms: number;
	/** A lot, a bed, or an account by its name. */
	readonly is: 'lot' | 'bed' | 'account';
	readonly node: string;
	readonly direction: 'in' | 'out';
	readonly kg: number;
}

/** Where a substance came from and went to within a season, kg; what came in stands above nought. */
export interface Balance {
	readonly opening: number;
	/** By what brought or took it: "bed", an account, or "made" for what turned into or out of it. */
	readonly flows: ReadonlyMap<string, number>;
	readonly closing: number;
	/** By lot, what lies there at the end. */
	readonly lies: ReadonlyMap<string, number>;
}

/**
 * What a season did with a substance: what lay in lots at its beginning, what came and went by whom, what lies at its
 * end. It closes: opening and flows are the closing, to the milligram.
 * @param from_ms first moment of the season
 * @param to_ms first moment after it
 */
export function balanceIn(lines: readonly SeasonLine[], from_ms: number, to_ms: number): Balance {
	const lies = new Map<string, number>();
	const flows = new Map<string, number>();
	let opening = 0;
	for (const act of actsOf(lines)) {
		const [first] = act;
		if (!first || first.at_ms >= to_ms) continue;
		const inSeason = first.at_ms >= from_ms;
		let change = 0;
		for (const { is, node, direction, kg } of act) {
			const signed = direction === 'in' ? kg : -kg;
			if (is === 'lot') {
				lies.set(node, (lies.get(node) ?? 0) + signed);
				change += signed;
			} else if (inSeason) addTo(flows, is === 'bed' ? 'bed' : node, -signed);
		}
		if (!inSeason) opening += change;
		else {
			const outside = act.reduce(
				(sum, { is, direction, kg }) =>
					is === 'lot' ? sum : sum + (direction === 'in' ? -kg : kg),
				0
			);
			// What lots gained that nobody brought was made of something else, and the other way round.
			addTo(flows, 'made', change - outside);
		}
	}
	const least = 1e-6;
	for (const [node, kg] of [...lies]) if (Math.abs(kg) < least) lies.delete(node);
	for (const [of, kg] of [...flows]) if (Math.abs(kg) < least) flows.delete(of);
	const closing = [...lies.values()].reduce((sum, kg) => sum + kg, 0);
	return { opening, flows, closing, lies };
}

const addTo = (sums: Map<string, number>, key: string, kg: number): void => {
	sums.set(key, (sums.get(key) ?? 0) + kg);
};

/** Lines of one act stand one behind the other. */
function actsOf(lines: readonly SeasonLine[]): readonly (readonly SeasonLine[])[] {
	const acts: SeasonLine[][] = [];
	for (const line of lines) {
		const last = acts.at(-1);
		if (last?.[0]?.act === line.act) last.push(line);
		else acts.push([line]);
	}
	return acts;
}

/** What a count found other than the books had, and what nobody counted. */
export interface Closing {
	readonly is: 'closes' | 'off' | 'uncounted' | 'empty';
	/** Found more by counting and measuring anew, kg; below nought less. */
	readonly found: number;
	/** Of what passed through, as a share. */
	readonly foundShare: number;
	/** Of what lies at the end, the share that nobody counted or made within the season. */
	readonly uncountedShare: number;
}

/** Counts may be so far off what passed through before the books are said not to close. Source: judged. */
export const offShare = 0.05;
/** So much of what lies may stand by the books alone. Source: judged. */
export const uncountedMost = 0.25;

/**
 * Whether the books of a season close against what was found. By kilograms they always do, since a count is a flow of
 * its own: what tells is how much counting had to put right, and how much of what lies nobody counted.
 * @param doubt share by which such amounts are known at all
 */
export function closingOf(
	{ opening, flows, closing, lies }: Balance,
	isCounted: (lot: string) => boolean,
	doubt = 0
): Closing {
	const found = (flows.get('counted') ?? 0) + (flows.get('re-measured') ?? 0);
	const came = [...flows].reduce(
		(sum, [of, kg]) => (kg > 0 && !corrected.has(of) ? sum + kg : sum),
		0
	);
	const through = opening + came;
	const foundShare = through > 0 ? Math.abs(found) / through : 0;
	const uncounted = [...lies].reduce((sum, [lot, kg]) => (isCounted(lot) ? sum : sum + kg), 0);
	const uncountedShare = closing > 0 ? Math.max(0, uncounted / closing) : 0;
	const is =
		through <= 0 && closing <= 0
			? 'empty'
			: foundShare > Math.max(offShare, doubt)
				? 'off'
				: uncountedShare > uncountedMost
					? 'uncounted'
					: 'closes';
	return { is, found, foundShare, uncountedShare };
}

const corrected: ReadonlySet<string> = new Set(['counted', 're-measured', 'settled']);

/** An amount as a range by the share by which such amounts are known. */
export const withDoubt = (kg: number, doubt: number): Range => {
	const off = Math.abs(kg) * doubt;
	return { value: kg, low: kg - off, high: kg + off };
};

/** The share by which amounts are known, weighed by how much each is: they are of one measure, and off alike. */
export function doubtOf(ranges: readonly Range[]): number {
	const all = ranges.reduce((sum, { value }) => sum + value, 0);
	if (!(all > 0)) return 0;
	return ranges.reduce((sum, { low, high }) => sum + (high - low) / 2, 0) / all;
}
