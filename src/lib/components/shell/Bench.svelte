<script lang="ts">
	import { Timer } from 'lucide';
	import Icon from './Icon.svelte';
	import { sayFromNow, type Almanac } from '$lib/format/dates';
	import { ticking } from './ticking.svelte';
	/** The bench: clocks that run, in one line above a page. */
	let {
		items,
		almanac,
		here
	}: {
		items: readonly {
			readonly does: string;
			readonly code: string;
			readonly href: string;
			readonly due_ms: number;
			readonly pressing: boolean;
		}[];
		almanac: Almanac;
		/** The page it stands on, which says itself what it wants. */
		here: string;
	} = $props();
	const shown = $derived(items.filter((item) => item.href !== here).slice(0, 3));
	const now = ticking(() => almanac.now_ms);
</script>

{#if shown.length > 0}
	<aside
		aria-label="Bench"
		data-clocks={shown.length}
		class="bench mb-4 flex flex-wrap items-center gap-x-6 border-b border-base-300 pb-1 text-sm print:hidden {here ===
		'/'
			? 'max-[72rem]:hidden'
			: ''}"
	>
		<h2 class="text-lg">On the bench</h2>
		<Icon of={Timer} size={16} class="-mr-3 shrink-0" />
		{#each shown as item, i (item.does + item.code)}
			<a
				href={item.href}
				class="min-h-11 content-center underline-offset-4 hover:underline {i > 0
					? 'hidden sm:inline-block'
					: 'inline-block'} {item.pressing ? 'font-semibold text-error' : ''}"
				>{item.does}
				{item.code},
				<span class={item.pressing ? '' : 'quiet'}
					>{sayFromNow(item.due_ms, { timeZone: almanac.timeZone, now_ms: now.now_ms })}</span
				></a
			>
		{/each}
	</aside>
{/if}
