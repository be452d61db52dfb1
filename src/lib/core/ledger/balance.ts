/** One line of the books of a lot or bed. Whole millilitres and grams. */
export interface Line {
	readonly id: number;
	readonly happened_at_ms: number;
	readonly volume_ml: number;
	readonly dry_g: number;
}

export interface Shortfall {
	readonly at_ms: number;
	readonly missing_ml: number;
	readonly missing_g: number;
}

/**
 * The first moment, in the order in which things happened, at which more was taken than was
 * there; undefined when the books hold. Lines of one moment keep the order of their writing.
 */
export function firstShortfall(lines: readonly Line[]): Shortfall | undefined {
	let volume = 0;
	let dry = 0;
	const inOrder = [...lines].sort((a, b) => a.happened_at_ms - b.happened_at_ms || a.id - b.id);
	for (const line of inOrder) {
		volume += line.volume_ml;
		dry += line.dry_g;
		if (volume < 0 || dry < 0)
			return {
				at_ms: line.happened_at_ms,
				missing_ml: Math.max(0, -volume),
				missing_g: Math.max(0, -dry)
			};
	}
	return undefined;
}

/** What stands at the end. */
export function balanceOf(lines: readonly Line[]): {
	readonly volume_ml: number;
	readonly dry_g: number;
} {
	return lines.reduce(
		(sum, line) => ({ volume_ml: sum.volume_ml + line.volume_ml, dry_g: sum.dry_g + line.dry_g }),
		{ volume_ml: 0, dry_g: 0 }
	);
}

/**
 * What a part of a lot carries: all of it takes the exact rest, a part takes grams pro rata.
 * @example takePart({ volume_ml: 1000, dry_g: 333 }, 500) // { volume_ml: 500, dry_g: 167 }
 */
export function takePart(
	held: { readonly volume_ml: number; readonly dry_g: number },
	volume_ml: number
): { volume_ml: number; dry_g: number } {
	if (volume_ml === held.volume_ml) return { ...held };
	if (held.volume_ml <= 0)
		throw new RangeError(`takePart: the lot is empty, ${volume_ml} mL asked`);
	return {
		volume_ml,
		dry_g: Math.min(held.dry_g, Math.round((held.dry_g * volume_ml) / held.volume_ml))
	};
}

/**
 * Grams that a better density adds to what is left of a lot, or takes from it.
 * @param density kg dry per litre as it lies
 * @example weighedAnew({ volume_ml: 10_000, dry_g: 1500 }, 0.18) // 300
 */
export function weighedAnew(
	held: { readonly volume_ml: number; readonly dry_g: number },
	density: number
): number {
	return Math.round(held.volume_ml * density) - held.dry_g;
}

/**
 * The line that brings a lot to what was counted: litres to the count, grams in proportion, since
 * a recount says nothing of density.
 * @param held what the books say, above nought
 * @example recounted({ volume_ml: 1000, dry_g: 200 }, 900) // { volume_ml: -100, dry_g: -20 }
 */
export function recounted(
	held: { readonly volume_ml: number; readonly dry_g: number },
	found_ml: number
): { volume_ml: number; dry_g: number } {
	if (held.volume_ml <= 0)
		throw new RangeError(`recounted: the books say ${held.volume_ml} mL, nothing to scale from`);
	const dry_g = Math.round((held.dry_g * found_ml) / held.volume_ml);
	return { volume_ml: found_ml - held.volume_ml, dry_g: dry_g - held.dry_g };
}
