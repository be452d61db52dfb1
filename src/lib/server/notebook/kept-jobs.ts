import {
	mkdirSync,
	readdirSync,
	readFileSync,
	renameSync,
	rmSync,
	statSync,
	writeFileSync
} from 'node:fs';
import { days } from '../../core/time';
import type { Db } from '../db/open';
import type { Reading } from '../../input/form';
import type { NotebookRow } from './rows';
import type { Sent } from './sorting';

/** What goes on after the program ended in the midst of it. */
export interface KeptJob {
	readonly state: 'trying' | 'writing' | 'taking-back';
	readonly sent: Sent;
	readonly reading: Reading;
	/** What is being written, in its order. */
	readonly rows: readonly NotebookRow[];
}

/** Nobody comes back to one that was tried so long ago. A judgement. */
const kept_ms = days(7);

/** Notebooks that are under way lie in files beside the books; those in memory have none. */
export function keptJobs(db: Db) {
	const folder = `${db.name}-notebooks`;
	const pathOf = (id: string) => `${folder}/${id}.json`;
	if (db.memory) return { keep: () => {}, drop: () => {}, all: (): readonly KeptJob[] => [] };
	return {
		/** Whole or not at all: it gets its name once it is written. */
		keep: (job: KeptJob): void => {
			mkdirSync(folder, { recursive: true });
			const path = pathOf(job.sent.batch);
			writeFileSync(`${path}.new`, JSON.stringify(job), { flush: true });
			renameSync(`${path}.new`, path);
		},
		drop: (id: string): void => rmSync(pathOf(id), { force: true }),
		/** Those that wait to be gone on with; what is too old, or was never finished writing, goes. */
		all: (now_ms: number): readonly KeptJob[] => {
			mkdirSync(folder, { recursive: true });
			return readdirSync(folder).flatMap((name) => {
				const path = `${folder}/${name}`;
				const isOld = now_ms - statSync(path).mtimeMs > kept_ms;
				const job = name.endsWith('.json') && !isOld ? readKept(path) : undefined;
				if (!job) rmSync(path, { force: true });
				return job ? [job] : [];
			});
		}
	};
}

/** Written by this program alone; what is none of it is nothing. */
function readKept(path: string): KeptJob | undefined {
	try {
		return JSON.parse(readFileSync(path, 'utf8')) as KeptJob;
	} catch (error) {
		if (error instanceof SyntaxError) return undefined;
		throw error;
	}
}
