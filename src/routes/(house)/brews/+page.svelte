<script lang="ts">
	import Answer from '$lib/components/answer/Answer.svelte';
	import { recipeOf } from '$lib/core/brews';
	import { sayDay, sayMoment } from '$lib/format/dates';
	import { say } from '$lib/format/figure';
	import { capital } from '$lib/format/words';
	import Pager from '$lib/components/answer/Pager.svelte';
	import BrewCard from './BrewCard.svelte';
	let { data } = $props();
	const groups = $derived(
		(
			[
				['now', 'This hour'],
				['works', 'Still working'],
				['shelf', 'On the shelf']
			] as const
		)
			.map(([id, name]) => ({ name, lines: data.lines.filter(({ group }) => group === id) }))
			.filter(({ lines }) => lines.length > 0)
	);
</script>

<Answer title="Brews" answer={data.answer}>
	{#snippet reason()}
		<p>
			Hours count here, not weeks: an aired tea is good for a part of a day, and a nose says which.
		</p>
		<p class="mt-3 flex flex-wrap gap-3">
			<a class="btn min-h-12 text-base btn-primary" href="/brews/plan">Set one going</a>
			<a class="btn min-h-12 btn-outline text-base" href="/brews/lines">Which culture to trust</a>
			<a class="btn min-h-12 btn-outline text-base" href="/programmes">Programmes</a>
		</p>
	{/snippet}
</Answer>

<div class="sheet">
	<div class="min-w-0">
		{#if data.starts.length > 0}
			<ul class="mb-5">
				{#each data.starts as start, i (i)}<li class="border-l-4 border-primary py-1 pl-4">
						<a class="inline-block min-h-11 content-center" href={start.href}
							><strong>Start {recipeOf(start.recipe).name}</strong> by {sayMoment(
								start.start_ms,
								data.almanac
							)}</a
						>
						<span class="quiet block text-sm"
							>for {start.programme}, {sayDay(start.for_ms, data.almanac)}</span
						>
					</li>{/each}
			</ul>
			{#if data.startsLeft > 0}<p class="quiet mb-5 text-sm">
					and {data.startsLeft} more, at their
					<a class="underline" href="/programmes">programmes</a>
				</p>{/if}
		{/if}
		{#each groups as group (group.name)}
			<h2 class="mb-2 text-lg">{group.name}</h2>
			<ul class="mb-6 grid content-start gap-x-8 gap-y-4 sm:grid-cols-2">
				{#each group.lines as line (line.code)}<BrewCard
						{line}
						almanac={data.almanac}
						system={data.system}
					/>{/each}
			</ul>
		{/each}
		<Pager
			page={data.page}
			pages={data.pages}
			label="More brews"
			href={(page) => `/brews?page=${page}`}
			before="Back"
			after="More brews"
		/>
	</div>
	<aside>
		<h2 class="mb-1 text-lg">Used up or poured out</h2>
		<ul>
			{#each data.usedUp as brew (brew.code)}<li class="border-b border-base-300 py-2">
					<a
						class="inline-block min-h-11 content-center font-semibold underline"
						href="/brews/{brew.code}">{brew.code} {capital(brew.name)}</a
					>
					<span class="quiet block text-sm"
						>{say(brew.made_l, 'L', data.system)}, {sayDay(brew.startedAt_ms, data.almanac)}</span
					>
				</li>{:else}<li class="quiet">None yet.</li>{/each}
		</ul>
	</aside>
</div>
