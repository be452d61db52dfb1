import type { Asked } from '$lib/core/trials';

/** So many of each arm show the difference so often. */
export interface PowerPoint {
	readonly blocks: number;
	readonly power: number;
	/** Points still to come. */
	readonly left: number;
}

/** Asked for only when somebody wants it: the statistics come with the worker. @returns how it is ended */
export function askPower(
	asked: Omit<Asked, 'blocks'>,
	each: (point: PowerPoint) => void,
	fail: () => void
): () => void {
	const worker = new Worker(new URL('./power.worker.ts', import.meta.url), { type: 'module' });
	worker.onmessage = ({ data }: MessageEvent<PowerPoint>) => {
		each(data);
		if (data.left === 0) worker.terminate();
	};
	worker.onerror = fail;
	worker.postMessage(asked);
	return () => worker.terminate();
}
