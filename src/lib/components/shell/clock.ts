/** Elapsed time as a device tells it, ms: one that may stand still while it sleeps, one that may be set anew. */
export interface Elapsed {
	readonly awake: () => number;
	readonly wall: () => number;
}

const device: Elapsed = { awake: () => performance.now(), wall: () => Date.now() };

/** The wall runs ahead by more than this only where the device slept. */
const slept_ms = 2000;

/**
 * The server's time on this device: what it last told, and what has passed here since. What o'clock the device has
 * is never asked; how long it slept is, since its other clock stands still then.
 */
export class ServerClock {
	#told_ms = 0;
	#heard = { awake: 0, wall: 0 };

	constructor(readonly passed: Elapsed = device) {}

	/** The server's time has just come with a page. */
	hear(now_ms: number): void {
		this.#told_ms = now_ms;
		this.#heard = { awake: this.passed.awake(), wall: this.passed.wall() };
	}

	/** Now, ms. */
	now(): number {
		const awake = this.passed.awake() - this.#heard.awake;
		const wall = this.passed.wall() - this.#heard.wall;
		return this.#told_ms + (wall > awake + slept_ms ? wall : awake);
	}
}

/** The clock of this browser. A page that is rendered on the server has the server's own. */
export const serverClock = new ServerClock();
