import { milligrams, inLitres } from '../units';
import {
	addAmounts,
	minus,
	nothing,
	part,
	type Amount,
	type Contents,
	type Directed
} from './contents';
import { substances, type Substance } from './data/substances';

/** One line of the books of a lot. */
export interface BookLine extends Directed {
	readonly id: number;
	readonly happened_at_ms: number;
}

export interface Shortfall {
	readonly at_ms: number;
	readonly missing_ul: number;
	/** Dry matter or whatever else is short, mg; nought where only litres are. */
	readonly missing_mg: number;
}

/**
 * The first moment, in the order in which things happened, at which more was taken than was
 * there; undefined when the books hold. Lines of one moment keep the order of their writing.
 */
export function firstShortfall(lines: readonly BookLine[]): Shortfall | undefined {
	let volume = 0;
	const held: Record<string, number> = {};
	const inOrder = [...lines].sort((a, b) => a.happened_at_ms - b.happened_at_ms || a.id - b.id);
	for (const { direction, volume_ul, contents, happened_at_ms } of inOrder) {
		const sign = direction === 'in' ? 1 : -1;
		volume += sign * volume_ul;
		let missing_mg = 0;
		for (const substance of Object.keys(contents) as Substance[]) {
			const left = (held[substance] ?? 0) + sign * (contents[substance] ?? 0);
			held[substance] = left;
			missing_mg = Math.max(missing_mg, -left);
		}
		if (volume < 0 || missing_mg > 0)
			return { at_ms: happened_at_ms, missing_ul: Math.max(0, -volume), missing_mg };
	}
	return undefined;
}

/** What stands at the end. */
export const balanceOf = (lines: readonly Directed[]): Amount =>
	lines.reduce(
		(sum, line) => (line.direction === 'in' ? addAmounts(sum, line) : takenFrom(sum, line)),
		nothing
	);

/** What is left when so much was taken. */
export const takenFrom = (held: Amount, taken: Amount): Amount => ({
	volume_ul: held.volume_ul - taken.volume_ul,
	mass_mg: Math.max(0, held.mass_mg - taken.mass_mg),
	contents: minus(held.contents, taken.contents)
});

/**
 * What a part of a lot carries: all of it takes the exact rest, a part takes grams and contents pro
 * rata.
 * @example takePart({ volume_ul: 1000, mass_mg: 400, contents: { char: 333 } }, 500) // char 167
 */
export function takePart(held: Amount, volume_ul: number): Amount {
	if (volume_ul === held.volume_ul) return { ...held };
	if (held.volume_ul <= 0)
		throw new RangeError(`takePart: the lot is empty, ${volume_ul} µL asked`);
	const share = volume_ul / held.volume_ul;
	return {
		volume_ul,
		mass_mg: Math.min(held.mass_mg, Math.round(held.mass_mg * share)),
		contents: part(held.contents, share)
	};
}

/**
 * Whether a line leaves the rest of its lot made up otherwise than it was: what is taken afterwards
 * carries something else. Taking pro rata, and counting litres with all that is in them, does not.
 */
export function alters(held: Amount, line: Directed): boolean {
	if (held.volume_ul <= 0) return line.direction === 'in';
	return substances.some((substance) => {
		const had = held.contents[substance] ?? 0;
		const moved = line.contents[substance] ?? 0;
		const unlike = Math.abs(moved * held.volume_ul - had * line.volume_ul);
		// Whole milligrams and microlitres: half of one of either is no change.
		return unlike > held.volume_ul + had;
	});
}

/** A change of a lot in one or both ways: what comes to it and what goes. */
export interface Change {
	readonly comes: Amount;
	readonly goes: Amount;
}

/** The change from one amount to another, substance by substance. */
export function changeTo(held: Amount, wanted: Amount): Change {
	const over = (a: number, b: number) => Math.max(0, a - b);
	return {
		comes: {
			volume_ul: over(wanted.volume_ul, held.volume_ul),
			mass_mg: over(wanted.mass_mg, held.mass_mg),
			contents: minus(wanted.contents, held.contents)
		},
		goes: {
			volume_ul: over(held.volume_ul, wanted.volume_ul),
			mass_mg: over(held.mass_mg, wanted.mass_mg),
			contents: minus(held.contents, wanted.contents)
		}
	};
}

/**
 * What a lot holds when it was counted: litres as found, grams and contents in proportion, since a
 * recount says nothing of what it is made of.
 * @param held what the books say, above nought
 */
export function recounted(held: Amount, found_ul: number): Amount {
	if (held.volume_ul <= 0)
		throw new RangeError(`recounted: the books say ${held.volume_ul} µL, nothing to scale from`);
	const share = found_ul / held.volume_ul;
	return {
		volume_ul: found_ul,
		mass_mg: Math.round(held.mass_mg * share),
		contents: scaled(held.contents, share)
	};
}

/** Contents times a factor, which may be above one; whole milligrams. */
export function scaled(contents: Contents, factor: number): Contents {
	return Object.fromEntries(
		Object.entries(contents).flatMap(([substance, amount]) => {
			const now = Math.round(amount * factor);
			return now > 0 ? [[substance, now]] : [];
		})
	);
}

/**
 * What is left of a lot by a better density of one of its sorts; its litres stay.
 * @param density kg dry of that sort per litre as it lies
 * @example weighedAnew(held, 'char', 0.18)
 */
export function weighedAnew(
	held: Amount,
	sort: Extract<Substance, 'wood' | 'char' | 'ash' | 'other'>,
	density: number
): Amount {
	const now = milligrams(inLitres(held.volume_ul) * density);
	// Ash that was told apart from char is of its weight, and its lime goes with it.
	const ash = sort === 'char' ? (held.contents.ash ?? 0) : 0;
	const before = (held.contents[sort] ?? 0) + ash;
	const times = before > 0 ? now / before : 0;
	const ashNow = Math.round(ash * times);
	return {
		volume_ul: held.volume_ul,
		mass_mg: Math.max(0, held.mass_mg + now - before),
		contents: {
			...held.contents,
			[sort]: now - ashNow,
			...(ash > 0 ? { ash: ashNow, lime: Math.round((held.contents.lime ?? 0) * times) } : {})
		}
	};
}
