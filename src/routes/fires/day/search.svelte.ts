import type { Day, Genes, Timetable } from '$lib/core/days';
import type { Asked, Told } from './day.worker';

/** Tries that fill two seconds on a slow machine, for a day of so many charges. */
const triesFor = (day: Day) => {
	const charges = day.barrels.reduce((sum, { rounds }) => sum + rounds, 0);
	return Math.round(Math.max(300, Math.min(6000, 24_000 / Math.max(1, charges))));
};

/** The search for a better timetable, off the page's own thread: begun anew when the day changes. */
export class DaySearch {
	best = $state.raw<{ timetable: Timetable; genes: Genes } | undefined>();
	share = $state(0);
	running = $state(false);
	#worker: Worker | undefined;

	async begin(day: Day): Promise<void> {
		this.stop();
		this.best = undefined;
		this.running = true;
		const { default: DayWorker } = await import('./day.worker?worker');
		if (!this.running) return;
		const worker = new DayWorker();
		const tries = triesFor(day);
		this.#worker = worker;
		worker.onmessage = ({ data }: MessageEvent<Told>) => {
			if (this.#worker !== worker) return;
			this.best = { timetable: data.best, genes: data.genes };
			this.share = data.done ? 1 : data.tried / tries;
			if (data.done) this.stop();
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
