import { smellBrew } from '$lib/server/demo/small';
import { describe, expect, it } from 'vitest';
import { tub } from '../../../../../tests/fixtures/brewing';
import { day, done, envelope, later, start, yard } from '../../../../../tests/fixtures/garden';
import { recipeOf, recipes, usualBase, type BrewWorked, type RecipeId } from '$lib/core/brews';
import { choiceText } from '$lib/input/chosen';
import { litres, inLitres } from '$lib/core/units';
import { brewSchema } from '$lib/input/brews';
import { brewLine } from '$lib/server/questions/brews';
import { send } from '$lib/server/send';
import { stockUp } from '$lib/server/usecases/bring-in';
import { startBrew } from '$lib/server/usecases/brews/start-brew';
import type { Books } from '$lib/server/db/books';
import { compositionNow } from '$lib/server/questions/stock';
import { materials } from '$lib/core/materials';
import { freshEntry, usualAmount } from './entry';
import { reckonBrew, type BrewStock, type BrewYard } from './reckoning';

const now = start + 40 * day;

function pail() {
	const books = yard();
	for (const [name, wide, deep] of [
		['Pail', 0.3, 0.38],
		['Jar', 0.16, 0.26],
		['Barrel', 0.5, 0.7],
		['Box', 0.3, 0.12]
	] as const)
		tub(books, name, wide, deep);
	done(
		stockUp(books, later, envelope(start + day), {
			material: 'castings',
			name: 'castings',
			measure: { litres: litres(30) }
		})
	);
	return books;
}

const yardOf = (books: Books, system?: 'us' | 'metric'): BrewYard => ({
	...(system ? { system } : {}),
	stock: [...books.stock.inStock(), ...books.brews.inStock()].map((lot): BrewStock => ({
		code: lot.code,
		name: lot.name,
		stuff: 'material' in lot ? lot.material : lot.recipe,
		left_l: inLitres(lot.volume_ul),
		density: lot.mass_mg / lot.volume_ul
	})),
	densities: Object.fromEntries(
		materials.map(({ id }) => [id, compositionNow(books, id).density.value])
	)
});

const fits = ({ cautions }: BrewWorked) =>
	cautions.every(({ code }) => code !== 'no-room-for-froth');

/** What the page reckons of the values of its form, and what the act makes of the same. */
function bothWays(books: Books, typed: Record<string, string>, system?: 'us' | 'metric') {
	const reading = { timeZone: 'UTC', person: 'Ines', now_ms: now, ...(system ? { system } : {}) };
	const vessels = books.vessels.all();
	const vessel = vessels.find(({ name }) => name === typed.vessel);
	const yard = yardOf(books, system);
	const entry = freshEntry(typed, vessels, system);
	const page = reckonBrew(entry, vessel, now, yard)!;
	const values: Record<string, string> = { water: entry.water, ...typed };
	for (const part of page.parts) values[`with-${part.part.id}`] ??= choiceText(part);
	return { page, sent: send(books, reading, values, brewSchema, startBrew) };
}

describe('a brew on its page and in the books', () => {
	it.each([
		['metric', '20 L', '17'],
		['us', '5 gal', '64'],
		['metric', '18,5', '21.5 C'],
		['us', '4 1/2', '60 F']
	] as const)('is the same in %s: %s at %s', (system, base, temperature) => {
		const books = pail();
		const { page, sent } = bothWays(
			books,
			{ recipe: 'aerated-tea', base, temperature, vessel: 'Pail', actId: 'a-brew-of-the-page' },
			system
		);
		done(sent);
		expect(fits(page)).toBe(true);
		const brew = books.brews.maybeOne('B1')!;
		expect(brew.made_l).toBeCloseTo(page.made, 3);
		expect(inLitres(brew.ingredients[1]!.volume_ul)).toBeCloseTo(page.parts[0]!.litres, 3);
		const { window } = brewLine(books.findings, brew, now);
		for (const edge of ['usable_ms', 'best_ms', 'fading_ms', 'past_ms'] as const)
			expect(window[edge]).toBeCloseTo(page.window![edge]!, -1);
	});

	const starters: Partial<Record<RecipeId, RecipeId>> = {
		'kept-culture': 'grain-culture',
		'microbe-tea': 'kept-culture',
		'milk-culture': 'grain-wash'
	};
	const inside: Partial<Record<RecipeId, string>> = {
		'kept-culture': 'Jar',
		'sugar-ferment': 'Jar',
		'grain-wash': 'Jar',
		'milk-culture': 'Pail',
		'submerged-ferment': 'Barrel',
		'steeped-liquor': 'Barrel',
		'grain-culture': 'Box'
	};
	const good: Partial<Record<RecipeId, 'pale-threads' | 'dough-and-fruit' | 'sour'>> = {
		'grain-culture': 'pale-threads',
		'kept-culture': 'dough-and-fruit',
		'grain-wash': 'sour'
	};
	/** A ripe starter of a kind, made from its own before. */
	function starter(books: Books, id: RecipeId, at: number): void {
		const before = starters[id];
		if (before) starter(books, before, at - 12 * day);
		const { base } = recipeOf(id);
		const lot = books.brews.inStock()[0];
		done(
			startBrew(books, later, envelope(at), {
				recipe: id,
				vessel: inside[id]!,
				base: base.by === 'kg' ? { kg: 0.3 as never } : { litres: litres(2) },
				...(base.of === 'water'
					? { water: { source: 'rain' as const } }
					: before && lot
						? { baseStuff: { stuff: before, lot: lot.code } }
						: { baseStuff: { stuff: base.of[0]! } }),
				parts: [],
				temperature: 20 as never
			})
		);
		const code = books.brews.inStock()[0]!.code;
		const smelt = id === 'grain-wash' ? 4 : 8.5;
		done(smellBrew(books, later, envelope(at + smelt * day), { code, smell: good[id] ?? 'sour' }));
	}

	it.each(recipes.map(({ id }) => [id] as const))(
		'of every kind goes in as the page says: %s',
		(id) => {
			const books = pail();
			const before = starters[id];
			// A wash keeps for days only.
			if (before) starter(books, before, now - (before === 'grain-wash' ? 5 : 10) * day);
			const vessel = id === 'kept-culture' ? 'Pail' : (inside[id] ?? 'Pail');
			const found = books.vessels.maybeOne(vessel)!;
			const typed = {
				recipe: id,
				vessel,
				base: id === 'kept-culture' ? '200 g' : usualAmount(id, found, 'metric'),
				temperature: '20',
				actId: `a-brew-of-${id}`,
				...(recipeOf(id).isLye ? { plastic: 'on' } : {}),
				...(recipeOf(id).stinks ? { downwind: 'yes' } : {})
			};
			const { of } = recipeOf(id).base;
			const withBase: Record<string, string> =
				of === 'water'
					? {}
					: {
							'with-base':
								of
									.map((stuff) => yardOf(books).stock.find((one) => one.stuff === stuff))
									.flatMap((one) => (one ? [`lot:${one.code}:${one.stuff}`] : []))[0] ?? of[0]!
						};
			const { page, sent } = bothWays(books, { ...typed, ...withBase }, 'metric');
			done(sent);
			expect(fits(page)).toBe(true);
			const brew = books.brews.inStock()[0]!;
			expect(brew.recipe).toBe(id);
			expect(brew.made_l).toBeCloseTo(page.made, 2);
			for (const [i, part] of page.parts.entries())
				expect(inLitres(brew.ingredients[i + 1]!.volume_ul)).toBeCloseTo(part.litres, 2);
		}
	);

	it.each([
		[0, true],
		[1, false]
	])(
		'that runs over is told by the page and refused by the act alike: %i L more',
		(more, isFitting) => {
			const books = pail();
			const capacity = books.vessels.maybeOne('Pail')!.capacity_l;
			const { page, sent } = bothWays(books, {
				recipe: 'aerated-tea',
				base: `${usualBase('aerated-tea', capacity) + more} L`,
				temperature: '18',
				vessel: 'Pail',
				actId: 'a-brew-to-the-brim'
			});
			expect(fits(page)).toBe(isFitting);
			expect(sent).toMatchObject(
				isFitting
					? { status: 'done' }
					: { status: 'refused', issues: [{ field: 'base', code: 'no-room-for-froth' }] }
			);
		}
	);

	it('waits for what can’t be read, and says nothing of an hour that never comes', () => {
		const yard = yardOf(pail());
		const page = (base: string, temperature: string) =>
			reckonBrew(
				freshEntry({ recipe: 'aerated-tea', base, temperature, vessel: 'Pail' }, [], undefined),
				{ name: 'Pail', capacity_l: 27 },
				now,
				yard
			);
		expect(page('much', '18')).toBeUndefined();
		const cold = page('20', '4');
		expect(cold?.window?.usable_ms).toBeNull();
		expect(cold?.hours).toBeUndefined();
		const hot = page('20', '?');
		expect(hot && fits(hot)).toBe(true);
		expect(hot?.window).toBeUndefined();
	});
});
