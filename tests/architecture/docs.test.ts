import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';
import { verbs } from '../../src/lib/server/line/read';
import { tablesOf } from '../../src/lib/server/keeping/tables';
import { emptyBooks } from '../fixtures/garden';

const read = (file: string) => readFileSync(join(import.meta.dirname, '../..', file), 'utf8');

describe('the documents', () => {
	it('describe every table of the open file', () => {
		const described = read('docs/open-format.md');
		const tables = tablesOf(emptyBooks().db).map(({ name }) => name);
		expect(tables.length).toBeGreaterThan(20);
		expect(tables.filter((name) => !described.includes(`\`${name}\``))).toEqual([]);
	});

	it('describe every line of the log that its page shows', () => {
		const described = read('docs/log-line.md');
		const examples = verbs.flatMap(({ examples }) => examples.map(({ line }) => line));
		expect(examples.filter((line) => !described.includes(line))).toEqual([]);
	});

	it.each([
		'README.md',
		'docs/architecture.md',
		'docs/growers/keeping.md',
		'docs/growers/woodyard.md'
	])('%s links only to what is there', (file) => {
		const links = [...read(file).matchAll(/\]\((?!http|#)([^)#]+)/g)].map(([, to]) => to ?? '');
		for (const link of links)
			expect(() =>
				readFileSync(join(import.meta.dirname, '../..', file, '..', link))
			).not.toThrow();
	});
});
