import { readFileSync } from 'node:fs';
import Database from 'better-sqlite3';
import { beforeAll, describe, expect, it } from 'vitest';
import { biggest } from '../../scripts/bench/server.mjs';
import { pagesOf } from '../../scripts/bench/pages.mjs';
import { settingsOf } from '../../src/lib/server/questions/settings';
import type { Books } from '../../src/lib/server/db/books';
import { holdingOf } from '../fixtures/holding';
import { countedBooks } from '../fixtures/visits';

const now_ms = Date.UTC(2026, 10, 24, 12);
type Load = (event: unknown) => Promise<unknown>;
const loads = import.meta.glob<{ load?: Load }>('../../src/routes/**/+{page,layout}.server.ts');
/** Most pages stand within the house; what needs no frame stands beside it. */
const loadOf = async (path: string) =>
	(
		await (
			loads[`../../src/routes/(house)${path}.server.ts`] ??
			loads[`../../src/routes${path}.server.ts`]
		)?.()
	)?.load;

interface Holding {
	readonly books: Books;
	readonly visited: () => ReadonlyMap<string, number>;
	readonly things: Record<string, string>;
}

/** The same holding after so many years, and what of each kind has the most to tell. */
function visitedIn(years: number): Holding {
	const file = readFileSync(holdingOf(years));
	const db = new Database(file);
	const things = biggest(db);
	db.close();
	return { ...countedBooks(file), things };
}

const one = {} as { -readonly [K in keyof Holding]: Holding[K] };
const ten = {} as { -readonly [K in keyof Holding]: Holding[K] };
beforeAll(() => {
	Object.assign(one, visitedIn(1));
	Object.assign(ten, visitedIn(10));
}, 400_000);

/** After an act about a bed that nothing else is about, as when a note of it was written. */
function another(books: Books, act: number): void {
	const { id } = books.things.maybeOne('bed', 'Row 120') ?? { id: 0 };
	Object.assign(books.acts, {
		revision: () => `after ${act}`,
		newest: () => 1_000_000 + act,
		thingsSince: () => [id],
		revisionOf: () => 'nothing of theirs'
	});
}

let acts = 0;

/** Rows that are looked at for a page right after an act, all that was known before still known. */
async function rowsFor({ books, visited, things }: Holding, route: string, address: string) {
	const settings = settingsOf(books);
	const url = new URL(
		address.replace(/\$(\w+)/g, (_, kind: string) => encodeURIComponent(things[kind] ?? '')),
		'http://here'
	);
	const names = [...route.matchAll(/\[(\w+)\]/g)].map(([, name = '']) => name);
	const parts = new RegExp(`^${route.replace(/\[\w+\]/g, '([^/]+)')}$`).exec(url.pathname) ?? [];
	const params = Object.fromEntries(
		names.map((name, i) => [name, decodeURIComponent(parts[i + 1] ?? '')])
	);
	const ask = async () => {
		acts += 1;
		another(books, acts);
		visited();
		const reading = { timeZone: settings.timeZone, person: 'Oda', now_ms, system: 'metric' };
		const event = {
			url,
			params,
			request: { method: 'GET' },
			cookies: { get: () => undefined },
			locals: { desk: { books, now_ms, settings, reading: { ...reading, measures: [] } } }
		};
		await (
			await loadOf('/+layout')
		)?.(event);
		await (
			await loadOf(`${route === '/' ? '' : route}/+page`)
		)?.(event);
		return visited();
	};
	await ask();
	return ask();
}

/** What goes back from the newest that a bed had to all that this came of: as far as that goes, and no further. */
const goesBack = new Set(['/beds/$bed', '/trace/bed/$bed']);
/** What sums all that one thing ever had: that it grows with that is what it is for. */
const sumsAll = new Set(['/beds/$bed/accounts']);
const most = { usually: 1.6, goesBack: 2.5, sumsAll: 5, spare: 400 };

const sum = (rows: ReadonlyMap<string, number>) => [...rows.values()].reduce((a, b) => a + b, 0);
/** Where the difference lies, for whoever has to find it. */
const grown = (few: ReadonlyMap<string, number>, many: ReadonlyMap<string, number>) =>
	[...many]
		.map(([table, n]) => [table, n - (few.get(table) ?? 0)] as const)
		.sort((a, b) => b[1] - a[1])
		.slice(0, 5)
		.join(' ');

describe('rows looked at for a page right after an act', () => {
	it.each(
		Object.entries(pagesOf).flatMap(([route, all]) => all.map((page) => [page, route] as const))
	)('%s: no more after ten years than after one', async (page, route) => {
		const few = await rowsFor(one, route, page);
		const many = await rowsFor(ten, route, page);
		const times = sumsAll.has(page)
			? most.sumsAll
			: goesBack.has(page)
				? most.goesBack
				: most.usually;
		expect(sum(few)).toBeGreaterThan(0);
		expect(sum(many), grown(few, many)).toBeLessThanOrEqual(times * sum(few) + most.spare);
	});
});
