import { describe, expect, it } from 'vitest';
import { asked, pageOf, withFiles, submitted } from './page';

const at = (query: string, total: number, perPage = 20) =>
	pageOf(new URL(`http://yard.test/fires${query}`), total, perPage);

describe('a page of a long list', () => {
	it.each([
		['', 45, { page: 1, pages: 3, skip: 0 }],
		['?page=3', 45, { page: 3, pages: 3, skip: 40 }],
		['?page=99', 45, { page: 3, pages: 3, skip: 40 }],
		['?page=0', 45, { page: 1, pages: 3, skip: 0 }],
		['?page=-2', 45, { page: 1, pages: 3, skip: 0 }],
		['?page=1.5', 45, { page: 1, pages: 3, skip: 0 }],
		['?page=two', 45, { page: 1, pages: 3, skip: 0 }],
		['?page=1e999', 45, { page: 1, pages: 3, skip: 0 }],
		['?page=2', 20, { page: 1, pages: 1, skip: 0 }],
		['?page=2', 0, { page: 1, pages: 1, skip: 0 }]
	])('%s of %i things is %o', (query, total, page) => expect(at(query, total)).toEqual(page));

	it('leaves nothing out and shows nothing twice', () => {
		const things = Array.from({ length: 47 }, (_, i) => i);
		const { pages } = at('', things.length, 10);
		const shown = Array.from({ length: pages }, (_, i) => {
			const { skip } = at(`?page=${i + 1}`, things.length, 10);
			return things.slice(skip, skip + 10);
		});
		expect(shown.flat()).toEqual(things);
	});
});

const form = (body: BodyInit, type?: string) =>
	new Request('http://yard.test/', {
		method: 'POST',
		body,
		...(type ? { headers: { 'content-type': type } } : {})
	});

describe('what a form sent', () => {
	it('is read without control characters', async () => {
		const values = await submitted(
			form(new URLSearchParams({ note: 'slugs\u0000 in\u0007 the woad' }))
		);
		expect(values.note).toBe('slugs in the woad');
	});

	it('that is no form is told in words, with the status of a bad request', async () => {
		await expect(submitted(form('{"a":', 'application/json'))).rejects.toMatchObject({
			status: 400,
			body: { message: expect.stringContaining('could not be read') }
		});
	});

	it('with files gives each that was chosen by its name, and fields in full', async () => {
		const long = 'x'.repeat(200_000);
		const data = new FormData();
		data.set('stacks', long);
		data.append('file', new File(['from a\u0007 file'], 'burns.csv'));
		data.append('file', new File(['another'], 'more.csv'));
		data.append('file', new File([], ''));
		const { values, inFull, files } = await withFiles(form(data));
		expect(inFull('stacks')).toBe(long);
		expect(inFull('spreads')).toBe('');
		expect(values.stacks?.length).toBeLessThan(long.length);
		expect(files).toEqual([
			{ name: 'burns.csv', text: 'from a file' },
			{ name: 'more.csv', text: 'another' }
		]);
	});

	it('in an address is read like a form', () => {
		expect(asked(new URL('http://yard.test/?loads=S1&loads=S2&part-S1=100+L'))).toMatchObject({
			'part-S1': '100 L'
		});
	});
});
