<script lang="ts">
	import Answer from '$lib/components/answer/Answer.svelte';
	import type { PageProps } from './$types';
	let { data }: PageProps = $props();
	const parts = $derived([
		{
			name: 'Fires',
			more: data.more.burns,
			rows: data.burns.map(({ code, says }) => ({ key: code, says }))
		},
		{
			name: 'Put on',
			more: data.more.put,
			rows: data.put.map(({ name, says }) => ({ key: name, says }))
		},
		{
			name: 'Taken off',
			more: data.more.off,
			rows: data.off.map(({ name, says }) => ({ key: name, says }))
		},
		{
			name: 'What is still lying',
			more: data.more.lies,
			rows: data.lies.map(({ code, says }) => ({ key: code, says }))
		}
	]);
</script>

<Answer
	title="{data.year}, a report"
	answer={data.answer}
	crumbs={[{ label: 'Season', href: `/season?year=${data.year}` }]}
>
	{#snippet reason()}
		{#each data.closes as says (says)}<p>{says}</p>{/each}
		<p class="quiet print:hidden">
			Print it with your browser: it is one run of paper, without buttons.
		</p>
	{/snippet}
</Answer>

<section class="mb-6">
	<h2 class="mb-2 text-xl">Made</h2>
	{#each data.made as says (says)}<p>{says}</p>{/each}
	{#if data.worth}<p>
			{data.worth.hours} hours were told, {data.worth.cash} went out, {data.worth.spared} of purchases
			were spared.
		</p>{/if}
</section>
<section class="mb-6">
	<h2 class="mb-2 text-xl">Learned</h2>
	{#if data.learned.length === 0}<p class="quiet">Nothing was closed or read.</p>{/if}
	<ul class="list-disc pl-5">
		{#each data.learned as says (says)}<li>{says}</li>{/each}
	</ul>
</section>
{#each parts as { name, rows, more } (name)}
	<section class="mb-6 break-inside-avoid">
		<h2 class="mb-2 text-xl">{name}</h2>
		{#if rows.length === 0}<p class="quiet">Nothing.</p>{/if}
		<ul class="columns-1 gap-8 sm:columns-2 print:columns-2">
			{#each rows as { key, says } (key)}<li
					class="break-inside-avoid border-b border-base-300 py-1"
				>
					<strong>{key}</strong>
					{says}
				</li>{/each}
		</ul>
		{#if more > 0}<p class="quiet">And {more} more, which the sheets under Keeping have.</p>{/if}
	</section>
{/each}
