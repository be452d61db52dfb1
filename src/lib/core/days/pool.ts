/** A span of minutes. */
export interface Use {
	readonly from: number;
	readonly to: number;
}

/** A resource of so many alike, in use over spans of minutes. */
export class Pool {
	readonly #uses: Use[] = [];
	constructor(readonly size: number) {}

	/** Whether one more may be used over a span. */
	isFree({ from, to }: Use): boolean {
		if (this.#uses.length < this.size) return true;
		let crossing = 0;
		for (const use of this.#uses) if (use.from < to && from < use.to) crossing += 1;
		if (crossing < this.size) return true;
		if (this.size === 1) return false;
		// The most in use at once is reached where one of them begins.
		if (this.#inUse(from) >= this.size) return false;
		return this.#uses.every(
			({ from: at }) => at <= from || at >= to || this.#inUse(at) < this.size
		);
	}

	#inUse(at: number): number {
		let count = 0;
		for (const use of this.#uses) if (use.from <= at && at < use.to) count += 1;
		return count;
	}

	take(use: Use): void {
		this.#uses.push(use);
	}

	/** Minutes at which something ends: where room may come; and begins, where one waits on purpose. */
	edges(both: boolean): number[] {
		return both ? this.#uses.flatMap(({ from, to }) => [from, to]) : this.#uses.map(({ to }) => to);
	}
}
