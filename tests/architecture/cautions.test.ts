import { readFileSync, writeFileSync } from 'node:fs';
import { format } from 'prettier';
import { describe, expect, it } from 'vitest';
import { cautionTables } from '../../src/lib/core/all-cautions';
import { cautionList } from '../../src/lib/format/caution-list';
import { cautionSentences } from '../../src/lib/format/caution-words';

const page = 'docs/growers/cautions.md';
const all = cautionTables.flatMap(({ act, rules }) => rules.map((rule) => ({ act, ...rule })));

describe('every caution', () => {
	it.each(all.map((rule) => [`${rule.act}: ${rule.code}`, rule] as const))(
		'%s has its case, what lifts it, its source and its words',
		(_name, rule) => {
			for (const text of [rule.when, rule.lifted, rule.source])
				expect(text.length).toBeGreaterThan(5);
			expect(cautionSentences[rule.code], rule.code).toBeDefined();
			expect(rule.isSlip === true && rule.weight !== 'ask').toBe(false);
		}
	);

	it('is one row of its table', () => {
		for (const { rules } of cautionTables) {
			const codes = rules.map(({ code }) => code);
			expect(new Set(codes).size).toBe(codes.length);
		}
	});

	it('has words for nothing that no table knows', () => {
		const known = new Set(all.map(({ code }) => code));
		expect(Object.keys(cautionSentences).filter((code) => !known.has(code))).toEqual([]);
	});

	it('stands in the list for growers as the tables have it', async () => {
		const made = await format(cautionList(cautionTables), {
			parser: 'markdown',
			useTabs: true,
			printWidth: 100
		});
		if (process.env.ASHDRIFT_WRITE_DOCS) writeFileSync(page, made);
		expect(readFileSync(page, 'utf8')).toBe(made);
	});
});
