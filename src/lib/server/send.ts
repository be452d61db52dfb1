import type { z } from 'zod';
import type { Books } from './db/books';
import { asOne } from './db/revision';
import { readAct, type Reading, type Values } from '../input/form';
import type { Outcome } from './usecases/act';
import type { Envelope } from '../input/act';

/** How the values of a form are read. */
export type Schema<T> = (reading: Reading, values: Values) => z.ZodType<T>;
export type UseCase<T> = (books: Books, now_ms: number, envelope: Envelope, input: T) => Outcome;

/** What stands beside the values of a form where something else was written. */
export type Written = Pick<Envelope, 'typed' | 'sure'>;

/** Values through one door into one use case: what a form, a line and a row of a notebook all do. */
export function send<T>(
	books: Books,
	reading: Reading,
	values: Values,
	schema: Schema<T>,
	useCase: UseCase<T>,
	/** What the person wrote, where it was not these fields, and what of it answers: no form can say so by itself. */
	written: Written = {}
): Outcome {
	const read = readAct(schema(reading, values), values, reading);
	if (!read.ok) return { status: 'refused', issues: read.issues };
	const { envelope, input } = read.value;
	return useCase(books, reading.now_ms, { ...envelope, ...written }, input);
}

/** Do something to the books, see what came of it, and leave them as they were. */
export function tryOut<T>(books: Books, work: () => T): T {
	let result: { readonly value: T } | undefined;
	const undone = new Error('tried out');
	try {
		asOne(books.db, () => {
			result = { value: work() };
			throw undone;
		});
	} catch (error) {
		if (error !== undone) throw error;
	}
	if (!result) throw new Error('tryOut: nothing came of it');
	return result.value;
}
