import {
	cpSync,
	mkdtempSync,
	readdirSync,
	readFileSync,
	renameSync,
	rmSync,
	writeFileSync
} from 'node:fs';
import { join, resolve } from 'node:path';

const root = resolve(import.meta.dirname, '../../..');
const isText = (name: string) => /\.(js|css|json|html)$/.test(name);
const isShrunk = (name: string) => /\.(gz|br|map)$/.test(name);

/** Every file under a folder, by its path within. */
const filesIn = (folder: string): string[] =>
	readdirSync(folder, { recursive: true, withFileTypes: true }).flatMap((entry) =>
		entry.isFile() ? [join(entry.parentPath, entry.name)] : []
	);

/**
 * The production build as a later one: nothing a browser fetched of the first is there any more under its name, and its
 * version is another. Lies where what it imports is found.
 */
export function buildAgain(): { folder: string; drop: () => void } {
	const folder = mkdtempSync(join(root, 'node_modules', '.ashdrift-again-'));
	cpSync(join(root, 'build'), folder, { recursive: true, filter: (from) => !isShrunk(from) });
	const immutable = join(folder, 'client/_app/immutable');
	const renamed = new Map<string, string>();
	for (const path of filesIn(immutable)) {
		const name = path.slice(path.lastIndexOf('/') + 1);
		const later = name.replace(/\.([a-z0-9]+)$/, 'later.$1');
		renamed.set(name, later);
		renameSync(path, path.slice(0, -name.length) + later);
	}
	const { version } = JSON.parse(
		readFileSync(join(folder, 'client/_app/version.json'), 'utf8')
	) as { version: string };
	for (const path of filesIn(folder).filter(isText)) {
		const text = readFileSync(path, 'utf8');
		const again = text
			.replace(/[\w.-]+\.(?:js|css|woff2)\b/g, (name) => renamed.get(name) ?? name)
			.replaceAll(version, `${version}0`);
		if (again !== text) writeFileSync(path, again);
	}
	return { folder, drop: () => rmSync(folder, { recursive: true, force: true }) };
}
