/** An act that waits on this device for a connection: what its form would have sent, and where to. */
export interface Waiting {
	/** Made here once: sent again it is the same act. */
	readonly actId: string;
	/** The form it goes to: a path with the name of its action. */
	readonly action: string;
	readonly values: Readonly<Record<string, string>>;
	/** In words, for who waits. */
	readonly says: string;
	/** When it was done, by the server's clock as far as this device knows it. */
	readonly done_ms: number;
	/** The field in which that moment is told. */
	readonly momentIn: 'doneAt' | 'writtenAt';
	/** The device's own clock then, where the server's was only remembered: told anew once it is heard. */
	readonly wall_ms?: number;
	/** Acts that must be written first. */
	readonly restsOn?: readonly string[];
	/** What it is about, as pages name it. */
	readonly about?: string;
	/** What its page shows of it while it waits. */
	readonly shows?: unknown;
	/** A page on which it can be put right. */
	readonly mend?: string;
	/** It was on its way at least once: from then on not a letter of it changes. */
	readonly isTried?: boolean;
	/** Why the books refused it; the person decides what becomes of it. */
	readonly refused?: Refused;
}

export interface Refused {
	readonly says: string;
	/** Keys of what speaks against it: a reason answers them. */
	readonly asks: readonly string[];
}

export type Sent =
	| { readonly status: 'written' }
	| ({ readonly status: 'refused' } & Refused)
	/** The session of this device is over: it waits until somebody logs in. */
	| { readonly status: 'logged-out' }
	/** Nobody answered, or something that is not these books. */
	| { readonly status: 'unreached' };

export type Send = (waiting: Waiting) => Promise<Sent>;

/** What the device keeps, in the order in which it was put there. */
export interface Store {
	readonly all: () => Promise<readonly Waiting[]>;
	/** @returns whether the device could keep it */
	readonly put: (entry: Waiting) => Promise<boolean>;
	readonly drop: (actId: string) => Promise<void>;
}

const most = 500;

/** Acts done without a connection: kept by the device until the books have them. */
export class Outbox {
	waiting = $state.raw<readonly Waiting[]>([]);
	/** Nobody is logged in on this device. */
	isLoggedOut = $state(false);
	#busy = false;
	/** Shown, and on their way into what the device keeps. */
	#keeping: readonly Waiting[] = [];

	constructor(
		readonly store: Store,
		readonly send: Send,
		/** Runs a piece of work while no other page of this device does. */
		readonly alone: (work: () => Promise<number>) => Promise<number> = (work) => work(),
		/** What of a remembered moment is known better by now. */
		readonly moment: (entry: Waiting) => number = ({ done_ms }) => done_ms
	) {}

	/** Read what this device kept, by this page or another. */
	async open(): Promise<void> {
		const kept = await this.store.all();
		const shown = kept.map(({ actId }) => actId);
		this.waiting = [...kept, ...this.#keeping.filter(({ actId }) => !shown.includes(actId))];
	}

	/** Shown at once, kept right after. @returns whether the device could keep it */
	async keep(entry: Waiting): Promise<boolean> {
		if (this.waiting.length >= most) return false;
		this.#show(entry);
		this.#keeping = [...this.#keeping, entry];
		const isKept = await this.store.put(entry);
		this.#keeping = this.#keeping.filter((one) => one !== entry);
		if (!isKept) this.#hide(entry.actId);
		return isKept;
	}

	async drop(actId: string): Promise<void> {
		this.#hide(actId);
		await this.store.drop(actId);
	}

	/** Send a refused one again, with a reason for what spoke against it. */
	async answer(actId: string, reason: string): Promise<void> {
		const entry = this.waiting.find((one) => one.actId === actId);
		if (!entry?.refused) return;
		const { refused, ...again } = entry;
		const sure = Object.fromEntries(refused.asks.map((field) => [field, 'on']));
		await this.#change({ ...again, values: { ...entry.values, ...sure, reason } });
	}

	/** Send what waits, oldest first; stop where nobody answers. Returns how many were written. */
	async flush(): Promise<number> {
		if (this.#busy) return 0;
		this.#busy = true;
		try {
			return await this.alone(() => this.#sendAll());
		} finally {
			this.#busy = false;
		}
	}

	async #sendAll(): Promise<number> {
		let written = 0;
		await this.open();
		for (const { actId } of this.waiting) {
			// It may have been dropped, or what it rests on refused, while others were on their way.
			const entry = this.waiting.find((one) => one.actId === actId);
			if (!entry || !this.#mayGo(entry)) continue;
			const sent = await this.send(await this.#final(entry));
			this.isLoggedOut = sent.status === 'logged-out';
			if (sent.status === 'unreached' || sent.status === 'logged-out') break;
			if (sent.status === 'written') {
				written += 1;
				await this.drop(actId);
			} else {
				const { says, asks } = sent;
				await this.#change({ ...entry, refused: { says, asks } });
			}
		}
		return written;
	}

	#mayGo({ refused, restsOn = [] }: Waiting): boolean {
		return refused === undefined && !this.waiting.some(({ actId }) => restsOn.includes(actId));
	}

	/** Before it first goes out its moment is settled: sent twice it must be the same act. */
	async #final(entry: Waiting): Promise<Waiting> {
		if (entry.isTried) return entry;
		const final = { ...entry, done_ms: Math.round(this.moment(entry)), isTried: true };
		await this.#change(final);
		return final;
	}

	async #change(entry: Waiting): Promise<void> {
		this.waiting = this.waiting.map((one) => (one.actId === entry.actId ? entry : one));
		await this.store.put(entry);
	}

	#show(entry: Waiting): void {
		this.waiting = [...this.waiting.filter(({ actId }) => actId !== entry.actId), entry];
	}

	#hide(actId: string): void {
		this.waiting = this.waiting.filter((entry) => entry.actId !== actId);
	}
}
