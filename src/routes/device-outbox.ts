import { browser } from '$app/environment';
import { deserialize } from '$app/forms';
import { serverClock } from '$lib/components/shell/clock';
import { waitingStore } from './device-store';

export { lineWaiting } from './device-store';
import { Outbox, type Send, type Waiting } from './outbox.svelte';

/** An id for an act made on this device; also where the page is not served securely. */
export function deviceActId(): string {
	const bytes = crypto.getRandomValues(new Uint8Array(16));
	return `device-${Array.from(bytes, (byte) => byte.toString(16).padStart(2, '0')).join('')}`;
}

/** Send one as its form would. */
export const sendWaiting: Send = async ({ actId, action, values, done_ms, momentIn }) => {
	const body = new URLSearchParams({ ...values, actId, [momentIn]: String(Math.round(done_ms)) });
	try {
		const answer = await fetch(action, {
			method: 'POST',
			headers: { accept: 'application/json', 'x-sveltekit-action': 'true' },
			body
		});
		if (answer.status === 401 || answer.status === 429) return { status: 'logged-out' };
		const result = deserialize(await answer.text());
		if (result.type === 'redirect') return { status: 'written' };
		if (result.type === 'failure') return refusalIn(result.data ?? {});
		return { status: 'unreached' };
	} catch (error) {
		if (error instanceof Error) return { status: 'unreached' };
		throw error;
	}
};

/** A failure tells its words whole, or field by field. */
function refusalIn({ says, errors }: Readonly<Record<string, unknown>>) {
	const byField = Object.entries((errors ?? {}) as Readonly<Record<string, string>>);
	const told = typeof says === 'string' ? says : byField.map(([, words]) => words).join(' ');
	return {
		status: 'refused' as const,
		says: told || 'It was refused.',
		asks: byField.map(([field]) => field).filter((field) => /^(why|sure)-/.test(field))
	};
}

/** Two tabs of one device never send at once; where the browser can't say so the books tell doubles apart. */
const alone = (work: () => Promise<number>): Promise<number> =>
	'locks' in navigator
		? navigator.locks.request('ashdrift-outbox', { ifAvailable: true }, (lock) =>
				lock ? work() : 0
			)
		: work();

/** A moment that was told by a remembered clock, once the server's was heard again. */
const moment = ({ done_ms, wall_ms }: Waiting): number =>
	wall_ms === undefined || serverClock.isRecalled
		? done_ms
		: serverClock.now() - (Date.now() - wall_ms);

/** The one outbox of this device: every page and dialog keeps and sends the same acts. */
export const outbox = new Outbox(waitingStore, sendWaiting, alone, moment);

/** Done just now, or so long ago, by the clock of the server as this device has it. */
export const doneNow = (ago_ms = 0): Pick<Waiting, 'done_ms' | 'wall_ms'> => ({
	done_ms: serverClock.now() - ago_ms,
	...(serverClock.isRecalled ? { wall_ms: Date.now() - ago_ms } : {})
});

/** What one tab keeps or sends the others show. */
const others =
	browser && 'BroadcastChannel' in window ? new BroadcastChannel('ashdrift') : undefined;
others?.addEventListener('message', () => void outbox.open());
export const tellOthers = (): void => others?.postMessage('outbox');
