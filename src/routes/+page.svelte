<script lang="ts">
	import Answer from '$lib/components/answer/Answer.svelte';
	import WeeksAhead from '$lib/components/band/WeeksAhead.svelte';
	import { sayToday } from '$lib/format/dates';
	import { capital, count } from '$lib/format/words';
	import { todayAnswer } from './answer';
	import DutyRow from './DutyRow.svelte';
	import FirstSteps from './FirstSteps.svelte';
	let { data } = $props();
	const being = (...which: string[]) => data.duties.filter(({ is }) => which.includes(is));
	const wrong = $derived(being('wrong'));
	const acting = $derived(being('due', 'ripe'));
	// Beyond as many as an eye takes in, what presses least folds under its count.
	const folded = $derived(being('fading', 'watch', 'working'));
	const next = $derived(being('next'));
</script>

<Answer title="Today" answer={todayAnswer(data.duties, data.begun)}>
	{#snippet reason()}
		<p class="quiet">{sayToday(data.almanac)}{data.place ? `, ${data.place}` : ''}</p>
	{/snippet}
</Answer>

<div class="sheet">
	<div class="min-w-0">
		{#if !data.begun}<FirstSteps />{/if}
		{#each wrong as duty, i (duty.code + duty.state)}
			{@const Drawn = duty.drawing && data.drawings[duty.drawing.of]}
			<section
				class="mb-4 grid gap-4 border-l-4 border-error bg-error/10 p-4 sm:grid-cols-[1fr_auto]"
			>
				<div>
					<h2 class="text-lg">{duty.code} {duty.name}: {duty.state}</h2>
					<p class="max-w-prose">{capital(duty.says)}</p>
					<a
						class="btn mt-3 min-h-12 text-base {i === 0 ? 'btn-primary' : 'btn-outline'}"
						href={duty.href}>{duty.act ?? 'Look'}</a
					>
				</div>
				{#if Drawn}<div class="w-56 max-sm:hidden">
						<Drawn {...duty.drawing?.data} system={data.system} />
					</div>{/if}
			</section>
		{/each}
		{#if acting.length > 0}
			<ul class="mb-6 border-t-2 border-base-content">
				{#each acting as duty (duty.code + duty.state)}<DutyRow
						{duty}
						almanac={data.almanac}
					/>{/each}
			</ul>
		{/if}
		{#if folded.length > 0}
			<details class="mb-6" open={folded.length <= 3}>
				<summary class="min-h-11 cursor-pointer content-center font-semibold"
					>{capital(count(folded.length, 'thing works or waits', 'things work or wait'))}</summary
				>
				<ul>
					{#each folded as duty (duty.code + duty.state)}<DutyRow
							{duty}
							almanac={data.almanac}
						/>{/each}
				</ul>
			</details>
		{/if}
		{#if data.ahead.rows.length > 0}
			<WeeksAhead
				rows={data.ahead.rows}
				from={data.ahead.from_ms}
				to={data.ahead.to_ms}
				almanac={data.almanac}
			/>
		{/if}
	</div>
	<aside>
		<h2 class="mb-1 text-lg">Next in the yard</h2>
		<ul>
			{#each next as duty (duty.title)}<li class="border-b border-base-300 pb-1">
					<a class="inline-block min-h-11 content-center font-semibold underline" href={duty.href}
						>{duty.title ?? duty.name}</a
					>
					<span class="quiet block text-sm">{duty.says}</span>
				</li>{:else}<li class="quiet">Nothing waits.</li>{/each}
		</ul>
	</aside>
</div>
