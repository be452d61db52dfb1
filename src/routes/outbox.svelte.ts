/** A line that waits on this device for a connection. */
export interface WaitingLine {
	/** Made here once: sent again it is the same act. */
	readonly actId: string;
	readonly line: string;
	/** By the server's clock, as far as this device knows it. */
	readonly written_ms: number;
	/** Why the books refused it; the person decides what becomes of it. */
	readonly says?: string;
}

export type Sent =
	| { readonly status: 'written' }
	| { readonly status: 'refused'; readonly says: string }
	/** The session of this device is over: it waits until somebody logs in. */
	| { readonly status: 'logged-out' }
	/** Nobody answered, or something that is not these books. */
	| { readonly status: 'unreached' };

export type Send = (waiting: WaitingLine) => Promise<Sent>;
type Store = Pick<Storage, 'getItem' | 'setItem' | 'removeItem'>;

const key = 'ashdrift-outbox';
const most = 200;

/** Lines written without a connection: kept by the device until the books have them. */
export class Outbox {
	waiting = $state<readonly WaitingLine[]>([]);
	/** Nobody is logged in on this device. */
	isLoggedOut = $state(false);
	#busy = false;

	constructor(
		readonly store: () => Store | undefined,
		readonly send: Send
	) {}

	/** Read what this device kept, by this page or another. */
	open(): void {
		this.waiting = readKept(this.store()?.getItem(key) ?? null);
	}

	/** @returns whether the device could keep it */
	keep(entry: WaitingLine): boolean {
		this.open();
		if (this.waiting.length >= most) return false;
		return this.#put([...this.waiting.filter(({ actId }) => actId !== entry.actId), entry]);
	}

	drop(actId: string): void {
		this.open();
		this.#put(this.waiting.filter((entry) => entry.actId !== actId));
	}

	/** Send what waits, oldest first; stop where nobody answers. Returns how many were written. */
	async flush(): Promise<number> {
		if (this.#busy) return 0;
		this.#busy = true;
		let written = 0;
		try {
			this.open();
			for (const entry of this.waiting.filter(({ says }) => says === undefined)) {
				const sent = await this.send(entry);
				this.isLoggedOut = sent.status === 'logged-out';
				if (sent.status === 'unreached' || sent.status === 'logged-out') break;
				if (sent.status === 'written') {
					written += 1;
					this.drop(entry.actId);
				} else
					this.#put(
						this.waiting.map((w) => (w.actId === entry.actId ? { ...w, ...saying(sent) } : w))
					);
			}
		} finally {
			this.#busy = false;
		}
		return written;
	}

	#put(entries: readonly WaitingLine[]): boolean {
		const store = this.store();
		try {
			if (entries.length === 0) store?.removeItem(key);
			else store?.setItem(key, JSON.stringify(entries));
		} catch (error) {
			// The device's room for pages is full, or closed to this one.
			if (!(error instanceof DOMException)) throw error;
			return false;
		}
		this.waiting = entries;
		return store !== undefined;
	}
}

const saying = ({ says }: Sent & { status: 'refused' }) => ({ says });

function readKept(text: string | null): readonly WaitingLine[] {
	if (text === null) return [];
	try {
		const kept: unknown = JSON.parse(text);
		return Array.isArray(kept) ? kept.filter(isWaiting) : [];
	} catch (error) {
		if (error instanceof SyntaxError) return [];
		throw error;
	}
}

const isWaiting = (entry: unknown): entry is WaitingLine =>
	typeof entry === 'object' &&
	entry !== null &&
	'actId' in entry &&
	typeof entry.actId === 'string' &&
	'line' in entry &&
	typeof entry.line === 'string' &&
	'written_ms' in entry &&
	typeof entry.written_ms === 'number';
