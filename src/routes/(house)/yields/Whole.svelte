<script lang="ts">
	import Answer from '$lib/components/answer/Answer.svelte';
	import Pager from '$lib/components/answer/Pager.svelte';
	import Choice from '$lib/components/entry/Choice.svelte';
	import Form from '$lib/components/entry/Form.svelte';
	import YieldPoints from '$lib/components/year/YieldPoints.svelte';
	import { plain } from '$lib/format/figure';
	import Came from './Came.svelte';
	import Pair from './Pair.svelte';
	import type { PageProps } from './$types';
	let { data }: Pick<PageProps, 'data'> = $props();
	const query = $derived(`way=${encodeURIComponent(data.way)}&over=${data.over}`);
</script>

<Answer title="Yields" answer={data.answer} crumbs={[{ label: 'Season', href: '/season' }]}>
	{#snippet reason()}
		{#if data.n > 0}<p>
				By {data.n}
				{data.n === 1 ? 'burn' : 'burns'} of yours. {data.looked} things were looked at: about {plain(
					data.chance,
					1
				)} of them would stand out by chance alone, and what goes along with a yield need not make it.
				Try the one, and leave the rest as it is.
			</p>{:else}<p>Record a burn with its wood and its char, and its yield stands here.</p>{/if}
	{/snippet}
</Answer>

{#if data.n > 0}
	<Form
		name="show"
		method="get"
		sent={null}
		known={{ way: data.way, over: data.over }}
		class="mb-4 flex flex-wrap items-end gap-4"
	>
		<Choice label="Burnt as" name="way" options={data.ways} />
		<Choice label="Over" name="over" options={data.overs} />
		<button class="btn min-h-12 btn-outline">Draw it</button>
	</Form>
	<div class="sheet">
		<div class="min-w-0">
			<YieldPoints
				points={data.points}
				axis={data.axis}
				label="Yield of the newest {data.points.length} burns over {data.axis
					.name}; the table below says the same"
			/>
			<p class="quiet mb-4 text-sm">
				Dry char of the dry wood burnt. Lines: the doubt of its measures. Broad bands: where it was
				expected by the burns of its way before it, from five on; a diamond lies outside. {data.ground}
			</p>
			<h2 class="mb-2 text-xl">What it went along with</h2>
			<ul class="mb-4">
				{#each data.bearings as one (one.name)}<li class="border-b border-base-300 py-2">
						<strong>{one.name}</strong>:
						<span class={one.isShown ? '' : 'quiet'}>{one.says}</span>
					</li>{/each}
			</ul>
			{#each data.kinds as kind (kind.name)}
				<h3 class="mt-4 text-lg">By {kind.name}</h3>
				<ul class="mb-2">
					{#each kind.rows as row (row.name)}<li
							class="flex flex-wrap justify-between gap-x-4 border-b border-base-300 py-1"
						>
							<span>{row.name}</span><span class="text-sm">{row.says}</span>
						</li>{/each}
				</ul>
			{/each}
			<h2 class="mt-6 mb-2 text-xl">Each burn</h2>
			<ul class="mb-2">
				{#each data.rows as row (row.code)}<li class="border-b border-base-300 py-2">
						<a class="font-semibold underline" href="/fires/{row.code}">{row.code}</a>
						{row.when}, {row.where}, {row.wood}, {row.who}: {row.gave},
						<strong>{row.yield}</strong> ({row.ends}){#if row.stands}, <span
								class={row.isOut ? 'font-semibold text-error' : 'quiet'}>{row.stands}</span
							>{/if}
						{#if row.told.length > 0}<span class="quiet block text-sm">{row.told.join('; ')}</span
							>{/if}
					</li>{/each}
			</ul>
			<Pager
				page={data.page}
				pages={data.pages}
				label="burns"
				href={(page) => `/yields?${query}&page=${page}`}
			/>
		</div>
		<aside class="min-w-0"><Pair {data} /><Came {data} /></aside>
	</div>
{:else}<Came {data} />{/if}
