<script lang="ts">
	import Answer from '$lib/components/answer/Answer.svelte';
	import FlowChart from '$lib/components/chart/FlowChart.svelte';
	import Choice from '$lib/components/entry/Choice.svelte';
	import Form from '$lib/components/entry/Form.svelte';
	import SideBySide from '$lib/components/year/SideBySide.svelte';
	import type { PageProps } from './$types';
	let { data }: Pick<PageProps, 'data'> = $props();
	const options = (values: readonly string[] = []) =>
		values.map((value) => ({ value, label: value }));
	const doors = [
		['/worth', 'Hours and worth', 'was it worth it?'],
		['/carbon', 'Carbon kept', 'what is in the ground for good?'],
		['/yields', 'Yields', 'what would make the next burn better?']
	] as const;
</script>

<Answer title="Season" answer={data.answer}>
	{#snippet reason()}
		{#each data.closes ?? [] as says (says)}<p>{says}</p>{/each}
		{#each data.doubts ?? [] as says (says)}<p class="quiet text-sm">{says}</p>{/each}
	{/snippet}
</Answer>

{#if data.years.length > 1}
	<nav aria-label="Years" class="mb-4 print:hidden">
		{#each data.years as one (one)}<a
				class="mr-4 inline-block min-h-11 content-center {one === data.year
					? 'font-semibold'
					: 'underline'}"
				aria-current={one === data.year ? 'page' : undefined}
				href="/season?year={one}">{one}</a
			>{/each}
	</nav>
{/if}
<div class="sheet">
	<div class="min-w-0">
		{#if data.edges && data.nodes}
			<FlowChart
				nodes={data.nodes}
				edges={data.edges}
				unit="kg"
				start="char"
				label="Dry wood and char of {data.year}, from left to right; the lists below say the same"
			/>
			<div class="grid gap-x-8 sm:grid-cols-2">
				{#each [{ name: 'Char, dry', rows: data.char }, { name: 'Wood, dry', rows: data.wood }] as part (part.name)}
					<section>
						<h2 class="mt-4 mb-2 text-xl">{part.name}</h2>
						<ul>
							{#each part.rows as row (row.name)}<li
									class="flex justify-between gap-4 border-b border-base-300 py-1"
								>
									<span
										><span class="inline-block w-4" aria-hidden="true">{row.sign}</span
										>{row.name}</span
									>
									<span class="text-right whitespace-nowrap">{row.kg}</span>
								</li>{/each}
						</ul>
					</section>
				{/each}
			</div>
			<p class="quiet mt-2">{data.charged} of dry char went into charges.</p>
		{/if}
		{#if data.uncounted && data.uncounted.length > 0}
			<h2 class="mt-6 mb-2 text-xl">Nobody counted in {data.year}</h2>
			<ul class="mb-4">
				{#each data.uncounted as one (one.code)}<li class="border-b border-base-300 py-1">
						<a class="underline" href="/ledger/lot/{one.code}">{one.code} {one.name}</a>, {one.kg} dry
						by the books
					</li>{/each}
			</ul>
		{/if}
	</div>
	<aside class="min-w-0">
		<h2 class="mb-2 text-xl">At the year’s end</h2>
		<ul class="mb-4">
			{#each doors as [href, name, asks] (href)}<li class="border-b border-base-300">
					<a class="inline-block min-h-11 content-center font-semibold underline" {href}>{name}</a>
					<span class="quiet">{asks}</span>
				</li>{/each}
			{#if data.year > 0}<li>
					<a
						class="inline-block min-h-11 content-center font-semibold underline"
						href="/season/report?year={data.year}">The report of {data.year}</a
					> <span class="quiet">to print and keep</span>
				</li>{/if}
		</ul>
		{#if data.others && data.others.length > 0}
			<Form name="beside" method="get" sent={null} class="mb-4 grid gap-3">
				<input type="hidden" name="year" value={data.year} />
				<Choice label="Beside {data.year}" name="beside" options={options(data.others)} />
				<p><button class="btn min-h-12 btn-outline">Two years side by side</button></p>
			</Form>
		{/if}
		{#if data.beside}<SideBySide
				names={data.beside.years.map(String)}
				lines={data.beside.lines}
				label="Two years side by side"
			/>{/if}
		{#if data.beds && data.beds.length > 1}
			<Form
				name="beds"
				method="get"
				sent={null}
				known={{
					bedA: data.pair?.names[0] ?? data.beds[0] ?? '',
					bedB: data.pair?.names[1] ?? data.beds[1] ?? ''
				}}
				class="mb-4 grid gap-3"
			>
				<input type="hidden" name="year" value={data.year} />
				<div class="grid grid-cols-2 gap-3">
					<Choice label="One bed" name="bedA" options={options(data.beds)} />
					<Choice label="Another" name="bedB" options={options(data.beds)} />
				</div>
				<p><button class="btn min-h-12 btn-outline">Two beds side by side</button></p>
			</Form>
		{/if}
		{#if data.pair}<SideBySide
				names={data.pair.names}
				lines={data.pair.lines}
				label="Two beds side by side, all that they ever had"
			/>{/if}
	</aside>
</div>
