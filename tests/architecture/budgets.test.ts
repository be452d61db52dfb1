import { readFileSync, readdirSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { unasked } from '../../scripts/bench/pages.mjs';

describe('the bench', () => {
	it('asks for every page of the program, and for nothing else', () =>
		expect(unasked()).toEqual([]));
});

describe('the tests', () => {
	it('leave none out: what is there is run', () => {
		const files = ['src', 'tests'].flatMap((folder) =>
			readdirSync(folder, { recursive: true, encoding: 'utf8' })
				.filter((file) => file.endsWith('.test.ts'))
				.map((file) => `${folder}/${file}`)
		);
		const passedOver = /\b(?:it|test|describe)\.(?:skip|only|todo|skipIf|runIf)\b/;
		expect(files.filter((file) => passedOver.test(readFileSync(file, 'utf8')))).toEqual([]);
	});
});
