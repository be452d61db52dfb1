<script lang="ts">
	import Answer from '$lib/components/answer/Answer.svelte';
	import ActFoot from '$lib/components/entry/ActFoot.svelte';
	import Field from '$lib/components/entry/Field.svelte';
	import Form from '$lib/components/entry/Form.svelte';
	import TrialLayout from '$lib/components/trials/TrialLayout.svelte';
	import TrialMeans from '$lib/components/trials/TrialMeans.svelte';
	import type { PageProps } from './$types';
	let { data, form }: Pick<PageProps, 'data' | 'form'> = $props();
	const letter = (i: number) => String.fromCharCode(65 + i);
</script>

<Answer title={data.code} answer={data.answer} crumbs={[{ label: 'Trials', href: '/trials' }]}>
	{#snippet reason()}
		<p>{data.code}: {data.question}{data.ended ? ` It was ended ${data.ended}.` : ''}</p>
		{#if data.outcomes[0]}<ul class="mt-1">
				{#each data.outcomes[0].beside as says (says)}<li>{says}</li>{/each}
			</ul>{/if}
		{#if !data.ended}<p class="mt-3">
				<a class="btn min-h-12 text-base btn-primary" href="/trials/{data.code}/round">Read them</a>
			</p>{/if}
	{/snippet}
</Answer>

<div class="sheet">
	<div class="min-w-0">
		{#each data.outcomes as outcome (outcome.measure)}
			<section class="mb-8">
				<h2 class="text-xl">What each gave: {outcome.measure}</h2>
				<p class="quiet mb-1">Every {data.unit}, and the mean with 95 % about it</p>
				<TrialMeans
					arms={outcome.means}
					ticks={outcome.ticks}
					label="{outcome.measure}: {outcome.means
						.map(({ name, says, n }) => `${name} ${says} of ${n}`)
						.join(', ')}"
				/>
				{#if outcome.rows.length > 0}
					<table class="ledger-table mt-3">
						<thead
							><tr
								><th>Against</th><th class="num">Difference</th><th class="max-sm:hidden"
									>95 %, all pairs at once</th
								><th class="num max-sm:hidden">Tukey–Kramer</th><th class="num max-sm:hidden"
									>Shuffled</th
								><th>So it is</th></tr
							></thead
						>
						<tbody
							>{#each outcome.rows as row (row.pair)}<tr
									><td>{row.pair}</td><td class="num">{row.difference}</td><td class="max-sm:hidden"
										>{row.interval}</td
									><td class="num max-sm:hidden">{row.tukey}</td><td class="num max-sm:hidden"
										>{row.shuffled}</td
									><td class={row.is === 'not shown' ? 'quiet' : 'font-semibold'}>{row.is}</td></tr
								>{/each}</tbody
						>
					</table>
					<p class="mt-2">{outcome.working} {outcome.area}</p>
					{#if outcome.trend}<p>{outcome.trend}</p>{/if}
					{#if outcome.reach}<p class="quiet">{outcome.reach}</p>{/if}
					<details class="mt-1">
						<summary class="inline-flex min-h-11 cursor-pointer items-center underline"
							>What is left over of each</summary
						>
						<p class="quiet">{outcome.residuals}</p>
					</details>
				{/if}
			</section>
		{/each}
		<section class="mb-8">
			<h2 class="text-xl">Where each stands</h2>
			<TrialLayout units={data.units} perRow={data.arms.length} lost={data.lost} unit={data.unit} />
			<ul class="mt-2">
				{#each data.arms as name, i (i)}<li><strong>{letter(i)}</strong> {name}</li>{/each}
			</ul>
			<p class="mt-2">
				<a class="inline-flex min-h-11 items-center underline" href="/trials/{data.code}/data.csv"
					>Take the data</a
				>
			</p>
			<p class="quiet mt-1">
				{data.isDrawn ? `Drawn from seed ${data.seed}` : 'As one walked'}{data.differs
					? `; rows go from ${data.differs}`
					: ''}{data.bed ? `; ${data.bed}` : ''}.
			</p>
		</section>
	</div>
	<aside class="min-w-0">
		<h2 class="text-lg">How far to trust it</h2>
		<p>
			Own trial{data.weak.length > 0 ? ', with these against it:' : ': nothing speaks against it.'}
		</p>
		<ul>
			{#each data.weak as says (says)}<li class="border-b border-base-300 py-2">{says}</li>{/each}
		</ul>
		{#if !data.ended}
			<Form name="end" sent={form} class="mt-6">
				<h2 class="text-lg">Is it over?</h2>
				<Field label="Why it ends" name="why" hint="Also before its time: what was read stays" />
				<ActFoot actId={data.actId} label="It is over" quiet />
			</Form>
		{/if}
	</aside>
</div>
