import { join } from 'node:path';
import { describe, expect, it } from 'vitest';
import { licenceOf, packagesOf } from '../../scripts/licences.mjs';

describe('licences of the bundle', () => {
	it('are those of the packages its files lie in, each once', () => {
		const folders = packagesOf([
			'/a/node_modules/svelte/src/index.js',
			'/a/node_modules/svelte/src/other.js?v=1',
			'\0/a/node_modules/@scope/name/x.js',
			'/a/src/lib/core/index.ts'
		]);
		expect([...folders]).toEqual(['/a/node_modules/svelte', '/a/node_modules/@scope/name']);
	});

	it('stand in full where a package brings its text', () => {
		const found = licenceOf(join(import.meta.dirname, '../../node_modules/better-sqlite3'));
		expect(found?.name).toBe('better-sqlite3');
		expect(found?.text).toMatch(/MIT/);
		expect(found?.text).toMatch(/WITHOUT WARRANTY OF ANY KIND/i);
		expect(licenceOf('/nowhere')).toBeUndefined();
	});
});
