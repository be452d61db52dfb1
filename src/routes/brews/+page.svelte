<script lang="ts">
	import Answer from '$lib/components/answer/Answer.svelte';
	import RipeningBand from '$lib/components/band/RipeningBand.svelte';
	import BrewCutaway from '$lib/components/cutaway/BrewCutaway.svelte';
	import { bandParts, hours } from '$lib/core/time';
	import { sayDay } from '$lib/format/dates';
	import { say } from '$lib/format/figure';
	import { brewWords } from '$lib/format/rooms/brews';
	import { brewsAnswer } from './answer';
	let { data } = $props();
	const now = $derived(data.almanac.now_ms);
</script>

<Answer title="Brews" answer={brewsAnswer(data.lines)}>
	{#snippet reason()}
		<p>
			Hours count here, not weeks: an aired tea is good for a part of a day, and a nose says which.
		</p>
		<p class="mt-3">
			<a class="btn min-h-12 text-base btn-primary" href="/brews/plan">Set one going</a>
		</p>
	{/snippet}
</Answer>

<div class="sheet">
	<ul class="grid content-start gap-x-8 gap-y-6 sm:grid-cols-2">
		{#each data.lines as line (line.code)}
			{@const to = Math.max(now + hours(12), Math.min(line.window.past_ms ?? 0, now + hours(72)))}
			<li class="grid grid-cols-[6.5rem_1fr] items-end gap-4">
				<div class="border-b-2 border-base-content">
					{#if line.drawing}<BrewCutaway {...line.drawing} small system={data.system} />{/if}
				</div>
				<div class="min-w-0">
					<a class="inline-block min-h-11 content-center hover:underline" href="/brews/{line.code}"
						><strong class="text-lg">{line.code}</strong>
						{line.name}</a
					>
					<p class="text-sm">
						{line.drawing?.vessel ?? ''}, {say(line.drawing?.held ?? 0, 'L', data.system)}
					</p>
					<p class="text-sm">
						<strong
							class={line.state === 'failed'
								? 'text-error'
								: line.state === 'ripe'
									? 'text-success'
									: ''}>{brewWords[line.state]}</strong
						>; {line.says}
					</p>
					<RipeningBand
						parts={bandParts(line.window, line.window.start_ms, to)}
						from={line.window.start_ms}
						{to}
						{now}
						length={320}
					/>
				</div>
			</li>
		{/each}
	</ul>
	<aside>
		<h2 class="mb-1 text-lg">Used up or poured out</h2>
		<ul>
			{#each data.usedUp as brew (brew.code)}<li class="border-b border-base-300 py-2">
					<a
						class="inline-block min-h-11 content-center font-semibold underline"
						href="/brews/{brew.code}">{brew.code} {brew.name}</a
					>
					<span class="quiet block text-sm"
						>{say(brew.water_l, 'L', data.system)}, {sayDay(brew.startedAt_ms, data.almanac)}</span
					>
				</li>{:else}<li class="quiet">None yet.</li>{/each}
		</ul>
	</aside>
</div>
