import type { BlendAnswer, Program } from '$lib/core/mixes';

/** A solving that runs: what it comes to, and how it is ended. */
export interface Solving {
	readonly answer: Promise<BlendAnswer>;
	readonly cancel: () => void;
}

let idle: Worker | undefined;

/** Asked for only when somebody solves: the solver is a megabyte. A worker that was not cancelled serves again. */
export function solveBlend(program: Program): Solving {
	const worker =
		idle ?? new Worker(new URL('./blend.worker.ts', import.meta.url), { type: 'module' });
	idle = undefined;
	let end = () => {};
	const answer = new Promise<BlendAnswer>((found, failed) => {
		worker.onmessage = ({
			data
		}: MessageEvent<BlendAnswer | { status: 'failed'; why: string }>) => {
			idle = worker;
			if (data.status === 'failed') failed(new Error(data.why));
			else found(data);
		};
		worker.onerror = () => failed(new Error('the solver could not be loaded'));
		end = () => {
			worker.terminate();
			failed(new Error('cancelled'));
		};
	});
	worker.postMessage(program);
	return { answer, cancel: end };
}
