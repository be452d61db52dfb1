// What script each page of the build asks for, gzipped: the build fails where one is over its budget.
import { readFileSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';
import { root } from './ready.mjs';

/** Before anybody acts, kB; and what comes later for a page that reckons along. A thing that is over is mended, not let in. */
export const budget = Object.freeze({ first_kB: 85, later_kB: 105 });

const generated = join(root, '.svelte-kit', 'generated', 'client-optimized');
const client = join(root, '.svelte-kit', 'output', 'client');

/** @typedef {{ file: string, imports?: string[], dynamicImports?: string[] }} Chunk */

/** @returns {{ route: string, first: number, later: number }[]} bytes by page, the heaviest first */
export function scriptByPage() {
	const chunks = /** @type {Record<string, Chunk>} */ (
		JSON.parse(readFileSync(join(client, '.vite', 'manifest.json'), 'utf8'))
	);
	const nodes = readdirSync(join(generated, 'nodes')).map((name) => {
		const written = readFileSync(join(generated, 'nodes', name), 'utf8');
		return {
			key: `.svelte-kit/generated/client-optimized/nodes/${name}`,
			page: /src\/routes(\/.*|)\/\+page\.svelte/.exec(written)?.[1],
			frame: /src\/routes(\/.*|)\/\+(?:layout|error)\.svelte/.exec(written)?.[1]
		};
	});
	const begin = Object.keys(chunks).filter((key) =>
		/runtime\/client\/entry|client-optimized\/app\.js/.test(key)
	);
	/** What stands around a page: the frames of the folders it lies in, by their names. */
	const frameOf = (/** @type {string} */ route) =>
		closure(chunks, [
			...begin,
			...nodes.flatMap(({ key, frame }) =>
				frame !== undefined && `${route}/`.startsWith(`${frame}/`) ? [key] : []
			)
		]);
	return nodes
		.flatMap(({ key, page }) => (page === undefined ? [] : [{ key, page }]))
		.map(({ key, page }) => {
			const first = new Set([...frameOf(page), ...closure(chunks, [key])]);
			const whole = `src/routes${page}/Whole.svelte`;
			const route = page.replace('/(house)', '') || '/';
			const later = whole in chunks ? closure(chunks, [whole]) : [];
			return {
				route,
				first: bytesOf(chunks, first),
				later: bytesOf(chunks, new Set([...later].filter((one) => !first.has(one))))
			};
		})
		.sort((a, b) => b.first - a.first);
}

/** @param {Record<string, Chunk>} chunks @param {readonly string[]} from @returns {Set<string>} all that these need at once */
function closure(chunks, from) {
	const found = new Set(/** @type {string[]} */ ([]));
	const open = [...from];
	for (let key = open.pop(); key !== undefined; key = open.pop()) {
		if (found.has(key)) continue;
		found.add(key);
		open.push(...(chunks[key]?.imports ?? []));
	}
	return found;
}

/** @param {Record<string, Chunk>} chunks @param {ReadonlySet<string>} keys */
const bytesOf = (chunks, keys) =>
	[...new Set([...keys].map((key) => chunks[key]?.file ?? ''))]
		.filter((file) => file.endsWith('.js'))
		.reduce((sum, file) => sum + gzipSync(readFileSync(join(client, file))).length, 0);

/** @returns {string[]} what is over its budget, in words */
export function overBudget() {
	const kB = (/** @type {number} */ bytes) => (bytes / 1000).toFixed(1);
	return scriptByPage().flatMap(({ route, first, later }) => [
		...(first > budget.first_kB * 1000
			? [`${route}: ${kB(first)} kB of script before anybody acts, of ${budget.first_kB}`]
			: []),
		...(later > budget.later_kB * 1000
			? [`${route}: ${kB(later)} kB of script later, of ${budget.later_kB}`]
			: [])
	]);
}

if (process.argv[1] === import.meta.filename) {
	const over = overBudget();
	for (const line of over) console.error(`over budget: ${line}`);
	const [most] = scriptByPage();
	if (over.length === 0 && most)
		console.log(
			`script: at most ${(most.first / 1000).toFixed(1)} kB before anybody acts (${most.route})`
		);
	process.exitCode = over.length > 0 ? 1 : 0;
}
