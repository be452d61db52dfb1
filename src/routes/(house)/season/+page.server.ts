import { accountsOn } from '$lib/server/questions/accounts';
import { carbonOf, carbonOfBeds } from '$lib/server/questions/carbon';
import { bedsInOrder } from '$lib/server/questions/kept-beds';
import { putByBed, seasonOf, yearsMoved, type SeasonTold } from '$lib/server/questions/season';
import { sparedByYear } from '$lib/server/questions/worth';
import { asked, deskOf } from '$lib/server/page';
import { plain, say } from '$lib/format/figure';
import { moneyAbout } from '$lib/format/money';
import { sayCo2 } from '$lib/format/carbon-words';
import { closesWords, flowWords, sayKg } from '$lib/format/season-words';
import { sayEnds } from '$lib/format/worth-words';
import type { System } from '$lib/core/units';
import type { Books } from '$lib/server/db/books';
import { edgesOf, nodesOf } from './flow';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = (event) => {
	const { books, reading, now_ms, settings } = deskOf(event);
	const { system } = reading;
	const typed = asked(event.url);
	const years = yearsMoved(books);
	const [newest] = years;
	const year = years.find((one) => String(one) === typed.year) ?? newest;
	if (year === undefined)
		return {
			years,
			year: 0,
			answer: 'Nothing has moved yet: a season begins with what you gather'
		};
	const told = seasonOf(books, year);
	const beside = years.find((one) => String(one) === typed.beside && one !== year);
	const beds = bedsInOrder(books)
		.map(({ name }) => name)
		.sort();
	return {
		years,
		year,
		answer: answerOf(told, system),
		closes: [
			closesWords('char', told.char.closes, system),
			closesWords('wood', told.wood.closes, system)
		],
		uncounted: [...told.char.uncounted, ...told.wood.uncounted].slice(0, 6).map(({ lotId, kg }) => {
			const { code, name } = books.ledger.lotById(lotId);
			return { code, name, kg: say(kg, 'kg', system) };
		}),
		doubts: doubtsOf(told),
		nodes: nodesOf(),
		edges: edgesOf(told),
		char: rowsOf(told, 'char', system),
		wood: rowsOf(told, 'wood', system),
		charged: say(told.charged, 'kg', system),
		beside:
			beside === undefined
				? undefined
				: sideBySide(books, [year, beside], system, settings.currency),
		others: years.filter((one) => one !== year).map(String),
		beds,
		pair: bedPair(books, typed.bedA ?? '', typed.bedB ?? '', { now_ms, system })
	};
};

function answerOf(
	{ year, char, made_l, fires, isRunning }: SeasonTold,
	system: System | undefined
): string {
	const flow = (of: string) => char.flows.find((one) => one.of === of)?.kg.value ?? 0;
	const verdict = {
		closes: isRunning ? 'so far it closes' : 'it closes',
		off: 'it does not close',
		uncounted: 'whether it closes nobody knows',
		empty: 'no char moved'
	}[char.closes.is];
	return `${year}: ${say(made_l, 'L', system)} of char from ${fires} ${fires === 1 ? 'fire' : 'fires'}, ${say(-flow('bed'), 'kg', system)} dry put on beds, ${say(char.closing.value, 'kg', system)} dry lie; ${verdict}`;
}

/** By what amounts are known, on what ground, and the measure that would narrow it. */
function doubtsOf({ char, wood, weighed }: SeasonTold): readonly string[] {
	const { n, of, doubt } = weighed;
	const better =
		n > 0 && doubt < char.doubt * 0.7
			? ` Weighed, it is known to ± ${plain(doubt * 100, 0)} %: dry and weigh a sample of each.`
			: '';
	return [
		`Char to ± ${plain(char.doubt * 100, 0)} % by its density: own, weighed, of ${n} of ${of} fires, else published.${better}`,
		`Wood to ± ${plain(wood.doubt * 100, 0)} % by how its stacks are packed: published. One bundle weighed for many narrows it.`
	];
}

/** What came and went of a substance, with its doubt; first what lay, last what lies. */
function rowsOf(told: SeasonTold, of: 'char' | 'wood', system: System | undefined) {
	const { opening, flows, closing } = told[of];
	return [
		{ name: 'lay at the beginning', kg: sayKg(opening, system), sign: '' },
		...flows
			.toSorted((a, b) => b.kg.value - a.kg.value)
			.map(({ of: flow, kg }) => ({
				name: flowWords(flow, of, kg.value),
				kg: sayKg(kg.value < 0 ? { value: -kg.value, low: -kg.high, high: -kg.low } : kg, system),
				sign: kg.value < 0 ? '−' : '+'
			})),
		{ name: 'lies at the end', kg: sayKg(closing, system), sign: '=' }
	];
}

/** Two years by what each did. */
function sideBySide(
	books: Books,
	years: readonly number[],
	system: System | undefined,
	currency: string | undefined
) {
	const told = years.map((year) => seasonOf(books, year));
	const spared = sparedByYear(books);
	const kept = carbonOf(books, '').byYear;
	const line = (name: string, of: (season: SeasonTold) => string) => ({
		name,
		cells: told.map(of)
	});
	const flow = ({ char }: SeasonTold, of: string) =>
		char.flows.find((one) => one.of === of)?.kg.value ?? 0;
	const yearOf = (year: number) => spared.find((one) => one.year === year);
	return {
		years,
		lines: [
			line('fires', ({ fires }) => String(fires)),
			line('char made', ({ made_l }) => say(made_l, 'L', system)),
			line('the same, dry', (season) => say(flow(season, 'made'), 'kg', system)),
			line('brands', ({ brands }) => say(brands, 'kg', system)),
			line('char charged, dry', ({ charged }) => say(charged, 'kg', system)),
			line('char on beds, dry', (season) => say(-flow(season, 'bed'), 'kg', system)),
			line('char lost or thrown away', (season) =>
				say(-flow(season, 'lost') - flow(season, 'disposed'), 'kg', system)
			),
			line('char lying at the end', ({ char }) => say(char.closing.value, 'kg', system)),
			line('CO₂e kept', ({ year }) => {
				const row = kept.find(({ name }) => name === String(year));
				return row ? sayCo2(row.net, system) : 'none';
			}),
			line('hours told', ({ year }) => {
				const hours = yearOf(year)?.hours;
				return hours ? sayEnds(hours) : 'none';
			}),
			line('purchases spared', ({ year }) => moneyAbout(yearOf(year)?.spared ?? 0, currency))
		]
	};
}

/** Two beds by all they ever had and gave. */
function bedPair(
	books: Books,
	a: string,
	b: string,
	{ now_ms, system }: { readonly now_ms: number; readonly system: System | undefined }
) {
	const beds = [a, b].map((name) => bedsInOrder(books).find((bed) => bed.name === name));
	const [one, other] = beds;
	if (!one || !other || one === other) return undefined;
	const pair = [one, other];
	const put = putByBed(books, 0);
	const kept = carbonOfBeds(books, { names: pair.map(({ name }) => name), counts: '' });
	const ever = pair.map((bed) => accountsOn(books, bed, now_ms).ever);
	const line = (name: string, of: (i: number) => string) => ({ name, cells: [of(0), of(1)] });
	const grams = (value: number) => say(value / 1000, 'kg', system);
	return {
		names: pair.map(({ name }) => name),
		lines: [
			line('char', (i) => say(pair[i]?.char_l ?? 0, 'L', system)),
			line('of the soil', (i) => `${plain((pair[i]?.share ?? 0) * 100, 1)} %`),
			line('nitrogen', (i) => grams(ever[i]?.nitrogen_g ?? 0)),
			line('ash', (i) => grams(ever[i]?.ash_g ?? 0)),
			line('potash, as K₂O', (i) => grams(ever[i]?.k2o_g ?? 0)),
			line('times something was put on', (i) =>
				String(put.find(({ bedId }) => bedId === pair[i]?.id)?.times ?? 0)
			),
			line('harvested', (i) => {
				const kg = ever[i]?.harvest_kg;
				return kg && kg.value > 0 ? sayKg(kg, system) : 'nothing told';
			}),
			line('CO₂e kept', (i) => {
				const row = kept.find(({ name }) => name === pair[i]?.name);
				return row ? sayCo2(row.net, system) : 'none';
			})
		]
	};
}
