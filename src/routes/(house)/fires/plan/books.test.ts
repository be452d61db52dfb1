import { describe, expect, it } from 'vitest';
import { kgDry, litres, metres } from '$lib/core/units';
import type { Books } from '$lib/server/db/books';
import { measureStack } from '$lib/server/usecases/measure-stack';
import { planBurn } from '$lib/server/usecases/plan-burn';
import { recordBurn } from '$lib/server/usecases/record-burn';
import {
	burnInput,
	day,
	done,
	envelope,
	later,
	start,
	yard
} from '../../../../../tests/fixtures/garden';
import { planStacks, planVessels } from './books.server';
import { freshPlan, reckonPlan } from './reckoning';

function pile(books: Books, wood: 'canes' | 'dense-hardwood', length: number): void {
	done(
		measureStack(books, later, envelope(start), {
			name: wood,
			suspicion: 'none',
			measure: {
				form: 'rods',
				wood,
				seasoned: true,
				size: {
					by: 'outline',
					outline: 'box',
					length: metres(length),
					width: metres(1),
					height: metres(0.4)
				}
			}
		})
	);
}

/** A yard with burns of its own behind it: their yields, water, and a char heavier than the book says. */
function ownYard(): Books {
	const books = yard();
	for (const n of [1, 2, 3])
		done(
			recordBurn(books, later, envelope(start + n * day), {
				...burnInput,
				loads: [{ code: 'S1', litres: 500 }],
				measured: { by: 'litres', litres: litres(100 + n * 5) },
				sample: { litres: litres(10), kg: kgDry(2.3) },
				brands: { litres: litres(30) },
				water_l: 90
			})
		);
	return books;
}

/** The plan as the page shows it before anything is written. */
function onPage(books: Books, loads: string, parts: Record<string, string> = {}) {
	const [vessels, stacks] = [planVessels(books, later), planStacks(books)];
	const entry = freshPlan({ vessel: 'Lantern', loads, ...parts }, {}, stacks, 'metric');
	return reckonPlan(
		entry,
		vessels,
		stacks,
		{ at_ms: later, now_ms: later, nights: [] },
		{ system: 'metric' }
	);
}

/** The same plan as the act keeps it. */
function inBooks(books: Books, loads: readonly { code: string; litres: number | 'all' }[]) {
	const path = done(
		planBurn(books, start + 9 * day, envelope(start + 9 * day), {
			vessel: 'Lantern',
			loads,
			plannedFor_ms: start + 10 * day
		})
	);
	return books.burns.maybeOne(path.split('/').at(-1) ?? '')?.plan?.figures;
}

/** A range summed in another order differs in its last digit. */
const rounded = (figures: unknown): unknown =>
	JSON.parse(
		JSON.stringify(figures, (_, value: unknown) =>
			typeof value === 'number' ? Number(value.toPrecision(12)) : value
		)
	);

describe('a plan on the page and in the books', () => {
	it('is one reckoning: with own density, own yields and own water', () => {
		const books = ownYard();
		const page = onPage(books, 'S1', { 'part-S1': '400 L' });
		const kept = inBooks(books, [{ code: 'S1', litres: 400 }]);
		const { charLitres, charKg, water } = page!.forecast;
		expect(charLitres.from.at(-1)?.origin).toBe('own');
		expect(rounded(kept)).toEqual(
			rounded({
				charKg: charKg.value,
				charLitres: [charLitres.low, charLitres.value, charLitres.high],
				waterOnSite_l: water.onSite.value,
				told: { char: charLitres, water: water.onSite }
			})
		);
	});

	it('takes the wood that makes up most of the load, not that of the largest stack', () => {
		const books = ownYard();
		pile(books, 'canes', 1);
		pile(books, 'canes', 1);
		pile(books, 'dense-hardwood', 0.6);
		const codes = books.woodyard
			.inStock()
			.filter(({ measure }) => measure.wood !== 'light-hardwood')
			.map(({ code }) => code);
		const page = onPage(books, codes.join('\n'));
		const kept = inBooks(
			books,
			codes.map((code) => ({ code, litres: 'all' as const }))
		);
		expect(page?.wood).toBe('canes');
		expect(kept?.charLitres[1]).toBe(page?.forecast.charLitres.value);
	});

	it('forecasts char out of all that is loaded: brands that come back are no char', () => {
		const books = ownYard();
		const [burn] = books.burnResults.newest(1);
		const ofLoad = burn!.charKg / burn!.wood.value;
		const ofBurnt = burn!.charKg / (burn!.wood.value - burn!.brandsKg);
		expect(ofBurnt / ofLoad).toBeGreaterThan(1.05);
		const leaningOnOwn = planVessels(books, later).filter(({ ownYields }) => ownYields.count > 0);
		expect(leaningOnOwn).not.toEqual([]);
		for (const { ownYields } of leaningOnOwn)
			expect(ownYields.mean).toBeLessThan((ofLoad + ofBurnt) / 2);
	});
});
