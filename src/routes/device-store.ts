import type { IDBPDatabase } from 'idb';
import { days } from '$lib/core/time';
import type { Store, Waiting } from './outbox.svelte';

/** What this device keeps by itself, without the server. */
interface Kept {
	/** Acts that wait, by the number they came with. */
	readonly waiting: { key: number; value: Waiting & { n?: number }; indexes: { actId: string } };
	/** Of a page, what it was told last and when, by its address. */
	readonly told: { key: string; value: { told: unknown; at_ms: number } };
}

const name = 'ashdrift';
const before = 'ashdrift-outbox';
let opening: Promise<IDBPDatabase<Kept> | undefined> | undefined;

/** Undefined where the device keeps nothing for this site. */
const device = (): Promise<IDBPDatabase<Kept> | undefined> => (opening ??= open());

async function open(): Promise<IDBPDatabase<Kept> | undefined> {
	if (typeof indexedDB === 'undefined') return undefined;
	try {
		// Once the page stands: nothing of it waits for this.
		const { openDB } = await import('idb');
		const db = await openDB<Kept>(name, 1, {
			upgrade: (fresh) => {
				const waiting = fresh.createObjectStore('waiting', { keyPath: 'n', autoIncrement: true });
				waiting.createIndex('actId', 'actId', { unique: true });
				fresh.createObjectStore('told');
			},
			// A page of a later program wants it otherwise: this one lets go of it.
			blocking: () => void device().then((held) => held?.close()),
			terminated: () => (opening = undefined)
		});
		await takeOver(db);
		return db;
	} catch (failure) {
		if (failure instanceof DOMException) return undefined;
		throw failure;
	}
}

/** Lines that an earlier program kept elsewhere on this device. */
async function takeOver(db: IDBPDatabase<Kept>): Promise<void> {
	const text = localStorage.getItem(before);
	if (text === null) return;
	for (const line of linesIn(text)) await db.put('waiting', line);
	localStorage.removeItem(before);
}

function linesIn(text: string): readonly Waiting[] {
	try {
		const kept: unknown = JSON.parse(text);
		return (Array.isArray(kept) ? (kept as Readonly<Record<string, unknown>>[]) : []).flatMap(
			({ actId, line, written_ms }) =>
				typeof actId === 'string' && typeof line === 'string'
					? [lineWaiting(actId, line, Number(written_ms))]
					: []
		);
	} catch (failure) {
		if (failure instanceof SyntaxError) return [];
		throw failure;
	}
}

/** A line of the log as it waits. */
export const lineWaiting = (actId: string, line: string, done_ms: number): Waiting => ({
	actId,
	action: '/log?/write',
	values: { line },
	says: line,
	done_ms,
	momentIn: 'writtenAt',
	mend: `/log?line=${encodeURIComponent(line)}`
});

/** The room for pages may be full, or closed to this one: then the page says so. */
async function trying<T>(work: (db: IDBPDatabase<Kept>) => Promise<T>, none: T): Promise<T> {
	const db = await device();
	if (!db) return none;
	try {
		return await work(db);
	} catch (failure) {
		if (failure instanceof DOMException) return none;
		throw failure;
	}
}

export const waitingStore: Store = {
	all: () => trying((db) => db.getAll('waiting'), []),
	put: (entry) =>
		trying(async (db) => {
			const known = await db.getKeyFromIndex('waiting', 'actId', entry.actId);
			await db.put('waiting', known === undefined ? entry : { ...entry, n: known });
			return true;
		}, false),
	drop: (actId) =>
		trying(async (db) => {
			const known = await db.getKeyFromIndex('waiting', 'actId', actId);
			if (known !== undefined) await db.delete('waiting', known);
		}, undefined)
};

/** A fire is long out by then. */
const toldFor_ms = days(3);

/** What a page was told last, for when it comes back with nothing but the device. */
export const lastTold = {
	keep: (page: string, told: unknown) =>
		trying(async (db) => void (await db.put('told', { told, at_ms: Date.now() }, page)), undefined),
	of: (page: string): Promise<unknown> =>
		trying(async (db) => {
			for (const other of await db.getAllKeys('told')) {
				const at_ms = (await db.get('told', other))?.at_ms ?? 0;
				if (other !== page && Date.now() - at_ms > toldFor_ms) await db.delete('told', other);
			}
			return (await db.get('told', page))?.told;
		}, undefined)
};
