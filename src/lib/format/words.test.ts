import { describe, expect, it } from 'vitest';
import { rateForms } from '../core/beds';
import { askedItems } from '../core/fires';
import { pathOf } from './paths';
import { verbWords } from './room-words';
import { rateUnits, rateWords } from './rate-words';
import { capital, count, goWords, list } from './words';
import { unbroken } from './figure';

describe('words', () => {
	it('count small numbers in letters and larger ones in figures', () => {
		expect(count(1, 'stack is', 'stacks are')).toBe('one stack is');
		expect(count(12, 'stack', 'stacks')).toBe('twelve stacks');
		expect(count(13, 'stack', 'stacks')).toBe('13 stacks');
		expect(capital(count(0, 'bed', 'beds'))).toBe('No beds');
	});
	it('list with commas and a last and', () => {
		expect(list([])).toBe('');
		expect(list(['sandy'])).toBe('sandy');
		expect(list(['sandy', 'sour', 'dry'])).toBe('sandy, sour and dry');
	});
	it('give the limits before the match in the grower’s units', () => {
		expect(goWords('wind', 'metric')).toContain('below 15 km/h, gusts below 25 km/h');
		expect(goWords('wind', 'us')).toContain('below 9 mph, gusts below 15 mph');
		expect(goWords('distance', 'us')).toContain('49 ft');
		for (const item of askedItems) expect(goWords(item, undefined).length).toBeGreaterThan(10);
	});
	it('name every form of a rate', () => {
		for (const form of rateForms) {
			expect(rateWords[form]).toBeTruthy();
			expect(rateUnits[form]).toBeTruthy();
		}
	});
	it('name what is done, not how it is stored', () => {
		expect(Object.values(verbWords).every((words) => !words.includes('-'))).toBe(true);
	});
});

describe('a sentence', () => {
	it('keeps a figure and its unit on one line', () => {
		expect(unbroken('Put 38 L of C4 on Mere 2; it will then hold 1.6 %')).toBe(
			'Put 38\u00a0L of C4 on Mere 2; it will then hold 1.6\u00a0%'
		);
	});
});

describe('an address', () => {
	it('is in the room of its kind, and holds any name', () => {
		expect(pathOf('stack', 'S1')).toBe('/woodyard/S1');
		expect(pathOf('bed', 'Mere 2')).toBe('/beds/Mere%202');
		expect(pathOf('vessel', 'a/b?')).toBe('/vessels/a%2Fb%3F');
	});
});
