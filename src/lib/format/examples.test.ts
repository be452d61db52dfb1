import { describe, expect, it } from 'vitest';
import { inSystem } from './examples';

describe('an example of a line', () => {
	it.each([
		['38 L C4 > Mere 2', '10 gal C4 > Mere 2'],
		['5 L/m2 C4 > Mere 2', '2 cup/ft2 C4 > Mere 2'],
		['feed B3 sugar 200 g', 'feed B3 sugar 7.1 oz'],
		['temp C4 38 C', 'temp C4 100 F'],
		['1.2 m', '3 ft 11 in'],
		['instead: dipped in the vessel, 45 cm', 'instead: dipped in the vessel, 18 in'],
		['instead of sides: 600 L, 8 barrows', 'instead of sides: 159 gal, 8 barrows'],
		['check F6 35 32 cold', 'check F6 35 32 cold'],
		['moist S7 19 22 24', 'moist S7 19 22 24']
	])('%s is in US customary %s', (line, theirs) => {
		expect(inSystem(line, 'us')).toBe(theirs);
		expect(inSystem(line, 'metric')).toBe(line);
	});
});
