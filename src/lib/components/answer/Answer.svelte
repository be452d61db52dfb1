<script lang="ts">
	import type { Sentence } from '$lib/format/sentence';
	import type { Snippet } from 'svelte';
	import { typingHere } from '../entry/typing.svelte';
	import Say from './Say.svelte';
	/** A page's question answered: the sentence with its figures, then its reason. */
	let {
		answer,
		title,
		crumbs = [],
		reason
	}: {
		answer: Sentence | string;
		/** Short name of the page for the browser's tab. */
		title: string;
		crumbs?: readonly { label: string; href: string }[];
		reason?: Snippet;
	} = $props();
	const typing = typingHere();
	/** Fields whose text can't be read: the answer is of what stood there before. */
	const unread = $derived([...(typing?.unread.values() ?? [])]);
</script>

<svelte:head><title>{title} · Ashdrift</title></svelte:head>

<header class="mb-5">
	{#if crumbs.length > 0}
		<nav aria-label="Where this is" class="quiet -mt-3 text-sm">
			{#each crumbs as crumb (crumb.href)}<a
					class="inline-block min-h-11 content-center"
					href={crumb.href}>{crumb.label}</a
				><span aria-hidden="true">&nbsp;/&nbsp;</span>{/each}
		</nav>
	{/if}
	<h1
		class="text-2xl leading-tight sm:text-3xl {unread.length > 0 ? 'opacity-60' : ''}"
		aria-live="polite"
	>
		<Say sentence={answer} />
	</h1>
	{#if unread.length > 0}<p class="mt-1 font-semibold text-error" role="status">
			As it was before: {unread.join(', ')} can’t be read.
		</p>{/if}
	{#if reason}<div class="mt-2 max-w-prose">{@render reason()}</div>{/if}
</header>
