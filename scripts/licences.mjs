// Whose work the program is built from: their licences go with it, as they ask.
import { existsSync, readFileSync, readdirSync } from 'node:fs';
import { join } from 'node:path';

const root = join(import.meta.dirname, '..');
const packageIn = /^(.*[\\/]node_modules[\\/](?:@[^\\/]+[\\/])?[^\\/]+)/;
const licenceName = /^(licen[cs]e|copying|ofl)(\.|-|$)/i;

/** @param {Iterable<string>} modules files that were bundled @returns {Set<string>} folders of their packages */
export function packagesOf(modules) {
	const found = [...modules].flatMap((id) => packageIn.exec(id.replace(/^\0/, ''))?.[1] ?? []);
	return new Set(found);
}

/**
 * What a package says of itself and of its licence.
 * @param {string} folder
 * @returns {{ name: string, text: string } | undefined}
 */
export function licenceOf(folder) {
	const about = join(folder, 'package.json');
	if (!existsSync(about)) return undefined;
	const { name, version, license = 'see its text' } = JSON.parse(readFileSync(about, 'utf8'));
	const file = readdirSync(folder).find((one) => licenceName.test(one));
	const said = file ? readFileSync(join(folder, file), 'utf8').trim() : `Licence: ${license}`;
	return { name, text: `${name} ${version} (${license})\n\n${said}` };
}

/** Fonts, styles and what a worker brings go with the pages, and are no modules of theirs. */
const shipped = [
	'@fontsource-variable/atkinson-hyperlegible-next',
	'@fontsource/zilla-slab',
	'daisyui',
	'highs',
	'tailwindcss'
];

/** What runs beside the bundle on the server, and what goes with the pages otherwise. */
const beside = () => {
	const { dependencies = {} } = JSON.parse(readFileSync(join(root, 'package.json'), 'utf8'));
	return [...Object.keys(dependencies), ...shipped].map((name) => join(root, 'node_modules', name));
};

/**
 * Writes `licences.txt` beside the pages: of every package in the bundle and of those that run beside it.
 * @returns {import('vite').Plugin}
 */
export function licences() {
	return {
		name: 'ashdrift:licences',
		apply: 'build',
		generateBundle() {
			if (this.environment.name !== 'client') return;
			const folders = new Set([...packagesOf(this.getModuleIds()), ...beside()]);
			const all = [...folders].flatMap((folder) => licenceOf(folder) ?? []);
			all.sort((a, b) => (a.name < b.name ? -1 : 1));
			this.emitFile({
				type: 'asset',
				fileName: 'licences.txt',
				source: all.map(({ text }) => text).join(`\n\n${'-'.repeat(72)}\n\n`)
			});
		}
	};
}
