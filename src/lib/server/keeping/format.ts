import { z } from 'zod';

/** The name and version of the open file; described in docs/open-format.md. */
export const fileFormat = 'ashdrift-books';
export const fileVersion = 2;

const cell = z.union([z.string(), z.number(), z.null()]);

/** The whole file: a head, then every table as a list of rows with named columns. */
export const booksFile = z.strictObject({
	format: z.literal(fileFormat),
	version: z.literal(fileVersion),
	/** The numbered step of the tables' shape. */
	step: z.int().min(1),
	exportedAt: z.iso.datetime(),
	tables: z.record(z.string(), z.array(z.record(z.string(), cell)))
});

export type BooksFile = z.output<typeof booksFile>;
