import { join } from 'node:path';
import { Worker } from 'node:worker_threads';

/** What the build lays in a folder of its own: work that goes on beside the pages. */
export type ThreadName = 'notebook' | 'laws';

/** What a thread says: how far it is, or what came of it. */
export type Said<T> = { readonly done: number; readonly of: number } | { readonly result: T };

/**
 * Work in a thread of its own, while everybody else goes on.
 * @param each told now and then how far it is
 * @throws the reason of `signal` as soon as it is cancelled, and what the thread failed of
 */
export function inThread<T>(
	name: ThreadName,
	workerData: unknown,
	signal?: AbortSignal,
	each: (done: number, of: number) => void = () => {}
): Promise<T> {
	const folder = process.env.ASHDRIFT_THREADS ?? join('build', 'threads');
	const thread = new Worker(join(folder, `${name}.js`), { workerData });
	return new Promise<T>((done, failed) => {
		const cancel = () => failed(signal?.reason as Error);
		if (signal?.aborted) return cancel();
		signal?.addEventListener('abort', cancel, { once: true });
		thread.once('error', failed);
		thread.once('exit', () => failed(new Error(`The thread "${name}" ended without a result.`)));
		thread.on('message', (said: Said<T>) => {
			if ('result' in said) done(said.result);
			else each(said.done, said.of);
		});
	}).finally(() => thread.terminate());
}
