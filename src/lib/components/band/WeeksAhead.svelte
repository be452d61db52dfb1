<script lang="ts">
	import RipeningBand from './RipeningBand.svelte';
	import { bandParts, weeksWithin, type Window } from '$lib/core/time';
	import { sayDay, type Almanac } from '$lib/format/dates';
	/** The coming weeks of every room on one axis: bands that ripen, moments that come. */
	interface Row {
		readonly code: string;
		readonly href: string;
		readonly name: string;
		readonly window?: Window;
		readonly moments: readonly {
			readonly is: string;
			readonly at_ms: number;
			readonly pressing?: boolean;
		}[];
	}
	let {
		rows,
		from,
		to,
		almanac
	}: {
		rows: readonly Row[];
		/** The span drawn, ms. */
		from: number;
		to: number;
		almanac: Almanac;
	} = $props();
	const weeks = $derived(
		weeksWithin(almanac.timeZone, almanac.firstWeekday ?? 1, [from, to]).map((starts) => ({
			starts,
			day: sayDay(starts, almanac)
		}))
	);
	const at = (ms: number) => ((ms - from) / (to - from)) * 100;
	// A band that starts at this very moment would hide the now-mark's foot.
	const now = $derived(almanac.now_ms);
</script>

<section id="weeks" class="mb-4">
	<h2 class="mb-2 text-xl">The next four weeks</h2>
	<div class="quiet relative ml-24 h-5 text-xs sm:ml-52" aria-hidden="true">
		{#each weeks as { starts, day }, i (starts)}<span
				class="absolute border-l border-base-content/40 pl-1 whitespace-nowrap {at(starts) > 88
					? '-translate-x-full border-r border-l-0 pr-1'
					: ''} {i % 2 ? 'hidden sm:inline' : ''}"
				style="left: {at(starts)}%">{day}</span
			>{/each}
	</div>
	<ul>
		{#each rows as row (row.code)}{@render line(row)}{/each}
	</ul>
</section>

{#snippet line(row: Row)}
	<li class="grid grid-cols-[6rem_1fr] items-center sm:grid-cols-[13rem_1fr]">
		<a class="inline-block min-h-11 content-center truncate underline" href={row.href}
			>{row.code} <span class="hidden sm:inline">{row.name}</span></a
		>
		{#if row.window}
			<RipeningBand parts={bandParts(row.window, from, to)} {from} {to} {now} length={1000} />
		{:else}
			<span class="relative block h-8">
				<span class="absolute inset-x-0 top-1/2 border-t border-base-content/30"></span>
				{#each row.moments as moment, i (moment.is + moment.at_ms)}
					<span
						class="absolute top-1/2 flex -translate-y-1/2 items-center gap-1 text-xs whitespace-nowrap {at(
							moment.at_ms
						) > 70
							? '-translate-x-full flex-row-reverse'
							: ''} {i > 0 ? 'mt-0' : ''}"
						style="left: {at(moment.at_ms)}%"
					>
						<svg width="12" height="12" viewBox="0 0 12 12" aria-hidden="true"
							><path
								d="M6 0 12 6 6 12 0 6Z"
								fill={moment.pressing ? 'var(--ember)' : 'var(--ink)'}
							/></svg
						><span class="bg-base-100 pr-1">{moment.is}</span>
					</span>
				{/each}
			</span>
		{/if}
	</li>
{/snippet}
