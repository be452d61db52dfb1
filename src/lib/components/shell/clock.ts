/**
 * The server's time on this device: what it last told, and what has passed here since. The device's
 * own clock may be wrong and is never asked.
 */
export class ServerClock {
	#told_ms = 0;
	#heard = 0;

	constructor(readonly passed: () => number = () => performance.now()) {}

	/** The server's time has just come with a page. */
	hear(now_ms: number): void {
		this.#told_ms = now_ms;
		this.#heard = this.passed();
	}

	/** Now, ms. */
	now(): number {
		return this.#told_ms + (this.passed() - this.#heard);
	}
}

/** The clock of this browser. A page that is rendered on the server has the server's own. */
export const serverClock = new ServerClock();
