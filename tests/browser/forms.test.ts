import { describe, expect, it } from 'vitest';
import { burnInput, day, done, envelope, later, start, walkSeries } from '../fixtures/garden';
import { litres } from '../../src/lib/core/units';
import { recordBurn } from '../../src/lib/server/usecases/record-burn';
import type { Page } from './support/page';
import { setScene } from './support/scene';

const scene = setScene({
	// F2 is proven out, its char K3 whole.
	grow: (books) => {
		done(
			recordBurn(books, later, envelope(start + 10 * day), {
				...burnInput,
				loads: [{ code: 'S1', litres: 600 }],
				measured: { by: 'litres', litres: litres(150) }
			})
		);
		walkSeries(books, 'F2', start + 10 * day);
	}
});

interface Form {
	readonly name: string;
	readonly at: string;
	/** What must be opened or chosen first. */
	readonly first?: (page: Page) => Promise<void>;
	/** What is typed by label; the bad field is the one with a complaint. */
	readonly typed: Readonly<Record<string, string>>;
	readonly press: string;
	readonly bad: string;
	readonly says: RegExp;
}

const forms: readonly Form[] = [
	{
		name: 'a stack with a doubtful length',
		at: '/woodyard',
		typed: { Length: '1,250', Height: '1.2', 'Your name for it': 'hedge' },
		press: 'Keep this stack',
		bad: 'Length',
		says: /1250 or 1.25/
	},
	{
		name: 'a stack in a cup nobody knows',
		at: '/woodyard',
		first: (page) => page.tick('in barrows, tubs or by volume'),
		typed: { 'How much': '40 cups' },
		press: 'Keep this stack',
		bad: 'How much',
		says: /Which cup/
	},
	{
		name: 'a reading that is no number',
		at: '/woodyard/S1',
		typed: { 'Percent of each piece': '19 wet 24' },
		press: 'Log the reading',
		bad: 'Percent of each piece',
		says: /"wet" is no number/
	},
	{
		name: 'a hold without a reason',
		at: '/woodyard/S1',
		typed: { 'Why hold it': '' },
		press: 'Quarantine it',
		bad: 'Why hold it',
		says: /needed/
	},
	{
		name: 'a vessel of no depth',
		at: '/vessels/new',
		typed: { Name: 'Pit', 'Width at the rim': '1.2', Depth: '0' },
		press: 'Keep these measures',
		bad: 'Depth',
		says: /between 0.05 m and 5 m/
	},
	{
		name: 'a burn deeper than its kiln',
		at: '/fires/plan?vessel=Lantern',
		first: async (page) => {
			await page.choose('Vessel', 'Lantern');
			await page.tick('S1');
			await page.tick('is burnt and quenched');
		},
		typed: { 'Depth of char': '95 cm', 'Water used': '300' },
		press: 'Set it down as burnt',
		bad: 'Depth of char',
		says: /above the rim: this vessel is 0.8 m deep/
	},
	{
		name: 'a check in words nobody knows',
		at: '/fires/F1',
		typed: { 'Place 1': '22', 'Place 2': 'fine', 'Place 3': '24' },
		press: 'Log the check',
		bad: 'Place 2',
		says: /"fine" is no number/
	},
	{
		name: 'a crush that packs nothing away',
		at: '/char/K3',
		typed: { 'After crushing': '149 L' },
		press: 'Log it crushed',
		bad: 'Why it is right all the same',
		says: /Say why/
	},
	{
		name: 'a part that could be half a litre or half of it',
		at: '/char/K3',
		typed: { Before: '1/2', 'After crushing': '50 L' },
		press: 'Log it crushed',
		bad: 'Before',
		says: /1\/2 L or 1\/2 of it/
	},
	{
		name: 'a measure that is a unit',
		at: '/settings',
		typed: { Measure: 'gallon', 'Holds, filled level': '5 L' },
		press: 'Keep this measure',
		bad: 'Measure',
		says: /is a unit/
	},
	{
		name: 'a bed that reads like a lot',
		at: '/beds?open=measure',
		typed: { Name: 'C4', Length: '4', Width: '1' },
		press: 'Keep this bed',
		bad: 'Name',
		says: /reads like the code/
	},
	{
		name: 'a burn of more litres than its kiln holds',
		at: '/fires/plan?vessel=Lantern',
		first: async (page) => {
			await page.choose('Vessel', 'Lantern');
			await page.tick('S1');
			await page.tick('is burnt and quenched');
			await page.tick('in tubs, by volume');
		},
		typed: { Char: '1100' },
		press: 'Set it down as burnt',
		bad: 'Char',
		says: /Lantern holds 519 L to the rim/
	},
	{
		name: 'a crush of more than there is',
		at: '/char/K3',
		typed: { Before: '400 L', 'After crushing': '280 L' },
		press: 'Log it crushed',
		bad: 'Before',
		says: /K3 holds only 150 L/
	},
	{
		name: 'a charge for more char than there is',
		at: '/charging/plan?char=K2',
		typed: { 'How much of it': '900 L' },
		press: 'Set it going',
		bad: 'How much of it',
		says: /K2 holds only 135 L/
	},
	{
		name: 'a charge with a mistyped ratio',
		at: '/charging/plan?char=K2',
		typed: { 'Parts of partner to 1 of char, by volume': '1:x' },
		press: 'Set it going',
		bad: 'Parts of partner to 1 of char, by volume',
		says: /no number|no unit/
	},
	{
		name: 'a cress test that was not counted',
		at: '/charging/C1/cress',
		typed: { 'Came up': 'many' },
		press: 'Log the cress test',
		bad: 'Came up',
		says: /"many" is no number/
	},
	{
		name: 'a bed with an impossible pH',
		at: '/beds?open=measure',
		typed: { Name: 'New bed', Length: '4', Width: '1', 'pH, if read': '55' },
		press: 'Keep this bed',
		bad: 'pH, if read',
		says: /between 3 and 10/
	},
	{
		name: 'a rate of more char than soil',
		at: '/beds/Mere%202?lot=C1',
		typed: { 'How much': '400 L/m2' },
		press: 'Log it spread',
		bad: 'How much',
		says: /more char than this bed has soil/
	},
	{
		name: 'a measure that holds nothing',
		at: '/settings',
		typed: { Measure: 'thimble', 'Holds, filled level': '0' },
		press: 'Keep this measure',
		bad: 'Holds, filled level',
		says: /between/
	},
	{
		name: 'a time zone that is none',
		at: '/settings',
		first: (page) => page.tick('metric'),
		typed: { Place: 'Quillmere', 'Time zone': 'Mere time' },
		press: 'Keep it',
		bad: 'Time zone',
		says: /no time zone/
	},
	{
		name: 'a recount that changes nothing',
		at: '/ledger/lot/C1',
		first: (page) => page.unfold('Count it again'),
		typed: { 'Really there': '60 L', 'Why they differ': 'looked' },
		press: 'Keep the count',
		bad: 'Really there',
		says: /what the books say already/
	},
	{
		name: 'a disposal of more than there is',
		at: '/ledger/lot/C1',
		first: async (page) => {
			await page.unfold('It was lost, given away or disposed of');
			await page.tick('disposed of');
		},
		typed: { 'How much': '61 L', 'Where to, and why': 'the tip' },
		press: 'Take it out of the books',
		bad: 'How much',
		says: /C1 holds only 60 L/
	},
	{
		name: 'an act in the future',
		at: '/woodyard/S1',
		first: async (page) => {
			await page.unfold('When, how long, or a note');
		},
		typed: { 'Percent of each piece': '19 20 21', When: '2031-01-01T10:00' },
		press: 'Log the reading',
		bad: 'When',
		says: /lies in the future/
	}
];

describe('bad input', () => {
	it.each(forms)(
		'of $name: says so at the field, keeps what was typed, changes nothing',
		async (form) => {
			const before = scene.books.everything();
			await scene.page.go(form.at);
			await form.first?.(scene.page);
			for (const [label, text] of Object.entries(form.typed)) await scene.page.fill(label, text);
			await scene.page.press(form.press);
			expect(await scene.page.complaintAt(form.bad)).toMatch(form.says);
			for (const [label, text] of Object.entries(form.typed))
				expect(await scene.page.value(label)).toBe(text);
			expect(scene.books.everything()).toBe(before);
		}
	);
});
