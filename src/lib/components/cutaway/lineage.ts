import type { Leaf } from '$lib/core/brews';

export interface Placed {
	readonly leaf: Leaf;
	readonly depth: number;
	/** Rows from the top, and the row of what it was started from. */
	readonly index: number;
	readonly parent?: number;
}

/**
 * Rows of a tree: each under the first of those it was started from that is here, brothers by age.
 * What was started from none that is here stands at the root.
 */
export function treeOf(leaves: readonly Leaf[]): readonly Placed[] {
	const known = new Map(leaves.map((leaf) => [leaf.code, leaf]));
	const parentOf = ({ from }: Leaf) => from.find((code) => known.has(code));
	const byAge = [...leaves].sort((a, b) => a.at_ms - b.at_ms);
	const rows: Placed[] = [];
	const place = (leaf: Leaf, depth: number, parent: number | undefined) => {
		const index = rows.length;
		rows.push({ leaf, depth, index, ...(parent === undefined ? {} : { parent }) });
		for (const child of byAge) if (parentOf(child) === leaf.code) place(child, depth + 1, index);
	};
	for (const leaf of byAge) if (parentOf(leaf) === undefined) place(leaf, 0, undefined);
	return rows;
}
