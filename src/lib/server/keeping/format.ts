import { z } from 'zod';

/** The name and version of the open file; described in docs/open-format.md. */
export const fileFormat = 'ashdrift-books';
export const fileVersion = 3;

/** The first line of the file; every other is `[table, row]`. */
export const fileHead = z.strictObject({
	format: z.literal(fileFormat),
	version: z.literal(fileVersion),
	/** The numbered step of the tables' shape. */
	step: z.int().min(1),
	exportedAt: z.iso.datetime(),
	/** Acts in it, and the digest of the newest: what all of them hang on. */
	acts: z.int().min(0),
	digest: z.string().nullable(),
	/** Rows of each table, so that a file that was cut short is known. */
	rows: z.record(z.string(), z.int().min(0))
});
export type FileHead = z.output<typeof fileHead>;

const cell = z.union([z.string(), z.number(), z.null()]);
export const fileLine = z.tuple([z.string(), z.record(z.string(), cell)]);
