import { capital, count } from '$lib/format/words';

interface Shown {
	readonly right: boolean;
	readonly all: number;
	readonly bad: number;
	readonly unknown: readonly unknown[];
	readonly sheets: readonly unknown[];
}

interface Job {
	readonly state?: string;
	readonly done?: number;
	readonly of?: number;
	readonly standing: number;
}

/** What a notebook came to, or how far it is. */
export function notebookAnswer(job: Job, shown: Shown | undefined): string {
	const { state, standing } = job;
	if (state === 'trying') return `${progress(job, 'rows tried')}; nothing is written yet`;
	if (state === 'writing') return `${progress(job, 'rows written')}; leave this page if you like`;
	if (state === 'taking-back') return progress(job, 'acts taken back');
	if (state === 'halted')
		return standing > 0
			? `It stopped half way: ${count(standing, 'act of it is', 'acts of it are')} in the books`
			: 'It stopped; nothing of it is in the books';
	if (standing > 0) return `${capital(count(standing, 'act is', 'acts are'))} in the books now`;
	if (state === 'taken-back') return 'Nothing of this notebook is in the books';
	return shown ? triedAnswer(shown) : 'Bring an old notebook in, from stacks to spreads';
}

/** May this notebook be written? */
function triedAnswer({ right, all, bad, unknown, sheets }: Shown): string {
	if (right) return `All ${count(all, 'row', 'rows')} are right: write them`;
	const heads = sheets.length;
	if (unknown.length > 0)
		return `Which ${unknown.length === 1 ? 'sheet is this' : 'sheets are these'}? Nothing was written`;
	if (bad + heads === 0) return 'There are no rows yet: drop a sheet with its head';
	return heads > 0
		? `${capital(count(heads, 'sheet', 'sheets'))} can’t be read yet; nothing was written`
		: `${capital(count(bad, 'row wants', 'rows want'))} mending; nothing was written`;
}

const progress = ({ done = 0, of = 0 }: Job, verb: string): string =>
	of === 0
		? 'It waits for its turn'
		: `${done.toLocaleString('en')} of ${of.toLocaleString('en')} ${verb}`;
