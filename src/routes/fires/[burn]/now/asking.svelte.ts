import { serverClock } from '$lib/components/shell/clock';
import { outbox, tellOthers } from '../../../device-outbox';
import type { LiveFire } from './live-fire.svelte';
import { isTold } from './told';

/** What passes between this phone and the books. */
export class Asking {
	/** Nobody answers. */
	isCutOff = $state(false);
	#asking = false;

	constructor(readonly live: LiveFire) {}

	/** Hear the books, then send what waits, then hear what they made of it. */
	async ask(): Promise<void> {
		if (this.#asking || document.visibilityState === 'hidden') return;
		this.#asking = true;
		try {
			await this.#hear();
			if (this.isCutOff || outbox.waiting.length === 0) return;
			if ((await outbox.flush()) === 0) return;
			tellOthers();
			await this.#hear();
		} finally {
			this.#asking = false;
		}
	}

	async #hear(): Promise<void> {
		const known = this.live.atHome();
		try {
			const answer = await fetch(`/fires/${this.live.code}/now/told`, {
				headers: { accept: 'application/json' }
			});
			outbox.isLoggedOut = answer.status === 401;
			this.isCutOff = !answer.ok && answer.status !== 401;
			if (!answer.ok) return;
			const told: unknown = await answer.json();
			if (!isTold(told)) return;
			serverClock.hear(told.now_ms);
			this.live.hear(told, known);
		} catch (failure) {
			if (!(failure instanceof Error)) throw failure;
			this.isCutOff = true;
		}
	}
}
