import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { recipes } from '../../src/lib/core/brews';
import { schools } from '../../src/lib/core/charging';
import { materials } from '../../src/lib/core/materials';
import { woodClasses } from '../../src/lib/core/woodyard';
import { demoPages } from './support/pages';
import { actId, post } from './support/post';
import { ownFolder, startServer, type Server } from './support/server';

const now = '2026-11-24T12:00:00Z';

/** Keys of tables that are no words of their own: nobody is to read one. */
const tables = [...recipes, ...schools, ...materials, ...woodClasses];
const keys = tables
	.map(({ id }) => id)
	.filter((id) => id.includes('-') && !tables.some(({ name }) => name.toLowerCase().includes(id)));
/** The sheets of a notebook are filled with keys: that page has to name them. */
const namesKeys = '/keeping/notebook';

const entities: Readonly<Record<string, string>> = {
	'&amp;': '&',
	'&lt;': '<',
	'&gt;': '>',
	'&quot;': '"',
	'&#39;': "'"
};
const plainly = (html: string) =>
	html
		.replace(/<[^>]+>/g, '')
		.replace(/&(?:amp|lt|gt|quot|#39);/g, (entity) => entities[entity] ?? entity)
		.replace(/[\s\u00a0]+/g, ' ')
		.trim();

/** What a page says to the eye, and to whoever listens: its text, and its labels. */
function wordsOf(html: string): string {
	const body = html.slice(html.indexOf('<body'), html.lastIndexOf('<script'));
	const labels = [...body.matchAll(/aria-label="([^"]*)"/g)].map(([, label]) => label ?? '');
	const shown = body
		.replace(/<(script|style|option)\b.*?<\/\1>/gs, ' ')
		.replace(/<(?:p|div|li|td|th|h\d|dt|dd|section|label|tr|summary|svg|text)\b/g, ' $&');
	return [plainly(shown), ...labels.map(plainly)].join('\n');
}

/** Figures of things by their address, which is one on every page; figures of a page by the page and their name. */
const figuresOf = (
	path: string,
	html: string
): readonly (readonly [name: string, text: string])[] =>
	[
		...html.matchAll(/<a[^>]*class="sourced[^"]*"[^>]*href="(\/figure\/[^"]+)"[^>]*>(.*?)<\/a>/gs),
		...html.matchAll(/<button[^>]*data-figure="([^"]+)"[^>]*>(.*?)<\/button>/gs)
	].map(([, name = '', text = '']) => [
		name.startsWith('/figure/') ? name : `${path} ${plainly(name)}`,
		// Its range stands beside it where there is room for one.
		plainly(text.replace(/<span class="quiet.*?<\/span>/gs, ''))
	]);

const unit = '(?:%|°[CF]|mL|L|kg|g|mg|lb|oz|gal|qt|cups?|tbsp|tsp|ft|in|cm|m|m²|ft²|days?|h|min)';
const wrong: readonly (readonly [what: string, pattern: RegExp])[] = [
	['a doubled unit', new RegExp(`\\d ?(${unit}) \\1(?![\\p{L}²³/])`, 'u')],
	['a value that is none', /\b(?:undefined|NaN|Infinity|\[object)\b/],
	['a stray sign', / [;,] |;\.|: \?|\(\)/],
	['a long decimal', /\d\.\d{4,}/],
	['a name with its number doubled', /\b(\p{Lu}\d+) \1\b/u],
	[
		'one of many',
		/(?<![\d.,/–-])\b1 (?:days|hours|minutes|people|beds|lots|burns|cups|barrows|tubs)\b/
	],
	['days long past', /\b\d{2,} (?:days|weeks) ago\b/]
];

describe.each([
	['the demo garden', 'metric', true],
	['the demo garden in US customary', 'us', true],
	['empty books', 'metric', false]
] as const)('every word of %s', (_, system, demo) => {
	const folder = ownFolder();
	let server: Server;
	const pages = new Map<string, string>();
	beforeAll(async () => {
		server = await startServer({ database: folder.database, now, demo });
		if (system === 'us') {
			const kept = { place: 'Quillmere Dye Garden', latitude: '', longitude: '', timeZone: 'UTC' };
			const fields = { ...kept, system, people: 'Oda\nBram\nInes', actId: actId() };
			expect((await post(server, '/settings?/keep', fields)).status).toBe(303);
		}
		const asked = demo
			? demoPages
			: demoPages.filter((path) => !/[A-Z]\d|%20|Lantern|Linnet|Ditch|Kettle/.test(path));
		for (const path of asked) {
			const answer = await fetch(server.address + path, { headers: { accept: 'text/html' } });
			expect(answer.status, path).toBe(200);
			pages.set(path, await answer.text());
		}
	});
	afterAll(async () => {
		await server.stop();
		folder.drop();
	});

	it.each(wrong)('has not %s', (_what, pattern) => {
		const found = [...pages].flatMap(([path, html]) => {
			const words = wordsOf(html);
			const at = words.search(pattern);
			return at < 0 ? [] : [`${path}: ${words.slice(Math.max(0, at - 40), at + 60)}`];
		});
		expect(found).toEqual([]);
	});

	it('has no key of a table among its words', () => {
		const found = [...pages].flatMap(([path, html]) => {
			if (path === namesKeys) return [];
			const words = wordsOf(html);
			return keys.filter((key) => words.includes(key)).map((key) => `${path}: ${key}`);
		});
		expect(found).toEqual([]);
	});

	it('tells one figure in one way, wherever it stands', () => {
		const told = new Map<string, Map<string, string>>();
		for (const [path, html] of pages)
			for (const [href, text] of figuresOf(path, html)) {
				if (href.startsWith('/figure/rule/')) continue;
				const ways = told.get(href) ?? new Map<string, string>();
				if (!ways.has(text)) ways.set(text, path);
				told.set(href, ways);
			}
		const apart = [...told].flatMap(([href, ways]) =>
			ways.size > 1
				? [`${href}: ${[...ways].map(([text, path]) => `"${text}" on ${path}`).join(', ')}`]
				: []
		);
		expect(apart).toEqual([]);
	});
});
