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
