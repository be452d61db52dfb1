import { sveltekit } from '@sveltejs/kit/vite';
import tailwindcss from '@tailwindcss/vite';
import { fileURLToPath } from 'node:url';
import type { Plugin } from 'vite';
import { defineConfig } from 'vitest/config';

/** In the served program the framework's root is rendered by `root.server.ts`, which tells why. */
function plainRoot(): Plugin {
	let found = false;
	return {
		name: 'ashdrift:plain-root',
		apply: 'build',
		enforce: 'pre',
		resolveId(source, importer, { ssr }) {
			if (!ssr || source !== 'svelte/legacy' || !importer?.endsWith('/generated/root.js')) return;
			found = true;
			return fileURLToPath(new URL('src/root.server.ts', import.meta.url));
		},
		buildEnd(error) {
			if (!error && this.environment.name === 'ssr' && !found)
				this.error('the framework makes its root elsewhere now: mend or drop root.server.ts');
		}
	};
}

export default defineConfig({
	plugins: [plainRoot(), tailwindcss(), sveltekit()],
	worker: { format: 'es' },
	test: {
		projects: [
			{
				extends: true,
				test: {
					name: 'unit',
					environment: 'node',
					include: ['src/**/*.test.ts', 'tests/architecture/**/*.test.ts']
				}
			},
			{
				extends: true,
				test: {
					name: 'browser',
					environment: 'node',
					include: ['tests/browser/**/*.test.ts'],
					// Each file has a server and a browser of its own; two at a time fill a small machine.
					maxWorkers: 2,
					testTimeout: 60_000,
					hookTimeout: 60_000
				}
			}
		]
	}
});
