import { beforeAll, describe, expect, it } from 'vitest';
import { gardenBooks, gardenNow_ms } from '../../../../tests/fixtures/grown';
import { envelope } from '../../../../tests/fixtures/garden';
import type { Reading } from '../../input/form';
import { wordsOf } from '../../format/sentence';
import type { Books } from '../db/books';
import { measuresOf, settingsOf } from '../questions/settings';
import { reverseWhole } from '../usecases/reverse-round';
import { previewLine, writeLine } from './log';

let books: Books;
let reading: Reading;
beforeAll(() => {
	books = gardenBooks();
	const { timeZone, system } = settingsOf(books);
	reading = {
		measures: measuresOf(books),
		timeZone,
		person: 'Oda',
		now_ms: gardenNow_ms,
		...(system ? { system } : {})
	};
});

/** What a line is understood as and when it was; or, after a question mark, what is asked or refused and what was near. */
function saidOf(line: string): string {
	const { reading: read } = previewLine(books, reading, line);
	if (read.status === 'understood')
		return `${wordsOf(read.told.head)}${read.happenedAt ? ` @${read.happenedAt}` : ''}`;
	const [issue] = read.issues;
	const near = issue?.facts?.near;
	return `? ${issue?.code}${near === undefined ? '' : ` near ${near}`}`;
}

describe('what people say in a line', () => {
	it.each([
		['5 L C4 > Mere 2', 'Spread 5 L of C4 on Mere 2'],
		['C4 5 L > Mere 2', 'Spread 5 L of C4 on Mere 2'],
		['C4 > Mere 2 5 L', 'Spread 5 L of C4 on Mere 2'],
		['5 L C4 Mere 2', 'Spread 5 L of C4 on Mere 2'],
		['5 L Mere 2 C4', 'Spread 5 L of C4 on Mere 2'],
		['Mere 2 5 L C4', 'Spread 5 L of C4 on Mere 2'],
		['Mere 2: 5 L of C4', 'Spread 5 L of C4 on Mere 2'],
		['5 l of c4 on mere2', 'Spread 5 L of C4 on Mere 2'],
		['5 litres C4 onto Mere 2', 'Spread 5 L of C4 on Mere 2'],
		['5 L from C4 to Mere 2', 'Spread 5 L of C4 on Mere 2'],
		['put 5 L of C4 on Mere 2', 'Spread 5 L of C4 on Mere 2'],
		['spread 5 L C4 Mere 2', 'Spread 5 L of C4 on Mere 2'],
		['5 L C4 > Mere 2 22 nov', 'Spread 5 L of C4 on Mere 2 @2026-11-22T12:00'],
		['22 nov 5 L C4 > Mere 2', 'Spread 5 L of C4 on Mere 2 @2026-11-22T12:00'],
		['5 L C4 > Mere 2 on monday', 'Spread 5 L of C4 on Mere 2 @2026-11-23T12:00'],
		['5 L C4 > Mere 2 yesterday', 'Spread 5 L of C4 on Mere 2 @2026-11-23T12:00'],
		['yesterday 5 L C4 > Mere 2', 'Spread 5 L of C4 on Mere 2 @2026-11-23T12:00'],
		['yesterday: 5 L C4 > Mere 2', 'Spread 5 L of C4 on Mere 2 @2026-11-23T12:00'],
		['5 L C4 > Mere 2 yesterday 9am', 'Spread 5 L of C4 on Mere 2 @2026-11-23T09:00'],
		['5 L C4 > Mere 2 @ 9am', 'Spread 5 L of C4 on Mere 2 @2026-11-24T09:00'],
		['5 L C4 > Mere 2 today at 9:30', 'Spread 5 L of C4 on Mere 2 @2026-11-24T09:30'],
		['5 L C4 > Mere 2 2026-11-20', 'Spread 5 L of C4 on Mere 2 @2026-11-20T12:00'],
		['5 L C4 > Mere 2 nov 20', 'Spread 5 L of C4 on Mere 2 @2026-11-20T12:00'],
		['5 L C4 > Mere 2 20 nov 2026', 'Spread 5 L of C4 on Mere 2 @2026-11-20T12:00'],
		['1 grey tub C4 > Mere 2', '? char-first-season'],
		['half a grey tub of C4 > Mere 2', '? char-first-season'],
		['a grey tub of C4 on Mere 2', '? char-first-season'],
		['1 can C4 > Mere 2', 'Spread 9 L of C4 on Mere 2'],
		['2 feed scoops C4 > Mere 2', 'Spread 3.8 L of C4 on Mere 2'],
		['all C4 > Mere 2', '? char-first-season'],
		['half C4 > Mere 2', '? char-first-season'],
		['half of C4 > Mere 2', '? char-first-season'],
		['a third of C4 > Mere 2', '? char-first-season'],
		['1/3 of C4 > Mere 2', '? char-first-season'],
		['1 tbsp M31 > Mere 2', 'Put 15 mL of M31 garden compost on Mere 2'],
		['2 tablespoons M31 on Mere 2', 'Put 30 mL of M31 garden compost on Mere 2'],
		['2 cups M31 on Mere 2', 'Put 500 mL of M31 garden compost on Mere 2'],
		['a cup of M31 on Mere 2', 'Put 250 mL of M31 garden compost on Mere 2'],
		['1 qt C4 > Mere 2', 'Spread 950 mL of C4 on Mere 2'],
		['1 gal C4 > Mere 2', 'Spread 3.8 L of C4 on Mere 2'],
		['5-gallon bucket C4 > Mere 2', '? char-first-season'],
		['a 5-gallon bucket of C4 on Mere 2', '? char-first-season'],
		['2 5-gallon buckets of C4 on Mere 2', '? char-first-season'],
		['a 10-litre bucket of C4 on Mere 2', 'Spread 10 L of C4 on Mere 2'],
		['half a 5 gallon bucket of C4 on Mere 2', 'Spread 9.5 L of C4 on Mere 2'],
		['2 L/m2 C4 > Mere 2', 'Spread 16 L of C4 on Mere 2'],
		['2 L per m2 C4 > Mere 2', 'Spread 16 L of C4 on Mere 2'],
		['2 litres per square metre C4 > Mere 2', 'Spread 16 L of C4 on Mere 2'],
		['2 L to the square metre of C4 on Mere 2', 'Spread 16 L of C4 on Mere 2'],
		['1 cup per square foot C4 > Mere 2', '? ask-rate-cup'],
		['1 lb per square foot C4 > Mere 2', '? ask-weight'],
		['1 lb/ft2 C4 > Mere 2', '? ask-weight'],
		['0.1 lb per sq ft dry C4 > Mere 2', '? char-first-season'],
		['2 % by volume C4 > Mere 2', '? char-first-season'],
		['1 % by volume in the top 6 inches C4 > Mere 2', 'Spread 12 L of C4 on Mere 2'],
		['1 % by volume in the top 15 cm C4 > Mere 2', 'Spread 12 L of C4 on Mere 2'],
		['1 % of the mix C4 > Mere 2', 'Spread 12 L of C4 on Mere 2'],
		['a third of the mix of C4 > Mere 2', '? short'],
		['a third of the mix C4 > Mere 2', '? short'],
		['C4 a third of the mix > Mere 2', '? short'],
		['1 % of the soil C4 > Mere 2', 'Spread 12 L of C4 on Mere 2'],
		['5 % C4 > Mere 2', '? ask-percent'],
		['5 kg C4 > Mere 2', '? bad-kind'],
		['5kg C4 > Mere 2', '? bad-kind'],
		['12kg C4', '? line-which-bed'],
		['2 lb M31 > Mere 2', 'Put 1.6 L of M31 garden compost on Mere 2'],
		['2 t M31 > Mere 2', '? ask-spoon'],
		['300 g M31 > Mere 2', 'Put 540 mL of M31 garden compost on Mere 2'],
		['5 L plant soak > Mere 2', '? line-which-lot'],
		['5 L of manure cure on Mere 2', 'Spread 5 L of C31 on Mere 2'],
		['5 L C4 > Mere 1-3', '? line-each'],
		['5 L C4 > Mere 1 and Mere 2', '? line-each'],
		['note Mere 1-3 weeded', 'A note at Mere 1; the same at Mere 2 and Mere 3'],
		['note Mere 1, Mere 3 weeded', 'A note at Mere 1; the same at Mere 3'],
		['note Mere 1 and Upper 4 weeded', 'A note at Mere 1; the same at Upper 4'],
		['note Mere 1-3', '? line-note-what'],
		['ph Mere 1-3 99 strip', '? out-of-range-number'],
		['5 L C4 > Mere', '? line-which'],
		['5 L C4 > Nowhere', '? unknown-bed'],
		['5 L C4 > Mere 22', '? unknown-bed near Mere 2'],
		['5 L C4 > Meer 2', '? unknown-bed near Mere 2'],
		['5 L C99 > Mere 2', '? unknown-lot'],
		['5 sacks C4 > Mere 2', '? bad-unit'],
		['five L C4 > Mere 2', '? bad-number'],
		['C4 > Mere 2', '? line-how-much'],
		['C4', '? line-no-verb'],
		['5 L > Mere 2', '? line-which-lot'],
		['5 L', '? line-which-lot'],
		['5 L C4', '? line-which-bed'],
		['moist S1 19 22 24', 'Readings of S1 alder rods'],
		['S1 moist 19 22 24', 'Readings of S1 alder rods'],
		['moist S1 19 % 22 % 24 %', '? bad-number'],
		['moist S2 oven 16 17', 'Readings of S2 hazel thinnings'],
		['moist S2 yesterday 19 20 21', '? bad-number'],
		['moist S2 19 20 21 yesterday', 'Readings of S2 hazel thinnings @2026-11-23T12:00'],
		['moist 19 20 21', '? unknown-lot'],
		['moist S99 19', '? unknown-lot'],
		['temp F6 40', 'F6 in Lantern at 40 °C'],
		['temp F6 40 C', 'F6 in Lantern at 40 °C'],
		['temp F6 104 F', 'F6 in Lantern at 40 °C'],
		['temp C4 38', 'C4 at 38 °C'],
		['check F6 cold cold cold', 'F6 checked in three places'],
		['check F6 all cold', 'F6 checked in three places'],
		['F6 all cold', 'F6 checked in three places'],
		['check F6 35 32 cold', 'F6 checked in three places'],
		['check F6 cold warm cold smoke', 'F6 checked in three places'],
		['check F6', '? line-no-places'],
		['stir C6', 'C6 stirred'],
		['stirr C6', '? line-no-verb near stir'],
		['C6 stirred', 'C6 stirred'],
		['stir c6 yesterday', 'C6 stirred @2026-11-23T12:00'],
		['turn C5', 'C5 turned'],
		['turn C5 22 nov', 'C5 turned @2026-11-22T12:00'],
		['22 nov turn C5', 'C5 turned @2026-11-22T12:00'],
		['dampen C5', 'C5 moistened'],
		['vent B7', 'B7 gas let out'],
		['smell B16 stinks', 'B16: strong, it stinks'],
		['smell B3 stinks', 'B3: any stink'],
		['B3 stinks', 'B3: any stink'],
		['smell B3 earthy', 'B3: earthy, watery'],
		['smell B3', '? line-smell'],
		['feed B3 sugar 200 g', '? wrong-part'],
		['strain B3 16 L', '? nothing-to-strain'],
		['salt B7 1.8', 'B7 salt read 1.8'],
		['ph Mere 2 6.2 strip', 'Mere 2 pH read 6.2'],
		['ph Mere 2 6.2', 'Mere 2 pH read 6.2'],
		['drain C6 12 L', 'C6 drained'],
		['drain C6', 'C6 drained'],
		['test C6 sinks', 'C6 passed its test'],
		['test C6 passes', 'C6 passed its test'],
		['count C4 62 L; spilt some', 'C4 counted at 62 L'],
		['count C4 62 L', '? line-why'],
		['crush K9 60 L', '81 L of K9 crushed to 60 L'],
		['crush K9', '? line-crushed-to'],
		['drench Mere 2 B3 1:4 24 L', '? batch-failed'],
		['drench Mere 2 B3 1:4 5 L neat', '? batch-failed'],
		['drench Mere 1-3 B3 1:4 3 L/m2', '? batch-failed'],
		['drench B3 on Mere 2 1:4 24 L', '? line-which-bed'],
		['pour B3 all; gone off', 'Pour out 20 L of B3'],
		['note Mere 2 slugs in the woad', 'A note at Mere 2'],
		['note Mere 2 windy yesterday', 'A note at Mere 2'],
		['note C4 smells sweet', 'A note at C4'],
		['note F6 rain in the night', 'A note at F6'],
		['note slugs', '? line-note-where'],
		['char F7 6 grey tubs', 'F7 gave 228 L of char'],
		['burn Lantern S2 8 barrows', 'F44 in Lantern'],
		['water F6 180 L', 'F6 took 180 L of water'],
		['water F6 hose 12 min at 11 L', 'F6 took 132 L of water'],
		['skim Ember pail 2 L', 'Ember pail embers skimmed into it 2 L'],
		['quench Ember pail', 'F44 in Ember pail, 4 L of char'],
		['brew White pail 20 L rain castings 1.5 L at 17 C', '? tub-busy'],
		['C4 5 L, Mere 2', 'Spread 5 L of C4 on Mere 2'],
		['5,5 L C4 > Mere 2', 'Spread 5.5 L of C4 on Mere 2'],
		['1 1/2 L C4 > Mere 2', 'Spread 1.5 L of C4 on Mere 2'],
		['1 ½ L C4 > Mere 2', 'Spread 1.5 L of C4 on Mere 2'],
		['½ L C4 > Mere 2', 'Spread 500 mL of C4 on Mere 2'],
		['5L C4>Mere 2', 'Spread 5 L of C4 on Mere 2'],
		['5 L C4->Mere 2', 'Spread 5 L of C4 on Mere 2'],
		['5 L C4 → Mere 2', 'Spread 5 L of C4 on Mere 2'],
		['a mug of M31 per planting hole Mere 2', '? line-holes'],
		['fly to the moon', '? line-no-verb'],
		['watr F6 180 L', '? line-no-verb near water'],
		['sprea 5 L C4 > Mere 2', '? bad-number'],
		['5 L C4 > Mere 2 @ soon', '? line-bad-when'],
		['5 L C4 > Mere 2; on 22 nov it was dry', 'Spread 5 L of C4 on Mere 2'],
		['40 L M31 > Mere 2', 'Put 40 L of M31 garden compost on Mere 2'],
		[
			'1 L M31 > Mere 2 yesterday; it wants lime',
			'Put 1 L of M31 garden compost on Mere 2 @2026-11-23T12:00'
		],
		['5 L K10 > Mere 2', '? char-raw'],
		['5 L S2 > Mere 2', '? line-no-spread'],
		['nov 20 5 L C4 > Mere 2', 'Spread 5 L of C4 on Mere 2 @2026-11-20T12:00'],
		['laid 40 L M31 on Mere 2', 'Put 40 L of M31 garden compost on Mere 2'],
		['C6 drained', 'C6 drained'],
		['C6 turned yesterday', 'C6 turned @2026-11-23T12:00'],
		['B7 vented', 'B7 gas let out'],
		['S2 moist 19 20', 'Readings of S2 hazel thinnings'],
		['2 lb of M31 on Mere 2', 'Put 1.6 L of M31 garden compost on Mere 2'],
		['5 L manure cur > Mere 2', '? line-which-lot near manure cure'],
		['10 litre bucket C4 > Mere 2', 'Spread 10 L of C4 on Mere 2'],
		['0.5 kg/m2 dry C4 > Mere 2', '? char-first-season'],
		['5 L C4 for Mere 2', 'Spread 5 L of C4 on Mere 2'],
		['5 L C4 @ yesterday > Mere 2', '? line-bad-when'],
		['Mere 2 5 L', '? line-which-lot'],
		['temp Lantern 60', 'F6 in Lantern at 60 °C'],
		['tmep F6 40', '? line-no-verb near temp'],
		['drench Meer 2 B3 1:4 24 L', '? line-which-bed'],
		['note Mere 2: slugs', 'A note at Mere 2'],
		['2 L/m2 C4 > Mere 1-3', '? char-first-season'],
		['5 L C4 > Mere 1-3 each', '? char-first-season'],
		['2 L of C4 on Mere 1 and Mere 2 each', '? char-first-season'],
		['1 L/m2 C4 > Mere 1, Upper 4', '? char-first-season'],
		['2 L M31 > Mere 1-3 each', '? line-two-beds']
	])('%s', (line, said) => expect(saidOf(line)).toBe(said));
});

describe('a line about several beds', () => {
	const acts = () => books.acts.count();

	it('is an act for each, under one number, and taken once however often it is sent', () => {
		const before = acts();
		const send = () => writeLine(books, reading, 'note Mere 1-3 weeded', 'line-on-three-beds');
		expect(send().status).toBe('done');
		expect(send().status).toBe('done');
		expect(acts()).toBe(before + 3);
		expect(books.acts.ofRound('line-on-three-beds').length).toBe(3);
		const back = reverseWhole(books, gardenNow_ms, envelope(gardenNow_ms), {
			actId: 'line-on-three-beds',
			backTo: '/log',
			withDependents: false
		});
		expect(back.status).toBe('done');
		expect(books.acts.ofRound('line-on-three-beds')).toEqual([]);
	});

	it('is none at all where one of them is refused', () => {
		const before = acts();
		expect(writeLine(books, reading, 'ph Mere 1-3 99 strip', 'line-that-is-wrong').status).toBe(
			'refused'
		);
		expect(acts()).toBe(before);
	});
});
