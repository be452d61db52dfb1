import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Leaf } from '$lib/core/brews';
import { treeOf } from './lineage';

const leaf = (code: string, from: readonly string[] = [], at_ms = Number(code.slice(1))): Leaf => ({
	code,
	name: code,
	generation: 1,
	from,
	at_ms,
	outcome: 'worked',
	isMarked: false,
	left_l: 0
});

describe('the tree of a line', () => {
	it('sets each under what it was started from, brothers by age', () => {
		const tree = treeOf([
			leaf('B4', ['B2']),
			leaf('B2', ['B1']),
			leaf('B1'),
			leaf('B3', ['B1']),
			leaf('B5', ['B9'])
		]);
		expect(tree.map((one) => [one.leaf.code, one.depth, one.parent])).toEqual([
			['B1', 0, undefined],
			['B2', 1, 0],
			['B4', 2, 1],
			['B3', 1, 0],
			// Started from what is not shown here: it stands at the root.
			['B5', 0, undefined]
		]);
	});

	it('shows every brew once, a step right of its parent and below it', () => {
		const line = fc
			.array(fc.nat({ max: 30 }), { minLength: 1, maxLength: 20 })
			.map((parents) =>
				parents.map((parent, i) => leaf(`B${i + 1}`, i === 0 ? [] : [`B${(parent % i) + 1}`]))
			);
		fc.assert(
			fc.property(line, (leaves) => {
				const tree = treeOf(leaves);
				expect(new Set(tree.map((one) => one.leaf.code)).size).toBe(leaves.length);
				for (const { leaf: one, depth, index, parent } of tree) {
					if (parent === undefined) continue;
					expect(parent).toBeLessThan(index);
					expect(tree[parent]?.depth).toBe(depth - 1);
					expect(one.from).toContain(tree[parent]?.leaf.code);
				}
			})
		);
	});
});
