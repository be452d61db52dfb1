import { describe, expect, it } from 'vitest';
import { lineWaiting } from './device-store';
import { Outbox, type Sent, type Store, type Waiting } from './outbox.svelte';

const line = (n: number, more: Partial<Waiting> = {}): Waiting => ({
	...lineWaiting(`device-${n}`, `note Mere 2 number ${n}`, 1000 * n),
	...more
});

/** A device with what it kept, and books that answer as told. */
function device(answers: Record<string, Sent> = {}) {
	const kept = new Map<string, Waiting>();
	let hasRoom = true;
	const store: Store = {
		all: () => Promise.resolve([...kept.values()]),
		put: (entry) => {
			if (hasRoom) kept.set(entry.actId, entry);
			return Promise.resolve(hasRoom);
		},
		drop: (actId) => Promise.resolve(void kept.delete(actId))
	};
	const asked: Waiting[] = [];
	const tab = (moment?: (entry: Waiting) => number) =>
		new Outbox(
			store,
			(waiting) => {
				asked.push(waiting);
				return Promise.resolve(answers[waiting.actId] ?? { status: 'written' });
			},
			undefined,
			moment
		);
	return { kept, asked, tab, answers, fill: () => (hasRoom = false) };
}
const codes = (list: readonly Waiting[]) => list.map(({ actId }) => actId);
const refused: Sent = { status: 'refused', says: 'C1 holds only 50 L.', asks: [] };

describe('the outbox of a device', () => {
	it('keeps acts over a new page, and is empty once all are written', async () => {
		const { tab, kept, asked } = device();
		const outbox = tab();
		expect([await outbox.keep(line(1)), await outbox.keep(line(2))]).toEqual([true, true]);
		const later = tab();
		await later.open();
		expect(later.waiting).toEqual([line(1), line(2)]);
		expect(await later.flush()).toBe(2);
		expect(codes(asked)).toEqual(['device-1', 'device-2']);
		expect([later.waiting.length, kept.size]).toEqual([0, 0]);
	});

	it('shows at once what it is still keeping, and keeps twice the same once', async () => {
		const outbox = device().tab();
		const keeping = outbox.keep(line(1));
		expect(codes(outbox.waiting)).toEqual(['device-1']);
		await keeping;
		await outbox.keep(line(1));
		expect(codes(outbox.waiting)).toEqual(['device-1']);
	});

	it('does not lose sight of one that is still being kept while what waits is read anew', async () => {
		const { kept, tab } = device();
		const outbox = tab();
		const { put } = outbox.store;
		let go = () => {};
		Object.assign(outbox.store, {
			put: async (entry: Waiting) => {
				await new Promise<void>((done) => (go = done));
				return put(entry);
			}
		});
		const keeping = outbox.keep(line(1));
		await outbox.open();
		expect([codes(outbox.waiting), kept.size]).toEqual([['device-1'], 0]);
		go();
		await keeping;
		await outbox.open();
		expect(codes(outbox.waiting)).toEqual(['device-1']);
	});

	it('stops where nobody answers, and goes on from there in order', async () => {
		const { tab, asked, answers } = device({ 'device-2': { status: 'unreached' } });
		const outbox = tab();
		for (const n of [1, 2, 3]) await outbox.keep(line(n));
		expect(await outbox.flush()).toBe(1);
		expect(codes(outbox.waiting)).toEqual(['device-2', 'device-3']);
		answers['device-2'] = { status: 'written' };
		expect(await outbox.flush()).toBe(2);
		expect(codes(asked)).toEqual(['device-1', 'device-2', 'device-2', 'device-3']);
		expect(outbox.waiting).toEqual([]);
	});

	it('keeps what the books refuse, with why, and it blocks only what rests on it', async () => {
		const { tab, asked, answers } = device({ 'device-1': refused });
		const outbox = tab();
		await outbox.keep(line(1));
		await outbox.keep(line(2, { restsOn: ['device-1'] }));
		await outbox.keep(line(3));
		expect(await outbox.flush()).toBe(1);
		expect(codes(outbox.waiting)).toEqual(['device-1', 'device-2']);
		const reloaded = tab();
		await reloaded.open();
		expect(reloaded.waiting[0]?.refused).toEqual({ says: 'C1 holds only 50 L.', asks: [] });
		await reloaded.flush();
		expect(codes(asked)).toEqual(['device-1', 'device-3']);
		answers['device-1'] = { status: 'written' };
		await reloaded.drop('device-1');
		expect(await reloaded.flush()).toBe(1);
	});

	it('sends one again with the reason that was asked', async () => {
		const asks = ['why-shut-while-gassing'];
		const { tab, asked, answers } = device({ 'device-1': { ...refused, asks } });
		const outbox = tab();
		await outbox.keep(line(1));
		await outbox.flush();
		answers['device-1'] = { status: 'written' };
		await outbox.answer('device-1', 'its wall had split');
		expect(await outbox.flush()).toBe(1);
		expect(asked.at(-1)?.values).toMatchObject({
			'why-shut-while-gassing': 'on',
			reason: 'its wall had split'
		});
	});

	it('says “log in” where the session is over, and keeps everything', async () => {
		const { tab, answers } = device({ 'device-1': { status: 'logged-out' } });
		const outbox = tab();
		await outbox.keep(line(1));
		await outbox.flush();
		expect([outbox.isLoggedOut, outbox.waiting.length]).toEqual([true, 1]);
		answers['device-1'] = { status: 'written' };
		await outbox.flush();
		expect([outbox.isLoggedOut, outbox.waiting.length]).toEqual([false, 0]);
	});

	it('settles the moment of an act when it first goes out, and never again', async () => {
		const { tab, asked, answers } = device({ 'device-1': { status: 'unreached' } });
		let known = 5000;
		const outbox = tab(() => known);
		await outbox.keep(line(1, { wall_ms: 1 }));
		await outbox.flush();
		known = 9000;
		answers['device-1'] = { status: 'written' };
		await outbox.flush();
		expect(asked.map(({ done_ms }) => done_ms)).toEqual([5000, 5000]);
	});

	it('loses nothing that another tab kept meanwhile, and sends each once', async () => {
		const { tab, asked } = device();
		const [one, two] = [tab(), tab()];
		await one.keep(line(1));
		await two.keep(line(2));
		await one.keep(line(3));
		await two.flush();
		expect(await Promise.all([one.flush(), one.flush()])).toEqual([0, 0]);
		expect(codes(asked)).toEqual(['device-1', 'device-2', 'device-3']);
		expect(one.waiting).toEqual([]);
	});

	it('says so where the device has no room, and keeps what it had', async () => {
		const { fill, tab } = device();
		const outbox = tab();
		await outbox.keep(line(1));
		fill();
		expect(await outbox.keep(line(2))).toBe(false);
		expect(codes(outbox.waiting)).toEqual(['device-1']);
	});
});
