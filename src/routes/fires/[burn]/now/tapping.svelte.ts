import { invalidateAll } from '$app/navigation';
import {
	isPress,
	isRateWanted,
	pressOf,
	presses,
	type StageRow,
	type Told
} from '$lib/core/tending';
import type { ParseContext } from '$lib/core/units';
import { serverClock } from '$lib/components/shell/clock';
import { minutes } from '$lib/core/time';
import { tapLine } from '$lib/format/tending-words';
import { deviceActId, outbox, tellOthers } from '../../../device-outbox';
import { Asking } from './asking.svelte';
import { answersOf, askedOf, wordsFor, type Doubt } from './doubt';
import { keepAct, valuesIn } from './keeping';
import type { LiveFire } from './live-fire.svelte';

/** How figures are read comes once the page stands: nothing of it waits for that. */
export const figures = () => import('$lib/input/taps');

/** A tap that was just done may be taken back with one more for so long. */
const takeBackWithin_ms = minutes(1);
/** Another phone's taps are asked for so often. */
const ask_ms = 4000;

interface Fresh {
	readonly actId: string;
	readonly says: string;
	readonly at_ms: number;
}

/** What is done with the taps of a fire on this page. */
export class Taps {
	fresh = $state.raw<Fresh>();
	/** Something speaks against what was tapped, and it is asked. */
	doubt = $state.raw<Doubt>();
	/** The next tap was forgotten when it was done: so many minutes ago. */
	agoMin = $state(0);
	wrong = $state.raw<{ readonly is: string; readonly says: string }>();
	readonly asking: Asking;

	constructor(
		readonly live: LiveFire,
		readonly context: ParseContext
	) {
		this.asking = new Asking(live);
	}

	get isRateWanted(): boolean {
		return isRateWanted(this.live.fire.course, this.live.behind.hose_l_min);
	}

	/** The clock runs, and the books are asked; until the page is left. */
	begin(): () => void {
		const { live } = this;
		void live.recall().then(() => this.ask());
		void outbox.open();
		void figures();
		const tick = () => {
			live.now_ms = Math.max(serverClock.now(), live.now_ms);
			if (this.fresh && live.now_ms - this.fresh.at_ms > takeBackWithin_ms) this.fresh = undefined;
		};
		const clock = setInterval(tick, 1000);
		const asking = setInterval(() => void this.ask(), ask_ms);
		const wake = () => {
			tick();
			void this.ask();
		};
		document.addEventListener('visibilitychange', wake);
		window.addEventListener('online', wake);
		return () => {
			clearInterval(clock);
			clearInterval(asking);
			document.removeEventListener('visibilitychange', wake);
			window.removeEventListener('online', wake);
		};
	}

	/** Hear the books, and send what waits. */
	ask(): Promise<void> {
		return this.asking.ask();
	}

	/** A form of the page. */
	send(event: SubmitEvent): void {
		event.preventDefault();
		const form = event.currentTarget as HTMLFormElement;
		const values = valuesIn(form, event.submitter);
		const { tap = '' } = values;
		if (!isPress(tap)) return void this.#sendFigure(form, values);
		form.reset();
		this.tap(values, presses[tap].told);
	}

	/** A figure is read before it is shown. */
	async #sendFigure(
		form: HTMLFormElement,
		values: Readonly<Record<string, string>>
	): Promise<void> {
		const told = (await figures()).toldOfTap(values, this.context);
		this.wrong = undefined;
		if (!told) {
			this.wrong = {
				is: values.tap ?? '',
				says: 'That can’t be read as it stands. Like the example.'
			};
			return;
		}
		form.reset();
		form.closest('details.asked')?.removeAttribute('open');
		this.tap(values, told);
	}

	/** By its key. */
	key(event: KeyboardEvent, row: StageRow): void {
		const typing =
			event.target instanceof Element && event.target.closest('input, textarea, select');
		if (typing || event.ctrlKey || event.metaKey || event.altKey || event.repeat) return;
		const pressed = event.key.toLowerCase();
		if (pressed === 'backspace' && this.fresh) return void this.takeBack();
		const name = pressOf(pressed, [row.main ?? '', ...row.tiles, ...row.more]);
		if (!name) return;
		event.preventDefault();
		this.tap({ tap: name }, presses[name].told);
	}

	/** Something speaks against it: then it is asked first, here and without a connection. */
	tap(values: Readonly<Record<string, string>>, told: Told): void {
		const { fire } = this.live;
		const asked = askedOf(told, fire);
		if (!asked) return void this.#keep(values, told);
		const sure = answersOf(asked);
		const leave = { label: 'No, leave it', take: () => (this.doubt = undefined) };
		const mean = {
			label: 'It is so',
			take: () => {
				this.doubt = undefined;
				void this.#keep({ ...values, ...sure }, told);
			}
		};
		const fahrenheit =
			asked.code === 'hotter-than-fires'
				? [
						{
							label: 'It showed °F',
							take: async () => {
								const meant = { ...values, unit: 'F' };
								const again = (await figures()).toldOfTap(meant, this.context);
								this.doubt = undefined;
								if (again) this.tap(meant, again);
							}
						}
					]
				: [];
		this.doubt = {
			says: wordsFor(asked, this.context.system),
			ways: [...fahrenheit, mean, leave]
		};
	}

	async #keep(values: Readonly<Record<string, string>>, told: Told): Promise<void> {
		const { live } = this;
		const actId = deviceActId();
		const now_ms = serverClock.now();
		// Nothing is tapped of a fire before its match.
		const ago_ms = Math.min(minutes(this.agoMin), Math.max(0, now_ms - (live.lit_ms ?? now_ms)));
		this.agoMin = 0;
		const at_ms = now_ms - ago_ms;
		live.show(actId, at_ms, told);
		const shown = live.taps.find(({ id }) => id === actId);
		const says = shown ? tapLine(shown, live.fire.course.layers, this.context.system) : 'that tap';
		this.fresh = { actId, says, at_ms: now_ms };
		const kept = await keepAct(
			`/fires/${live.code}/now?/tap`,
			values,
			{ says: `${live.code}: ${says}`, about: live.code, shows: told },
			{ actId, ago_ms }
		);
		if (!kept) {
			live.hide(actId);
			this.fresh = undefined;
			this.wrong = {
				is: values.tap ?? '',
				says: 'This phone can’t keep it: it is not written down.'
			};
		}
		await this.ask();
	}

	/** The last one, within its minute. */
	async takeBack(): Promise<void> {
		const { fresh } = this;
		this.fresh = undefined;
		if (fresh) await this.undo(fresh.actId, fresh.says);
	}

	/** One that is not sent is dropped; one that was on its way is reversed. */
	async undo(act: string, says: string): Promise<void> {
		const { live } = this;
		const waits = outbox.waiting.find(({ actId }) => actId === act);
		live.hide(act);
		if (waits && !waits.isTried) {
			await outbox.drop(act);
			tellOthers();
			return;
		}
		await keepAct(
			`/fires/${live.code}/now?/undo`,
			{ act },
			{
				says: `${live.code}: take back ${says}`,
				about: live.code,
				restsOn: [act],
				shows: { is: 'undo', act }
			}
		);
		await this.ask();
	}

	/** The match. */
	async light(event: SubmitEvent): Promise<void> {
		event.preventDefault();
		await keepAct(
			`/fires/${this.live.code}/now?/light`,
			{},
			{ says: `${this.live.code}: lit`, about: this.live.code, shows: { is: 'lit' } }
		);
		await this.ask();
	}

	/** A walk around it, place by place. */
	async check(event: SubmitEvent): Promise<void> {
		event.preventDefault();
		const form = event.currentTarget as HTMLFormElement;
		await keepAct(`/fires/${this.live.code}/now?/check`, valuesIn(form), {
			says: `${this.live.code}: checked`,
			about: this.live.code,
			shows: { is: 'check' }
		});
		form.reset();
		await this.ask();
		if (!this.asking.isCutOff) await invalidateAll();
	}
}

export const tapping = (live: LiveFire, context: ParseContext): Taps => new Taps(live, context);
