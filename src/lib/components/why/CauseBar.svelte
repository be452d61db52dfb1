<script lang="ts">
	import type { Ranked } from '$lib/core/detective';
	import { causeWords, pushWords } from '$lib/format/why-words';
	import { plain } from '$lib/format/figure';
	import { capital } from '$lib/format/words';
	/** One cause as a bar as long as it is likely, parted by what pushed it up; beneath it what spoke for it and against. */
	let { ranked, lead = false }: { ranked: Ranked; lead?: boolean } = $props();
	const up = $derived(ranked.pushes.filter(({ times }) => times > 1));
	const down = $derived(ranked.pushes.filter(({ times }) => times < 1));
	const all = $derived(up.reduce((sum, { times }) => sum + Math.log(times), 0));
	const fills = ['--wood', '--straw', '--ember', '--char', '--moss', '--ash'];
	const percent = $derived(
		ranked.probability < 0.01 ? 'under 1 %' : `${plain(ranked.probability * 100, 0)} %`
	);
	const list = (pushes: typeof up) => pushes.map(pushWords).join(' · ');
</script>

<div class="mb-4">
	<div class="flex items-baseline justify-between gap-4">
		<h3 class={lead ? 'text-xl' : 'text-lg'}>{capital(causeWords[ranked.cause])}</h3>
		<strong>{percent}</strong>
	</div>
	<div class="h-5 bg-base-300" aria-hidden="true">
		<div class="flex h-full" style:width="{ranked.probability * 100}%">
			{#each up as push, i (push.by + push.id)}<span
					class="h-full border-r border-base-100"
					style:flex-grow={all > 0 ? Math.log(push.times) / all : 1}
					style:background-color="var({fills[i % fills.length]})"
				></span>{:else}<span class="h-full grow" style:background-color="var(--ash)"></span>{/each}
		</div>
	</div>
	<p class="quiet text-sm">
		{#if ranked.cause === 'something-else'}what this table does not know
		{:else if ranked.pushes.length === 0}nothing said of it
		{:else}{list(up)}{#if down.length > 0}{up.length > 0 ? '; ' : ''}against it: {list(
					down
				)}{/if}{/if}
	</p>
</div>
