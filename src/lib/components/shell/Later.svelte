<script lang="ts" module>
	import type { Component } from 'svelte';
	type Loads = () => Promise<{ readonly default: unknown }>;
	type Shown = Component<Record<string, unknown>>;

	/** A page that comes later: the server has it at once, and a browser that comes to it from another page. */
	export interface Arriving {
		readonly load: Loads;
		shown?: Shown;
	}
	const isFirstPage = () =>
		!import.meta.env.SSR && document.documentElement.dataset.live === undefined;

	export async function arriving(load: Loads): Promise<Arriving> {
		return isFirstPage() ? { load } : { load, shown: (await load()).default as Shown };
	}

	/** Only the server writes a page out by itself. */
	const writer = import.meta.env.SSR ? (await import('svelte/server')).render : undefined;

	/** A page that is there as it was sent, and whose script is not. */
	const waiting = 'data-later';

	/** What the server wrote as the title of the page, as text. */
	function titleIn(head: string): string {
		const written = /<title>([^<]*)<\/title>/.exec(head)?.[1] ?? '';
		return written.replaceAll('&lt;', '<').replaceAll('&gt;', '>').replaceAll('&amp;', '&');
	}

	/** Where every kilobyte is paid for, nothing is fetched before somebody acts. */
	const isSparing = () =>
		(navigator as { connection?: { saveData?: boolean } }).connection?.saveData === true;

	/**
	 * Once the page has nothing else to do, or at the first touch or key within it.
	 * @param isAsked at a touch or key alone
	 * @returns ends the waiting
	 */
	function atFirstNeed(within: Element, begin: () => void, isAsked = isSparing()): () => void {
		const needs = ['pointerdown', 'focusin', 'keydown'] as const;
		const stop = new AbortController();
		const once = () => {
			if (stop.signal.aborted) return;
			stop.abort();
			begin();
		};
		for (const need of needs)
			within.addEventListener(need, once, { signal: stop.signal, capture: true });
		if (!isAsked) {
			const idle = () =>
				'requestIdleCallback' in window
					? requestIdleCallback(once, { timeout: 1500 })
					: setTimeout(once, 200);
			if (document.readyState === 'complete') idle();
			else window.addEventListener('load', idle, { signal: stop.signal });
		}
		return () => stop.abort();
	}
</script>

<script lang="ts">
	import { withLater } from '$lib/core/units';
	import { createRawSnippet, getAllContexts, hydrate, mount, unmount } from 'svelte';
	/**
	 * A page that works by itself as the server wrote it, and reckons along once its script is there: that comes after
	 * everything else, or when somebody first touches the page. Come to from another page, it is shown once it is there.
	 */
	let { page: arrives, props }: { page: Arriving; props: Record<string, unknown> } = $props();
	const context = getAllContexts();
	// svelte-ignore state_referenced_locally
	const Here = import.meta.env.SSR || isFirstPage() ? undefined : arrives.shown;
	// svelte-ignore state_referenced_locally
	const written = writer && arrives.shown ? writer(arrives.shown, { props, context }) : undefined;
	const title = written ? titleIn(written.head) : document.title;
	// What the page is given may change while it stands; once it is left, what comes next is not for it.
	// svelte-ignore state_referenced_locally
	let given = $state.raw({ ...props });
	$effect.pre(() => {
		given = { ...props };
	});
	async function begin(target: Element, isWritten: boolean): Promise<() => void> {
		const page = (await arrives.load()).default as Shown;
		arrives.shown = page;
		if (!target.isConnected) return () => {};
		const live = withLater(
			{},
			Object.fromEntries(Object.keys(props).map((key) => [key, () => given[key]]))
		);
		const options = { target, props: live, context };
		const instance = isWritten ? hydrate(page, options) : mount(page, options);
		target.removeAttribute(waiting);
		document.documentElement.dataset.live = 'yes';
		return () => void unmount(instance);
	}

	const page = createRawSnippet(() => ({
		render: () =>
			written ? `<div class="whole" ${waiting}>${written.body}</div>` : '<div class="whole"></div>',
		setup: (target) => {
			let end: Promise<() => void> = Promise.resolve(() => {});
			let stop = () => {};
			const isWritten = target.hasAttribute(waiting);
			const start = () => {
				end = begin(target, isWritten).catch(() => {
					// No connection: its forms work as they stand, and the next touch asks again.
					stop = atFirstNeed(target, start, true);
					return () => {};
				});
			};
			if (isWritten) stop = atFirstNeed(target, start);
			else start();
			return () => {
				stop();
				void end.then((over) => over());
			};
		}
	}));
</script>

<svelte:head><title>{title}</title></svelte:head>
{#if Here}<Here {...props} />{:else}{@render page()}{/if}
