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
export interface Line extends Directed {
	readonly id: number;
	readonly happened_at_ms: number;
}

export interface Shortfall {
	readonly at_ms: number;
	readonly missing_ml: number;
	/** Dry matter or whatever else is short, mg; nought where only litres are. */
	readonly missing_mg: number;
}

/**
 * The first moment, in the order in which things happened, at which more was taken than was
 * there; undefined when the books hold. Lines of one moment keep the order of their writing.
 */
export function firstShortfall(lines: readonly Line[]): Shortfall | undefined {
	let volume = 0;
	const held: Record<string, number> = {};
	const inOrder = [...lines].sort((a, b) => a.happened_at_ms - b.happened_at_ms || a.id - b.id);
	for (const { direction, volume_ml, contents, happened_at_ms } of inOrder) {
		const sign = direction === 'in' ? 1 : -1;
		volume += sign * volume_ml;
		let missing_mg = 0;
		for (const substance of Object.keys(contents) as Substance[]) {
			const left = (held[substance] ?? 0) + sign * (contents[substance] ?? 0);
			held[substance] = left;
			missing_mg = Math.max(missing_mg, -left);
		}
		if (volume < 0 || missing_mg > 0)
			return { at_ms: happened_at_ms, missing_ml: Math.max(0, -volume), missing_mg };
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
	volume_ml: held.volume_ml - taken.volume_ml,
	mass_g: Math.max(0, held.mass_g - taken.mass_g),
	contents: minus(held.contents, taken.contents)
});

/**
 * What a part of a lot carries: all of it takes the exact rest, a part takes grams and contents pro
 * rata.
 * @example takePart({ volume_ml: 1000, mass_g: 400, contents: { char: 333 } }, 500) // char 167
 */
export function takePart(held: Amount, volume_ml: number): Amount {
	if (volume_ml === held.volume_ml) return { ...held };
	if (held.volume_ml <= 0)
		throw new RangeError(`takePart: the lot is empty, ${volume_ml} mL asked`);
	const share = volume_ml / held.volume_ml;
	return {
		volume_ml,
		mass_g: Math.min(held.mass_g, Math.round(held.mass_g * share)),
		contents: part(held.contents, share)
	};
}

/**
 * Whether a line leaves the rest of its lot made up otherwise than it was: what is taken afterwards
 * carries something else. Taking pro rata, and counting litres with all that is in them, does not.
 */
export function alters(held: Amount, line: Directed): boolean {
	if (held.volume_ml <= 0) return line.direction === 'in';
	return substances.some((substance) => {
		const had = held.contents[substance] ?? 0;
		const moved = line.contents[substance] ?? 0;
		const unlike = Math.abs(moved * held.volume_ml - had * line.volume_ml);
		// Whole milligrams and millilitres: half of one of either is no change.
		return unlike > held.volume_ml + had;
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
			volume_ml: over(wanted.volume_ml, held.volume_ml),
			mass_g: over(wanted.mass_g, held.mass_g),
			contents: minus(wanted.contents, held.contents)
		},
		goes: {
			volume_ml: over(held.volume_ml, wanted.volume_ml),
			mass_g: over(held.mass_g, wanted.mass_g),
			contents: minus(held.contents, wanted.contents)
		}
	};
}

/**
 * What a lot holds when it was counted: litres as found, grams and contents in proportion, since a
 * recount says nothing of what it is made of.
 * @param held what the books say, above nought
 */
export function recounted(held: Amount, found_ml: number): Amount {
	if (held.volume_ml <= 0)
		throw new RangeError(`recounted: the books say ${held.volume_ml} mL, nothing to scale from`);
	const share = found_ml / held.volume_ml;
	return {
		volume_ml: found_ml,
		mass_g: Math.round(held.mass_g * share),
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
	const now = Math.round(held.volume_ml * density * 1000);
	const before = held.contents[sort] ?? 0;
	return {
		volume_ml: held.volume_ml,
		mass_g: Math.max(0, held.mass_g + Math.round((now - before) / 1000)),
		contents: { ...held.contents, [sort]: now }
	};
}
