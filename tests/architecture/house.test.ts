import { readdirSync, readFileSync } from 'node:fs';
import { dirname, join, relative, resolve } from 'node:path';
import { describe, expect, it } from 'vitest';

const root = resolve(import.meta.dirname, '../..');
const src = join(root, 'src');

interface Source {
	/** Path from src, with forward slashes. */
	readonly path: string;
	readonly text: string;
	/** What it imports: a path from src, or a package. */
	readonly imports: readonly string[];
}

const sources: readonly Source[] = readdirSync(src, { recursive: true, encoding: 'utf8' })
	.filter((path) => /\.(ts|svelte)$/.test(path))
	.map((path) => {
		const text = readFileSync(join(src, path), 'utf8');
		return { path, text, imports: importsOf(path, text) };
	});

function importsOf(path: string, text: string): string[] {
	const found = text.matchAll(
		/(?:^|[\n;{])\s*(?:import|export)\s(?:[^'"();]*?\sfrom\s)?['"]([^'"]+)['"]|import\(\s*['"]([^'"]+)['"]/g
	);
	return [...found].map((match) => placed(path, (match[1] ?? match[2]) as string));
}

function placed(from: string, specifier: string): string {
	if (specifier.startsWith('$lib/')) return `lib/${specifier.slice(5)}`;
	if (!specifier.startsWith('.')) return specifier;
	return relative(src, resolve(src, dirname(from), specifier));
}

const isTest = ({ path }: Source) => /\.test\.ts$/.test(path);
const isCore = ({ path }: Source) => path.startsWith('lib/core/');
const inLib = (target: string) => target.startsWith('lib/');
const roomOf = (path: string) => /^lib\/core\/([^/]+)/.exec(path)?.[1];

/** Packages of pure functions that core may lean on. */
const purePackages = [
	'fastest-levenshtein',
	'simple-statistics',
	'suncalc',
	'@internationalized/date',
	'jstat',
	'ml-matrix',
	'pure-rand'
];
const generated = /^(\.\.\/)?\$types$|\/\$types$/;

/** Where a file of a layer may reach; the first prefix that fits a file decides. */
const arrows: readonly {
	readonly layer: (path: string) => boolean;
	readonly name: string;
	readonly lib: readonly string[];
	readonly packages: RegExp;
}[] = [
	{
		name: 'format',
		layer: (path) => path.startsWith('lib/format/'),
		// A small act is declared once, with its words.
		lib: ['lib/core/', 'lib/format/', 'lib/input/small-acts'],
		packages: /^$/
	},
	{
		name: 'input',
		layer: (path) => path.startsWith('lib/input/'),
		lib: ['lib/core/', 'lib/input/'],
		packages: /^zod$/
	},
	{
		name: 'components',
		layer: (path) => path.startsWith('lib/components/'),
		lib: ['lib/core/', 'lib/format/', 'lib/input/', 'lib/components/'],
		packages: /^(svelte|lucide|echarts)(\/|$)/
	},
	{
		name: 'server',
		layer: (path) => path.startsWith('lib/server/') || path === 'hooks.server.ts',
		lib: ['lib/core/', 'lib/format/', 'lib/input/', 'lib/server/'],
		packages:
			/^(node:|better-sqlite3$|papaparse$|pino$|zod$|@sveltejs\/kit$|@internationalized\/date$|\$app\/environment$)/
	},
	{
		// Beside the page that asks for it: its solver is fetched then, and ended with it.
		name: 'workers',
		layer: (path) => /^routes\/.*\.worker\.ts$/.test(path),
		lib: ['lib/core/'],
		packages: /^highs(\/|$)/
	},
	{
		name: 'server side of routes',
		layer: (path) => path.startsWith('routes/') && /\.server\.ts$|\+server\.ts$/.test(path),
		lib: ['lib/core/', 'lib/format/', 'lib/input/', 'lib/server/', 'lib/components/'],
		packages: /^@sveltejs\/kit$/
	},
	{
		name: 'routes',
		layer: (path) => path.startsWith('routes/'),
		lib: ['lib/core/', 'lib/format/', 'lib/input/', 'lib/components/'],
		packages: /^(svelte|\$app|@sveltejs\/kit|simple-statistics|idb)(\/|$)/
	}
];

describe('the arrows of the house', () => {
	it('finds the house', () => {
		expect(sources.filter(isCore).length).toBeGreaterThan(30);
		expect(sources.flatMap(({ imports }) => imports).length).toBeGreaterThan(300);
	});

	it('keep core pure: its own rooms, through their front doors, and a short list of packages', () => {
		const strays = sources
			.filter((source) => isCore(source) && !isTest(source))
			.flatMap(({ path, imports }) =>
				imports.filter((target) => !isPureFor(path, target)).map((target) => `${path} → ${target}`)
			);
		expect(strays).toEqual([]);
	});

	it('let units see nobody', () => {
		const strays = sources
			.filter(({ path }) => roomOf(path) === 'units')
			.flatMap(({ imports }) => imports.filter((target) => roomOf(target) !== undefined))
			.filter((target) => roomOf(target) !== 'units');
		expect(strays).toEqual([]);
	});

	it.each(arrows)('hold for $name', ({ layer, lib, packages }) => {
		const files = sources.filter(({ path }) => layer(path) && !/\.test\.ts$/.test(path));
		expect(files.length).toBeGreaterThan(0);
		const strays = files
			.filter(({ path }) => arrows.find((arrow) => arrow.layer(path))?.layer === layer)
			.flatMap(({ path, imports }) =>
				imports
					.filter((target) => !generated.test(target) && !target.endsWith('app.css'))
					.filter((target) =>
						inLib(target)
							? !lib.some((prefix) => target.startsWith(prefix))
							: !target.startsWith('routes/') && !packages.test(target)
					)
					.map((target) => `${path} → ${target}`)
			);
		expect(strays).toEqual([]);
	});

	it('enter a room of core from outside only through its front door', () => {
		const strays = sources
			.filter((source) => !isCore(source))
			.flatMap(({ path, imports }) =>
				imports
					.filter((target) => /^lib\/core\/[^/]+\/./.test(target))
					.map((target) => `${path} → ${target}`)
			);
		expect(strays).toEqual([]);
	});

	it('run in no circle', () => {
		expect(circleIn(fileGraph())).toEqual([]);
		expect(circleIn(roomGraph())).toEqual([]);
	});
});

function isPureFor(path: string, target: string): boolean {
	if (purePackages.some((name) => target === name || target.startsWith(`${name}/`))) return true;
	const room = roomOf(target);
	if (room === undefined) return false;
	// Each room states its kinds in a file of its own, so that the list of kinds draws in no arithmetic.
	if (path === 'lib/core/kinds/index.ts' && /^lib\/core\/[a-z]+\/kinds$/.test(target)) return true;
	return room === roomOf(path) || target === `lib/core/${room}`;
}

function fileGraph(): Map<string, string[]> {
	const known = new Set(sources.map(({ path }) => path));
	const fileOf = (target: string) =>
		[target, `${target}.ts`, `${target}/index.ts`].find((path) => known.has(path));
	return new Map(
		sources.map(({ path, imports }) => [path, imports.flatMap((target) => fileOf(target) ?? [])])
	);
}

function roomGraph(): Map<string, string[]> {
	const graph = new Map<string, string[]>();
	for (const source of sources.filter((entry) => isCore(entry) && !isTest(entry))) {
		const room = roomOf(source.path) as string;
		const seen = source.imports.flatMap((target) => roomOf(target) ?? []);
		graph.set(room, [...(graph.get(room) ?? []), ...seen.filter((other) => other !== room)]);
	}
	return graph;
}

/** The nodes of the first circle found, or none. */
function circleIn(graph: ReadonlyMap<string, readonly string[]>): string[] {
	const done = new Set<string>();
	const walk = (node: string, way: readonly string[]): string[] => {
		if (way.includes(node)) return [...way.slice(way.indexOf(node)), node];
		if (done.has(node)) return [];
		for (const next of graph.get(node) ?? []) {
			const circle = walk(next, [...way, node]);
			if (circle.length > 0) return circle;
		}
		done.add(node);
		return [];
	};
	for (const node of graph.keys()) {
		const circle = walk(node, []);
		if (circle.length > 0) return circle;
	}
	return [];
}

describe('the house stays clean', () => {
	it('finds a circle where there is one', () => {
		expect(
			circleIn(
				new Map([
					['a', ['b']],
					['b', ['c']],
					['c', ['a']]
				])
			)
		).toEqual(['a', 'b', 'c', 'a']);
	});

	it('has no file longer than 250 lines, tables and tests aside', () => {
		const long = sources
			.filter((source) => !isTest(source) && !source.path.includes('/data/'))
			.map(({ path, text }) => ({ path, lines: text.split('\n').length - 1 }))
			.filter(({ lines }) => lines > 250);
		expect(long).toEqual([]);
	});

	it('has no drawers for odds and ends, no export-alls, nothing waved through', () => {
		const named = sources.filter(({ path }) =>
			/^(lib|routes)\/.*(^|\/)(utils?|helpers?|common|misc|shared|types|constants|hooks|stores)(\.|\/)/.test(
				path
			)
		);
		const loose = sources.filter(({ text }) =>
			/\bexport \* from\b|@ts-ignore|eslint-disable/.test(text)
		);
		expect([...named, ...loose].map(({ path }) => path)).toEqual([]);
	});

	it('writes no arithmetic of core in the load of a page: load gathers and shapes', () => {
		const long = sources
			.filter(({ path }) => /\+page\.server\.ts$/.test(path))
			.filter(({ text }) => /\bdb\.prepare\b|SELECT /.test(text));
		expect(long.map(({ path }) => path)).toEqual([]);
	});
});
