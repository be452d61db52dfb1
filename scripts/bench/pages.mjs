// What the bench asks for: an address of every route there is. One that is missing here ends it.
import { readdirSync } from 'node:fs';
import { join } from 'node:path';
import { root } from '../ready.mjs';

/** The frame with nothing in it: what any page of this program costs at least. */
export const emptyPage = '/find';
/** The program with no page at all. */
export const noPage = '/health';

/**
 * Addresses by route; `$bed` and the like are the thing of that kind with the most to tell.
 * @type {Readonly<Record<string, readonly string[]>>}
 */
export const pagesOf = {
	'/': ['/'],
	'/ash': ['/ash'],
	'/ash/[lot]': ['/ash/$ash'],
	'/beds': ['/beds'],
	'/beds/[name]': ['/beds/$bed'],
	'/beds/[name]/accounts': ['/beds/$bed/accounts'],
	'/beds/[name]/measure': ['/beds/$bed/measure'],
	'/beds/[name]/verdict': ['/beds/$bed/verdict'],
	'/beds/[name]/why': ['/beds/$bed/why'],
	'/beds/crops': ['/beds/crops'],
	'/beds/kitchen': ['/beds/kitchen'],
	'/beds/plan': ['/beds/plan'],
	'/beds/round': ['/beds/round'],
	'/brews': ['/brews'],
	'/brews/[lot]': ['/brews/$brew'],
	'/brews/lines': ['/brews/lines'],
	'/brews/plan': ['/brews/plan', '/brews/plan?recipe=microbe-tea'],
	'/char/[lot]': ['/char/$char'],
	'/charging': ['/charging'],
	'/charging/[lot]': ['/charging/$charge'],
	'/charging/[lot]/cress': ['/charging/$charge/cress'],
	'/charging/plan': ['/charging/plan'],
	'/figure/[of]/[name]/[figure]': ['/figure/lot/$charge/litres', '/figure/rule/wood/mean'],
	'/find': [emptyPage, '/find?q=a'],
	'/fires': ['/fires'],
	'/fires/[burn]': ['/fires/$burn'],
	'/fires/[burn]/now': ['/fires/$burn/now'],
	'/fires/day': ['/fires/day'],
	'/fires/light': ['/fires/light'],
	'/fires/plan': ['/fires/plan'],
	'/heaps': ['/heaps'],
	'/heaps/[lot]': ['/heaps/$heap'],
	'/heaps/plan': ['/heaps/plan', '/heaps/plan?heapWay=leaf-mould'],
	'/heaps/round': ['/heaps/round'],
	'/mixes': ['/mixes'],
	'/mixes/[lot]': ['/mixes/$mix'],
	'/mixes/plan': ['/mixes/plan'],
	'/mixes/pots': ['/mixes/pots'],
	'/fate': ['/fate'],
	'/keeping': ['/keeping'],
	'/keeping/notebook': ['/keeping/notebook'],
	'/ledger/[of]/[name]': ['/ledger/lot/$charge', '/ledger/bed/$bed', '/ledger/vessel/$vessel'],
	'/log': ['/log'],
	'/programmes': ['/programmes'],
	'/carbon': ['/carbon'],
	'/season': ['/season'],
	'/season/report': ['/season/report'],
	'/worth': ['/worth'],
	'/yields': ['/yields', '/yields?over=water'],
	'/settings': ['/settings'],
	'/stock': ['/stock'],
	'/stock/[lot]': ['/stock/$stock'],
	'/trace/[of]/[name]': ['/trace/lot/$stack', '/trace/bed/$bed'],
	'/trials': ['/trials'],
	'/advice': ['/advice', '/advice?heard=a+cup+of+char+to+the+foot'],
	'/trials/[trial]': ['/trials/T1'],
	'/trials/[trial]/round': ['/trials/T1/round'],
	'/trials/plan': ['/trials/plan'],
	'/vessels': ['/vessels'],
	'/vessels/[name]': ['/vessels/$vessel'],
	'/woodyard': ['/woodyard'],
	'/woodyard/[lot]': ['/woodyard/$stack']
};

/**
 * What is no page: told, but held to nothing a page is held to.
 * @type {Readonly<Record<string, readonly string[]>>}
 */
export const othersOf = {
	'/beds/[name]/accounts.csv': ['/beds/$bed/accounts.csv'],
	'/fires/[burn]/now/told': ['/fires/$burn/now/told'],
	'/trials/[trial]/data.csv': ['/trials/T1/data.csv'],
	'/health': [noPage],
	'/keeping/[sheet].csv': ['/keeping/ledger.csv'],
	'/keeping/books.json': ['/keeping/books.json'],
	'/keeping/notebook/[sheet].csv': ['/keeping/notebook/stacks.csv'],
	'/keeping/notebook/way': ['/keeping/notebook/way?job=none'],
	'/log/read': ['/log/read?line=1+L+$charge+%3E+$bed']
};

/** Routes of the program that answer a GET, by their folders: those with a page, and others. */
export function routes(folder = join(root, 'src', 'routes')) {
	const files = readdirSync(folder, { recursive: true, encoding: 'utf8' });
	const at = (/** @type {string} */ name) =>
		files
			.filter((file) => file === name || file.endsWith(`/${name}`))
			.map((file) =>
				`/${file.slice(0, -name.length)}`.replace('/(house)', '').replace(/(.)\/$/, '$1')
			)
			.sort();
	return { pages: at('+page.svelte'), others: at('+server.ts') };
}

/** Routes nobody asks for, and addresses of routes there are not. */
export function unasked() {
	const { pages, others } = routes();
	const differ = (/** @type {string[]} */ there, /** @type {object} */ asked) => [
		...there.filter((route) => !(route in asked)),
		...Object.keys(asked).filter((route) => !there.includes(route))
	];
	return [...differ(pages, pagesOf), ...differ(others, othersOf)];
}
