import { sveltekit } from '@sveltejs/kit/vite';
import tailwindcss from '@tailwindcss/vite';
import { defineConfig } from 'vitest/config';
import { BaseSequencer, type TestSpecification } from 'vitest/node';
import { licences } from './scripts/licences.mjs';
import { plainBinds } from './scripts/plain-binds.mjs';
import { stillRules } from './scripts/still-rules.mjs';

/** What takes longest begins first, so that at the end no core waits for it: a fresh clone knows no times of its own. */
const longest = [
	'every-page',
	'fuzz',
	'kill',
	'browser/thread',
	'visits',
	'reverse-act',
	'holding'
];

class LongestFirst extends BaseSequencer {
	override async sort(files: TestSpecification[]): Promise<TestSpecification[]> {
		const place = ({ moduleId }: TestSpecification) => {
			const found = longest.findIndex((name) => moduleId.includes(name));
			return found < 0 ? longest.length : found;
		};
		return (await super.sort(files)).sort((a, b) => place(a) - place(b));
	}
}

export default defineConfig({
	plugins: [tailwindcss(), sveltekit(), plainBinds(), licences()],
	css: { postcss: { plugins: [stillRules()] } },
	worker: { format: 'es' },
	test: {
		sequence: { sequencer: LongestFirst },
		projects: [
			{
				extends: true,
				test: {
					name: 'unit',
					environment: 'node',
					globalSetup: 'tests/fixtures/grow.setup.ts',
					include: ['src/**/*.test.ts', 'tests/architecture/**/*.test.ts'],
					// Without it one core of two stands idle.
					maxWorkers: 2,
					// Two hundred files would each read the whole program anew; none of them leaves anything behind.
					isolate: false,
					// Other work may go on beside: a limit is there to end what hangs, not to measure.
					testTimeout: 60_000,
					hookTimeout: 120_000
				}
			},
			{
				extends: true,
				test: {
					name: 'browser',
					environment: 'node',
					globalSetup: 'tests/fixtures/grow.setup.ts',
					include: ['tests/browser/**/*.test.ts', 'scripts/trials/**/*.trial.ts'],
					// Each file has a server and a browser of its own; two at a time fill a small machine.
					maxWorkers: 2,
					testTimeout: 120_000,
					hookTimeout: 180_000
				}
			},
			{
				extends: true,
				test: {
					// What is measured is measured with nothing else beside it.
					name: 'costs',
					environment: 'node',
					globalSetup: 'tests/fixtures/grow.setup.ts',
					include: ['tests/costs/**/*.test.ts'],
					maxWorkers: 1,
					testTimeout: 120_000,
					hookTimeout: 180_000
				}
			}
		]
	}
});
