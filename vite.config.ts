import { sveltekit } from '@sveltejs/kit/vite';
import tailwindcss from '@tailwindcss/vite';
import { defineConfig } from 'vitest/config';

export default defineConfig({
	plugins: [tailwindcss(), sveltekit()],
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
