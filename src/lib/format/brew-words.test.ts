import { describe, expect, it } from 'vitest';
import { recipes } from '../core/brews';
import {
	askWords,
	endWords,
	partWords,
	sayHours,
	sensesOf,
	smellWords,
	stuffName,
	whatToDo
} from './brew-words';

describe('the words of a check', () => {
	it('are there for every kind: each tile says what it is and what it means there', () => {
		for (const { id, parts, end } of recipes) {
			expect(askWords(id).legend.length).toBeGreaterThan(5);
			expect(endWords[end].length).toBeGreaterThan(10);
			for (const { label, means } of sensesOf(id)) {
				expect(label).not.toBe('');
				expect(means).not.toBe('');
			}
			for (const part of parts) {
				expect(partWords[part.id], part.id).toBeDefined();
				for (const stuff of part.from) expect(stuffName(stuff)).not.toBe('');
			}
		}
	});

	it('mean different things by kind', () => {
		const means = (id: (typeof recipes)[number]['id'], smell: string) =>
			sensesOf(id).find(({ value }) => value === smell)?.means;
		expect(means('aerated-tea', 'sour')).toBe('not yet');
		expect(means('grain-wash', 'sour')).toBe('as it should');
		expect(means('kept-culture', 'mouldy')).toBe('failed');
		expect(means('steeped-liquor', 'mouldy')).toBe('not yet');
		expect(whatToDo('grain-culture', 'black-or-green', 'failed')).toMatch(/unopened/);
		expect(whatToDo('submerged-ferment', 'strong', 'as-it-should')).toMatch(/process/);
		expect(whatToDo('submerged-ferment', 'mouldy', 'not-yet')).toMatch(/mend the lid/);
	});

	it('are each known by how a person begins them, and one word by one sense of a kind', () => {
		for (const { id, senses } of recipes)
			for (const [smell] of senses) {
				const word = smellWords[smell].name.toLowerCase().replace(/^(a|any|still|hardly) /, '');
				const known = senses.filter(([one]) => smellWords[one].signs.test(smell));
				expect(known.length, `${id}: ${smell}, ${word}`).toBeLessThanOrEqual(1);
			}
	});

	it('tell a span in the unit it is lived in', () => {
		expect(sayHours(18, 36)).toBe('18–36 h');
		expect(sayHours(96, 192)).toBe('4–8 days');
		expect(sayHours(168, 168)).toBe('7 days');
		expect(sayHours(336, 672)).toBe('2–4 weeks');
		expect(sayHours(1459, 4378)).toBe('2–6 months');
	});
});
