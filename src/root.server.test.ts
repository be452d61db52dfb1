import { asClassComponent as lazily } from 'svelte/legacy';
import { expect, it } from 'vitest';
import { asClassComponent } from './root.server';
import BooksLinks from './lib/components/answer/BooksLinks.svelte';

type Rendered = { head: string; html: string; css: { code: string } };
type Root = { render(props: object, options?: object): Rendered };

it('gives what the framework gives, as plain values that keep no page alive', () => {
	const props = { code: 'C 26-1 "a"' };
	const plain = (asClassComponent(BooksLinks as never) as unknown as Root).render(props);
	const theirs = (lazily(BooksLinks as never) as unknown as Root).render(props);
	expect(plain.html).toContain('C%2026-1');
	expect({ ...plain }).toEqual({ head: theirs.head, html: theirs.html, css: theirs.css });
	for (const one of Object.values(Object.getOwnPropertyDescriptors(plain)))
		expect(one.get).toBeUndefined();
});
