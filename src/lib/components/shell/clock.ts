/** Elapsed time as a device tells it, ms: one that may stand still while it sleeps, one that may be set anew. */
export interface Elapsed {
	readonly awake: () => number;
	readonly wall: () => number;
}

const device: Elapsed = { awake: () => performance.now(), wall: () => Date.now() };

/** The wall runs ahead by more than this only where the device slept. */
const slept_ms = 2000;

/** What was heard, kept for a page that comes back without the server. */
export interface Memory {
	readonly getItem: (key: string) => string | null;
	readonly setItem: (key: string, value: string) => void;
}
const key = 'ashdrift-clock';

/**
 * The server's time on this device: what it last told, and what has passed here since. What o'clock the device has
 * is never asked; how long it slept is, since its other clock stands still then.
 */
export class ServerClock {
	#told_ms = 0;
	#heard = { awake: 0, wall: 0 };
	/** Only remembered: the device's own clock stands between. */
	isRecalled = false;

	constructor(
		readonly passed: Elapsed = device,
		readonly memory: () => Memory | undefined = () => undefined
	) {}

	/** The server's time has just come with a page. */
	hear(now_ms: number): void {
		this.#told_ms = now_ms;
		this.#heard = { awake: this.passed.awake(), wall: this.passed.wall() };
		this.isRecalled = false;
		this.memory()?.setItem(key, `${now_ms} ${this.#heard.wall}`);
	}

	/** A page that the device kept tells an old time: what was heard last goes on by the device's clock. */
	recall(): void {
		const [told_ms = NaN, wall = NaN] = (this.memory()?.getItem(key) ?? '').split(' ').map(Number);
		if (!Number.isFinite(told_ms) || !Number.isFinite(wall)) return;
		this.#told_ms = told_ms + Math.max(0, this.passed.wall() - wall);
		this.#heard = { awake: this.passed.awake(), wall: this.passed.wall() };
		this.isRecalled = true;
	}

	/** Now, ms. */
	now(): number {
		const awake = this.passed.awake() - this.#heard.awake;
		const wall = this.passed.wall() - this.#heard.wall;
		return this.#told_ms + (wall > awake + slept_ms ? wall : awake);
	}
}

/** Where the browser keeps nothing for this site, nothing is remembered. */
function memoryHere(): Memory | undefined {
	try {
		return typeof window === 'undefined' ? undefined : window.localStorage;
	} catch {
		return undefined;
	}
}

/** The clock of this browser. A page that is rendered on the server has the server's own. */
export const serverClock = new ServerClock(device, memoryHere);
