<script lang="ts">
	import Answer from '$lib/components/answer/Answer.svelte';
	import Pager from '$lib/components/answer/Pager.svelte';
	import Choice from '$lib/components/entry/Choice.svelte';
	import Form from '$lib/components/entry/Form.svelte';
	import RangeBars from '$lib/components/year/RangeBars.svelte';
	import type { PageProps } from './$types';
	let { data }: Pick<PageProps, 'data'> = $props();
	const [first] = $derived(data.doubts);
</script>

<Answer title="Carbon kept" answer={data.answer} crumbs={[{ label: 'Season', href: '/season' }]}>
	{#snippet reason()}
		{#if data.soil.char_kg > 0}<p>
				{data.soil.char} of dry char lie in your beds. Of its carbon {data.gross} of CO₂e stay for a hundred
				years; their fires gave off methane worth {data.methane}{#if data.else}; the wood, else {data.choices.find(
						({ value }) => value === data.counts
					)?.label}, would have given off {data.else}{/if}. Between the two figures lie 95 % of what
				may be so.
			</p>{/if}
		<p>An estimate for you. It is no certificate, and nothing that could be sold rests on it.</p>
	{/snippet}
</Answer>

<div class="sheet">
	<div class="min-w-0">
		{#if data.beds.length > 0}
			<h2 class="mb-2 text-xl">CO₂e by season in which it went into soil</h2>
			<RangeBars as="ranges" rows={data.years} label="CO₂e kept by season" />
			<h2 class="mb-2 text-xl">CO₂e by bed</h2>
			<RangeBars as="ranges" rows={data.beds} label="CO₂e kept by bed" />
			{#if data.bedPage.pages > 1}<Pager
					page={data.bedPage.page}
					pages={data.bedPage.pages}
					label="beds"
					before="With more"
					after="With less"
					href={(page) => `/carbon?else=${data.counts}&beds=${page}`}
				/>{/if}
		{/if}
		{#if data.burns.length > 0}
			<h2 class="mb-1 text-xl">CO₂e by burn</h2>
			<p class="quiet mb-2 text-sm">
				All the char of each, as if it were in soil. A wet and smoky one may come out below nought.
			</p>
			<RangeBars as="ranges" rows={data.burns} label="CO₂e kept by burn" />
			<Pager
				page={data.page}
				pages={data.pages}
				label="burns"
				href={(page) => `/carbon?else=${data.counts}&page=${page}`}
			/>
		{/if}
	</div>
	<aside class="min-w-0">
		{#if data.apart.length > 0 || data.lost || data.elsewhere}
			<h2 class="mb-2 text-xl">Not counted</h2>
			<ul class="mb-4">
				{#each data.apart as one (one.name)}<li class="border-b border-base-300 py-2">
						<strong>{one.char} {one.name}</strong>: {one.says} of CO₂e
						<span class="quiet block text-sm">{one.why}</span>
					</li>{/each}
				{#if data.lost}<li class="border-b border-base-300 py-2">
						<strong>{data.lost.char} lost, thrown away or burnt again</strong>
						<span class="quiet block text-sm"
							>keeps nothing; its fires gave off methane worth {data.lost.methane} all the same</span
						>
					</li>{/if}
				{#if data.elsewhere}<li class="border-b border-base-300 py-2">
						<strong>{data.elsewhere} of char from elsewhere</strong>
						<span class="quiet block text-sm">is in your soil; its fire nobody knows</span>
					</li>{/if}
				<li class="border-b border-base-300 py-2">Ash and brands: no char</li>
			</ul>
		{/if}
		{#if first}
			<h2 class="mb-2 text-xl">What would tell it better</h2>
			<ul class="mb-4">
				{#each data.doubts as one (one.what)}<li class="border-b border-base-300 py-2">
						Twice as well known, {one.what} ({one.ground}) would leave {one.to} of the doubt:
						<strong>{one.measure}</strong>.
					</li>{/each}
			</ul>
			<p class="mb-4">
				<a class="inline-block min-h-11 content-center underline" href="/charging"
					>To your char, each lot of which takes its ash</a
				>
			</p>
		{/if}
		<Form
			name="else"
			method="get"
			sent={null}
			known={{ else: data.counts }}
			class="mb-4 grid gap-3"
		>
			<Choice label="What the wood would else have become" name="else" options={data.choices} />
			<p><button class="btn min-h-12 btn-outline">Reckon it so</button></p>
		</Form>
		{#if data.elseSource}<p class="quiet mb-4 text-sm">{data.elseSource}.</p>{/if}
		{#if data.grounds.length > 0}
			<h2 class="mb-2 text-xl">On what ground</h2>
			<ul class="mb-4">
				{#each data.grounds as says (says)}<li class="border-b border-base-300 py-2 text-sm">
						{says}
					</li>{/each}
			</ul>
		{/if}
		<h2 class="mb-2 text-xl">How it is reckoned</h2>
		<p class="quiet text-sm">
			Dry char × carbon in it × what of that lasts a hundred years × 44/12, less 27 times the
			methane of its fire. Carbon and lasting: IPCC 2019 Refinement, vol. 4, ch. 2, App. 4, or your
			own ash of a sample. Methane: Cornelissen et al. 2016; of dry wood without smoke less, which
			is judged. Twenty thousand draws from one seed, so that it is the same each time.
		</p>
	</aside>
</div>
