import { describe, expect, it } from 'vitest';
import { setDemo } from './support/demo';
import { forms as usual } from './support/forms';
import { moreForms } from './support/more-forms';
import { actId, post } from './support/post';

const demo = setDemo();
const forms = { ...usual, ...moreForms };

describe('a right form', () => {
	it.each(Object.keys(forms))('of %s, sent three times at once, is one act', async (path) => {
		const form = { ...forms[path], actId: actId() };
		const answers = await Promise.all([1, 2, 3].map(() => post(demo.server, path, form)));
		expect(answers.map(({ status }) => status)).toEqual([303, 303, 303]);
		// A round is an act for each bed, numbered.
		const { n } = demo.books.one<{ n: number }>(
			'SELECT count(*) AS n FROM act WHERE id = ? OR id LIKE ?',
			form.actId,
			`${form.actId}.%`
		);
		expect(n).toBe(1);
	});

	it('of every kind leaves books that close', () => expect(demo.books.faults()).toEqual([]));
});
