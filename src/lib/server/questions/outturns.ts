import { recipeOf, isRecipe } from '../../core/brews';
import { schools } from '../../core/charging';
import { ways } from '../../core/heaps';
import { inDays } from '../../core/time';
import { kindsOf, type Kind } from '../../core/yields';
import { rememberingWhile } from './remember';

const named = (all: readonly { readonly id: string; readonly name: string }[], id: string) =>
	all.find((one) => one.id === id)?.name ?? id;

/** Days until a test passed, by school. */
export const cures = rememberingWhile(
	(books) => {
		const rows = books.outturns.cures();
		const days = rows.flatMap(({ recipe, begun_ms, passed_ms }): [string, number][] =>
			passed_ms === null ? [] : [[named(schools, recipe), inDays(passed_ms - begun_ms)]]
		);
		return {
			days: kindsOf(days),
			failed: rows.filter(({ failed }) => failed > 0).length,
			untested: rows.filter(({ passed_ms, failed }) => passed_ms === null && failed === 0).length,
			of: rows.length
		};
	},
	['batch', 'ready_test']
);

/** What came of heaps: litres of the litres laid, and after how many days, by way. */
export const heapsGave = rememberingWhile(
	(books): { readonly share: readonly Kind[]; readonly days: readonly Kind[] } => {
		const rows = books.outturns.heaps().filter(({ taken_ul }) => taken_ul > 0);
		return {
			share: kindsOf(
				rows.map(({ recipe, lifted_ul, taken_ul }) => [named(ways, recipe), lifted_ul / taken_ul])
			),
			days: kindsOf(
				rows.flatMap(({ recipe, begun_ms, lifted_ms }): [string, number][] =>
					lifted_ms === null ? [] : [[named(ways, recipe), inDays(lifted_ms - begun_ms)]]
				)
			)
		};
	},
	['batch', 'movement']
);

/** What became of brews, by recipe: put to use, thrown away, doubted. */
export const brewsCame = rememberingWhile(
	(books) => {
		const sums = new Map<string, { n: number; used: number; thrown: number; doubted: number }>();
		for (const { recipe, used, thrown, doubted } of books.outturns.brews()) {
			const name = isRecipe(recipe) ? recipeOf(recipe).name : recipe;
			const sum = sums.get(name) ?? { n: 0, used: 0, thrown: 0, doubted: 0 };
			sums.set(name, {
				n: sum.n + 1,
				used: sum.used + used,
				thrown: sum.thrown + thrown,
				doubted: sum.doubted + doubted
			});
		}
		return [...sums].map(([name, sum]) => ({ name, ...sum })).sort((a, b) => b.n - a.n);
	},
	['batch', 'movement', 'finding']
);
