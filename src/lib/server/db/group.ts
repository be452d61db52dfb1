/** Rows in their order, by what they belong to. */
export function groupBy<Row, Key, T>(
	rows: readonly Row[],
	keyOf: (row: Row) => Key,
	of: (row: Row) => T
): Map<Key, T[]> {
	const groups = new Map<Key, T[]>();
	for (const row of rows) {
		const key = keyOf(row);
		const group = groups.get(key);
		if (group) group.push(of(row));
		else groups.set(key, [of(row)]);
	}
	return groups;
}
