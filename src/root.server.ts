import type { Component } from 'svelte';
import { asClassComponent as lazily } from 'svelte/legacy';
import { render } from 'svelte/server';

/** What the framework hands over with the properties of a page. */
type Options = Omit<NonNullable<Parameters<typeof render>[1]>, 'props'>;

/**
 * Stands in for the function of this name in `svelte/legacy` where the framework makes the root of
 * all pages (see `vite.config.ts`). That one defines getters on a new object for each page; the
 * hidden class made for them lives in the old generation and keeps the whole page alive until the
 * next full collection, which made each collection of young objects take 5–8 ms. Here the page is
 * rendered at once and its text handed on in a plain object.
 */
export function asClassComponent(component: Component): ReturnType<typeof lazily> {
	const renderPage = (props: Record<string, unknown> = {}, options: Options = {}) => {
		const { head, body } = render(component, { props, ...options });
		return { head, html: body, css: { code: '', map: null } };
	};
	return Object.assign(lazily(component), { render: renderPage });
}
