import { describe, expect, it } from 'vitest';
import { keyReader } from './keys';

// No document here: nothing is being typed into.
globalThis.HTMLElement ??= class {} as typeof HTMLElement;
const press = (key: string, timeStamp = 0, more: Partial<KeyboardEvent> = {}) =>
	({ key, timeStamp, target: null, ...more }) as KeyboardEvent;

describe('a key', () => {
	it.each([
		['l', { kind: 'log' }],
		['/', { kind: 'search' }],
		['?', { kind: 'keys' }],
		['x', undefined],
		['t', undefined]
	])('%s asks for %o', (key, wish) => expect(keyReader()(press(key))).toEqual(wish));

	it.each([
		['t', '/'],
		['w', '/woodyard'],
		['f', '/fires'],
		['c', '/charging'],
		['b', '/beds']
	])('g and then %s goes to %s', (key, href) => {
		const read = keyReader();
		expect(read(press('g', 0))).toBeUndefined();
		expect(read(press(key, 400))).toEqual({ kind: 'go', href });
	});

	it('g is forgotten after a while, and by any other key', () => {
		const late = keyReader();
		late(press('g', 0));
		expect(late(press('w', 5000))).toBeUndefined();
		const other = keyReader();
		other(press('g', 0));
		other(press('x', 100));
		expect(other(press('w', 200))).toBeUndefined();
	});

	it('with a modifier belongs to the browser', () => {
		for (const more of [{ ctrlKey: true }, { metaKey: true }, { altKey: true }])
			expect(keyReader()(press('l', 0, more))).toBeUndefined();
	});
});
