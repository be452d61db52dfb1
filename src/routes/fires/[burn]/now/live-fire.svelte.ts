import { fireAt, type FireBehind, type FireNow, type Tap, type Told } from '$lib/core/tending';
import { outbox } from '../../../device-outbox';
import { lastTold } from '../../../device-store';
import { isTold, type FireTold } from './told';

/** Of what waits: what was tapped, or what it takes back, that the fire is lit, that it was walked around. */
export type Shows =
	Told | { readonly is: 'undo'; readonly act: string } | { readonly is: 'lit' | 'check' };

/** How fine a fire is reckoned while nothing is tapped. */
const grain_ms = 5000;

/**
 * A fire as this phone sees it: what the books told last, and over it what was tapped here and is not at home yet, or
 * is at home and was not told back.
 */
export class LiveFire {
	told = $state.raw<FireTold>() as FireTold;
	/** Tapped on this page, by the id of the act: shown until the books tell it back. */
	#mine = $state.raw<readonly Tap[]>([]);
	now_ms = $state(0);
	#coarse_ms = $derived(this.now_ms - (this.now_ms % grain_ms));

	constructor(
		readonly code: string,
		readonly behind: FireBehind,
		told: FireTold,
		readonly person: string
	) {
		this.told = told;
		this.now_ms = told.now_ms;
	}

	readonly waiting = $derived(outbox.waiting.filter(({ about }) => about === this.code));
	readonly #unsent = $derived(
		this.waiting.flatMap(({ actId, done_ms, shows, refused }) =>
			refused ? [] : [{ id: actId, at_ms: done_ms, shows: shows as Shows }]
		)
	);
	readonly #undone = $derived(
		this.#unsent.flatMap(({ shows }) => (shows.is === 'undo' ? [shows.act] : []))
	);
	readonly lit_ms = $derived(
		this.told.lit?.at_ms ?? this.#unsent.find(({ shows }) => shows.is === 'lit')?.at_ms
	);
	readonly taps = $derived.by((): readonly Tap[] => {
		const told = this.told.taps.map(({ id }) => id);
		const waits = this.#unsent.flatMap(({ id, at_ms, shows }) =>
			shows.is === 'undo' || shows.is === 'lit' || shows.is === 'check' || told.includes(id)
				? []
				: [{ ...shows, id, at_ms, person: this.person } as Tap]
		);
		const shown = [...told, ...this.waiting.map(({ actId }) => actId)];
		const mine = this.#mine.filter(({ id }) => !shown.includes(id));
		return [...this.told.taps, ...mine, ...waits].filter(({ id }) => !this.#undone.includes(id));
	});
	readonly fire = $derived.by((): FireNow =>
		fireAt(this.behind, this.taps, this.lit_ms, Math.max(this.#coarse_ms, this.#newest))
	);
	/** A tap is never later than the moment it is looked at. */
	get #newest(): number {
		return this.taps.reduce((newest, { at_ms }) => Math.max(newest, at_ms), 0);
	}

	/** It was tapped here. */
	show(id: string, at_ms: number, told: Told): void {
		this.#mine = [...this.#mine, { ...told, id, at_ms, person: this.person } as Tap];
		this.now_ms = Math.max(this.now_ms, at_ms);
	}

	hide(id: string): void {
		this.#mine = this.#mine.filter((tap) => tap.id !== id);
	}

	/** Those that are at home by now: what the books tell from here on knows of them. */
	atHome(): readonly string[] {
		const waits = outbox.waiting.map(({ actId }) => actId);
		return this.#mine.flatMap(({ id }) => (waits.includes(id) ? [] : [id]));
	}

	/** The books have told. @param known what was at home when they were asked */
	hear(told: FireTold, known: readonly string[]): void {
		this.told = told;
		this.#mine = this.#mine.filter(({ id }) => !known.includes(id));
		void lastTold.keep(this.#page, told);
	}

	/** What this device was told last, where that is more than its page knows. */
	async recall(): Promise<void> {
		const told = await lastTold.of(this.#page);
		if (isTold(told) && told.now_ms > this.told.now_ms) this.told = told;
	}

	get #page(): string {
		return `/fires/${this.code}/now`;
	}
}
