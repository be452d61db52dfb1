import { describe, expect, it } from 'vitest';
import { setDemo } from '../../tests/browser/support/demo';
import { actId, post } from '../../tests/browser/support/post';
import { scaled, share, tell } from './scale';

const demo = setDemo();

const pages = [
	'/',
	'/woodyard',
	'/fires',
	'/find?q=mere',
	'/charging',
	'/beds',
	'/beds/Mere%202',
	'/brews',
	'/stock',
	'/heaps'
];

/** Readers and writers at once for so long; what each answer took, and what was not answered well. */
async function load(seconds: number, readers: number, writers: number) {
	const end = performance.now() + seconds * 1000;
	const reads: number[] = [];
	const writes: number[] = [];
	const bad: string[] = [];
	const reading = async (start: number) => {
		for (let n = start; performance.now() < end; n += 1) {
			const path = pages[n % pages.length] ?? '/';
			const from = performance.now();
			const answer = await fetch(demo.server.address + path, { headers: { accept: 'text/html' } });
			await answer.text();
			reads.push(performance.now() - from);
			if (answer.status !== 200) bad.push(`${path}: ${answer.status}`);
			// As somebody who looks at it before going on.
			await new Promise((done) => setTimeout(done, 400));
		}
	};
	const writing = async (who: number) => {
		for (let n = 0; performance.now() < end; n += 1) {
			const from = performance.now();
			const line = `note Mere ${1 + (n % 3)} by ${who} the ${n}th`;
			const answer = await post(demo.server, '/log?/write', { line, actId: actId() });
			writes.push(performance.now() - from);
			if (answer.status !== 303) bad.push(`${line}: ${answer.status}`);
			await new Promise((done) => setTimeout(done, 400));
		}
	};
	await Promise.all([
		...Array.from({ length: readers }, (_, n) => reading(n)),
		...Array.from({ length: writers }, (_, n) => writing(n))
	]);
	return { reads, writes, bad };
}

describe('twenty who read and two who write', () => {
	const seconds = scaled(60, 10);
	it(`for ${seconds} s are all answered`, async () => {
		await load(scaled(5, 3), 5, 1);
		const { reads, writes, bad } = await load(seconds, 20, 2);
		const p95 = share([...reads, ...writes], 0.95);
		tell(
			'load',
			`20 readers, 2 writers, ${seconds} s: ${reads.length} pages, ${writes.length} acts, ${bad.length} errors; the middle ${share(reads, 0.5).toFixed(0)} ms, 95 % within ${p95.toFixed(0)} ms`
		);
		expect(bad).toEqual([]);
		// Within the tests other files run beside it: there it tells what hangs from what is slow.
		expect(p95).toBeLessThan(scaled(600, 10_000));
		expect(demo.books.faults()).toEqual([]);
	}, 200_000);

	it.runIf(scaled(1, 0) === 1)(
		'for five minutes need no more memory',
		async () => {
			const first = await demo.server.memory();
			const seen: number[] = [];
			for (let minute = 0; minute < 5; minute += 1) {
				await load(60, 20, 2);
				seen.push((await demo.server.memory()) - first);
			}
			const grown = (seen.at(-1) ?? 0) - (seen[1] ?? 0);
			tell(
				'load',
				`five minutes more: ${seen.map((bytes) => `${(bytes / 1e6).toFixed(0)}`).join(', ')} MB over the start, minute by minute (heap after a sweep)`
			);
			expect(grown).toBeLessThan(20e6);
		},
		400_000
	);
});
