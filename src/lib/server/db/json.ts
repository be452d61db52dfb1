import type { z } from 'zod';
import { DamagedRow } from './errors';

/**
 * How a JSON column is read: through its schema, so that a damaged row, or one of a year that wrote otherwise,
 * is told where it is read and not where it is used.
 * @throws DamagedRow naming what is not as it should be
 */
export function jsonOf<T>(schema: z.ZodType): (text: string) => T {
	return (text) => {
		const read = schema.safeParse(JSON.parse(text));
		if (read.success) return read.data as T;
		const [issue] = read.error.issues;
		throw new DamagedRow(
			`${issue?.path.join('.') ?? ''}: ${issue?.message ?? ''}, in ${text.slice(0, 80)}`
		);
	};
}

/**
 * A value as its column keeps it. Read once as it will be read ever after, so that nothing is written that no
 * page could read again.
 * @throws DamagedRow, and the act is not written
 */
export function toJson<T>(value: T, read: (text: string) => unknown): string {
	const text = JSON.stringify(value);
	read(text);
	return text;
}
