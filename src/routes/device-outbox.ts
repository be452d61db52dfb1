import { browser } from '$app/environment';
import { deserialize } from '$app/forms';
import { Outbox, type Send } from './outbox.svelte';

/** An id for an act made on this device; also where the page is not served securely. */
export function deviceActId(): string {
	const bytes = crypto.getRandomValues(new Uint8Array(16));
	return `device-${Array.from(bytes, (byte) => byte.toString(16).padStart(2, '0')).join('')}`;
}

/** Send one to the log as its form would. */
export const sendLine: Send = async ({ actId, line, written_ms }) => {
	const body = new URLSearchParams({ actId, line, writtenAt: String(Math.round(written_ms)) });
	try {
		const answer = await fetch('/log?/write', {
			method: 'POST',
			headers: { accept: 'application/json', 'x-sveltekit-action': 'true' },
			body
		});
		if (answer.status === 401 || answer.status === 429) return { status: 'logged-out' };
		const result = deserialize(await answer.text());
		if (result.type === 'redirect') return { status: 'written' };
		if (result.type === 'failure')
			return { status: 'refused', says: String(result.data?.says ?? 'It was refused.') };
		return { status: 'unreached' };
	} catch (error) {
		if (error instanceof Error) return { status: 'unreached' };
		throw error;
	}
};

/** The one outbox of this device: every page and dialog keeps and sends the same lines. */
export const outbox = new Outbox(() => (browser ? window.localStorage : undefined), sendLine);
