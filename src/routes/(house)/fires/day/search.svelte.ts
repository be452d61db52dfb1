import type { Day, Genes, Helps, Timetable } from '$lib/core/days';
import type { Asked, SearchTold } from './day.worker';

/** Tries that fill two seconds on a slow machine, for a day of so many charges. */
const triesFor = (day: Day) => {
	const charges = day.barrels.reduce((sum, { rounds }) => sum + rounds, 0);
	return Math.round(Math.max(300, Math.min(6000, 24_000 / Math.max(1, charges))));
};

/** The search for a better timetable, off the page's own thread: begun anew when the day changes. */
export class DaySearch {
	best = $state.raw<{ timetable: Timetable; genes: Genes } | undefined>();
	/** What one more of each would save, once that is found. */
	helps = $state.raw<Helps | undefined>();
	share = $state(0);
	running = $state(false);
	#worker: Worker | undefined;

	async begin(day: Day): Promise<void> {
		this.stop();
		this.best = undefined;
		this.helps = undefined;
		this.running = true;
		const { default: DayWorker } = await import('./day.worker?worker');
		if (!this.running) return;
		const worker = new DayWorker();
		const tries = triesFor(day);
		this.#worker = worker;
		worker.onmessage = ({ data }: MessageEvent<SearchTold>) => {
			if (this.#worker !== worker) return;
			if ('helps' in data) {
				this.helps = data.helps;
				this.stop();
				return;
			}
			this.best = { timetable: data.best, genes: data.genes };
			this.share = data.tried / tries;
			this.running = !data.done;
		};
		worker.postMessage({ day, tries } satisfies Asked);
	}

	/** Keep the best found so far. */
	stop(): void {
		this.#worker?.terminate();
		this.#worker = undefined;
		this.running = false;
	}
}
