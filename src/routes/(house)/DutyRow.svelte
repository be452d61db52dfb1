<script lang="ts">
	import RipeningBand from '$lib/components/band/RipeningBand.svelte';
	import { bandParts, days, type Window } from '$lib/core/time';
	import type { Almanac } from '$lib/format/dates';
	/** One thing of today in a line: what it is, how it stands, its band, its act at the end. */
	interface Duty {
		readonly is: string;
		readonly code: string;
		readonly name: string;
		readonly href: string;
		readonly state: string;
		readonly says: string;
		readonly act?: string;
		readonly window?: Window;
	}
	let { duty, almanac }: { duty: Duty; almanac: Almanac } = $props();
	const span = $derived.by(() => {
		const { window } = duty;
		if (!window) return undefined;
		const from = window.start_ms;
		const least = almanac.now_ms + (almanac.now_ms - from) / 4;
		return { from, to: Math.max(least, Math.min(window.past_ms ?? Infinity, from + days(90))) };
	});
</script>

<li
	class="grid grid-cols-[1fr_auto] items-center gap-x-4 border-b border-base-300 py-0.5 sm:grid-cols-[minmax(0,1fr)_9rem_7rem]"
>
	<p class="flex min-w-0 flex-wrap items-center gap-x-3 leading-snug">
		<a class="inline-block min-h-11 content-center hover:underline" href={duty.href}
			><strong>{duty.code}</strong> {duty.name}</a
		>
		<span class="text-sm max-sm:-mt-2 max-sm:pb-1"
			><strong class={duty.is === 'ripe' ? 'text-success' : duty.is === 'due' ? 'text-primary' : ''}
				>{duty.state}</strong
			>{duty.says ? `; ${duty.says}` : ''}</span
		>
	</p>
	<div class="max-sm:hidden">
		{#if duty.window && span}<RipeningBand
				parts={bandParts(duty.window, span.from, span.to)}
				from={span.from}
				to={span.to}
				now={almanac.now_ms}
				length={220}
			/>{/if}
	</div>
	{#if duty.act}<a class="btn min-h-12 justify-self-end btn-outline" href={duty.href}>{duty.act}</a
		>{/if}
</li>
