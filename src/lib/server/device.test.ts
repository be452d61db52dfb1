import { describe, expect, it } from 'vitest';
import { signerOf } from './device';

describe('who a device signs as', () => {
	it.each([
		[undefined, undefined],
		['', undefined],
		['   ', undefined],
		['\u200b\u202e\u2066', undefined],
		['\ud83c', undefined],
		[' Oda \u00a0 B. ', 'Oda B.'],
		['Ines\u0000', 'Ines']
	])('%j is %j', (told, name) => expect(signerOf(told)).toBe(name));

	it('is cut between signs: none of them is halved', () => {
		const long = signerOf(`B${'\u{1f33f}'.repeat(80)}`) ?? '';
		expect([...long]).toHaveLength(60);
		expect(long).not.toMatch(/\p{Cs}/u);
		expect(encodeURIComponent(long)).toMatch(/^B/);
	});
});
