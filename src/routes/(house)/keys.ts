import { path } from '$lib/components/shell/path';

/** What a key asks for, on any page. */
export type Wish =
	{ readonly kind: 'log' | 'search' | 'keys' } | { readonly kind: 'go'; readonly href: string };

const rooms = new Map(path.map(({ key, href }) => [key, href]));

/** A `g` waits this long for the room it goes to. */
const patience_ms = 1500;

/** Reads single keys, `g` and a room as two; keys typed into a field or with a modifier mean nothing here. */
export function keyReader() {
	let went_ms = -Infinity;
	return (event: KeyboardEvent): Wish | undefined => {
		if (event.ctrlKey || event.metaKey || event.altKey || isTyping(event.target)) return undefined;
		const room = event.timeStamp - went_ms < patience_ms ? rooms.get(event.key) : undefined;
		went_ms = event.key === 'g' ? event.timeStamp : -Infinity;
		if (room !== undefined) return { kind: 'go', href: room };
		if (event.key === 'l') return { kind: 'log' };
		if (event.key === '/') return { kind: 'search' };
		return event.key === '?' ? { kind: 'keys' } : undefined;
	};
}

function isTyping(target: EventTarget | null): boolean {
	return (
		target instanceof HTMLElement &&
		(target.isContentEditable ||
			target.closest(
				'input:not([type=checkbox]):not([type=radio]), textarea, select, dialog[open]'
			) !== null)
	);
}
