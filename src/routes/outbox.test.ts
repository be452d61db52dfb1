import { describe, expect, it } from 'vitest';
import { Outbox, type Sent, type WaitingLine } from './outbox.svelte';

const line = (n: number): WaitingLine => ({
	actId: `device-${n}`,
	line: `note Mere 2 number ${n}`,
	written_ms: 1000 * n
});

function device(answers: Record<string, Sent> = {}) {
	const kept = new Map<string, string>();
	const store = {
		getItem: (key: string) => kept.get(key) ?? null,
		setItem: (key: string, value: string) => void kept.set(key, value),
		removeItem: (key: string) => void kept.delete(key)
	};
	const asked: string[] = [];
	const tab = () =>
		new Outbox(
			() => store,
			(waiting) => {
				asked.push(waiting.actId);
				return Promise.resolve(answers[waiting.actId] ?? { status: 'written' });
			}
		);
	return { store, kept, asked, tab, answers };
}
const codes = (outbox: Outbox) => outbox.waiting.map(({ actId }) => actId);

describe('the outbox of a device', () => {
	it('keeps lines over a new page, and is empty once all are written', async () => {
		const { tab, kept, asked } = device();
		const outbox = tab();
		expect([outbox.keep(line(1)), outbox.keep(line(2))]).toEqual([true, true]);
		const later = tab();
		later.open();
		expect(later.waiting).toEqual([line(1), line(2)]);
		expect(await later.flush()).toBe(2);
		expect(asked).toEqual(['device-1', 'device-2']);
		expect([later.waiting.length, kept.size]).toEqual([0, 0]);
	});

	it('keeps a line sent twice once', () => {
		const outbox = device().tab();
		outbox.keep(line(1));
		outbox.keep(line(1));
		expect(codes(outbox)).toEqual(['device-1']);
	});

	it('stops where nobody answers, and goes on from there', async () => {
		const { tab, asked, answers } = device({ 'device-2': { status: 'unreached' } });
		const outbox = tab();
		for (const n of [1, 2, 3]) outbox.keep(line(n));
		expect(await outbox.flush()).toBe(1);
		expect(codes(outbox)).toEqual(['device-2', 'device-3']);
		expect(asked).toEqual(['device-1', 'device-2']);
		answers['device-2'] = { status: 'written' };
		expect(await outbox.flush()).toBe(2);
		expect(outbox.waiting).toEqual([]);
	});

	it('keeps what the books refuse, with why, and does not ask again', async () => {
		const { tab, asked } = device({
			'device-1': { status: 'refused', says: 'C1 holds only 50 L.' }
		});
		const outbox = tab();
		outbox.keep(line(1));
		outbox.keep(line(2));
		expect(await outbox.flush()).toBe(1);
		expect(outbox.waiting).toEqual([{ ...line(1), says: 'C1 holds only 50 L.' }]);
		await outbox.flush();
		expect(asked).toEqual(['device-1', 'device-2']);
		const reloaded = tab();
		reloaded.open();
		expect(reloaded.waiting[0]?.says).toBe('C1 holds only 50 L.');
		reloaded.drop('device-1');
		expect(reloaded.waiting).toEqual([]);
	});

	it('loses nothing that another tab kept meanwhile', async () => {
		const { tab } = device();
		const [one, two] = [tab(), tab()];
		one.keep(line(1));
		two.keep(line(2));
		one.keep(line(3));
		expect(codes(one)).toEqual(['device-1', 'device-2', 'device-3']);
		await two.flush();
		one.open();
		expect(one.waiting).toEqual([]);
	});

	it('sends each once, however often it is asked meanwhile', async () => {
		const { tab, asked } = device();
		const outbox = tab();
		outbox.keep(line(1));
		expect(await Promise.all([outbox.flush(), outbox.flush()])).toEqual([1, 0]);
		expect(asked).toEqual(['device-1']);
	});

	it('says so where the device has no room, and keeps what it had', () => {
		const { store, tab } = device();
		const outbox = tab();
		outbox.keep(line(1));
		store.setItem = () => {
			throw new DOMException('full', 'QuotaExceededError');
		};
		expect(outbox.keep(line(2))).toBe(false);
		expect(codes(outbox)).toEqual(['device-1']);
		expect(
			new Outbox(
				() => undefined,
				() => Promise.resolve({ status: 'written' })
			).keep(line(1))
		).toBe(false);
	});

	it.each(['', 'nonsense', '{}', '[1, null, {"actId": 3}]', '[{"actId":"a","line":"b"}]'])(
		'takes what is no outbox (%s) as empty',
		(text) => {
			const { kept, tab } = device();
			kept.set('ashdrift-outbox', text);
			const outbox = tab();
			outbox.open();
			expect(outbox.waiting).toEqual([]);
			expect(outbox.keep(line(1))).toBe(true);
		}
	);
});
