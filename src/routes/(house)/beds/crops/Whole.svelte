<script lang="ts">
	import Answer from '$lib/components/answer/Answer.svelte';
	import ActFoot from '$lib/components/entry/ActFoot.svelte';
	import Choice from '$lib/components/entry/Choice.svelte';
	import Field from '$lib/components/entry/Field.svelte';
	import Form from '$lib/components/entry/Form.svelte';
	import Tick from '$lib/components/entry/Tick.svelte';
	import { crops, cropsSource, hungers, hungerSource, takes, type CropRow } from '$lib/core/crops';
	import { plain } from '$lib/format/figure';
	import { limits } from '$lib/input/limits';
	import { capital, count } from '$lib/format/words';
	import type { PageProps } from './$types';
	let { data, form }: Pick<PageProps, 'data' | 'form'> = $props();
	const hungerWords = { light: 'light', medium: 'medium', heavy: 'heavy' } as const;
	const rawWords = {
		none: 'not eaten raw',
		'off-soil': 'raw, off the soil',
		touches: 'raw, touches the soil',
		'in-soil': 'raw, in the soil'
	} as const;
	const remarks = ({ acidLover, scab, saltShy, remark }: CropRow) =>
		[
			acidLover ? 'acid lover: no ash, no lime' : '',
			scab ? 'no lime this year or the year before' : '',
			saltShy ? 'salt-shy' : '',
			remark ?? ''
		]
			.filter(Boolean)
			.join('; ');
	const rows = $derived([
		...data.own.map((row) => ({ ...row, own: true })),
		...crops.map((row) => ({ ...row, own: false }))
	]);
</script>

<Answer
	title="Crops"
	answer="{capital(count(data.known, 'kind is', 'kinds are'))} known by what they like and take{data
		.own.length > 0
		? `, and ${count(data.own.length, 'row of yours goes', 'rows of yours go')} before them`
		: ''}"
	crumbs={[{ label: 'Beds', href: '/beds' }]}
>
	{#snippet reason()}<p>
			{cropsSource}. {hungerSource}: light {hungers.light[0]} to {hungers.light[1]}, medium {hungers
				.medium[0]} to {hungers.medium[1]}, heavy {hungers.heavy[0]} to {hungers.heavy[1]} g of nitrogen
			on a square metre in a season.
		</p>{/snippet}
</Answer>

<!-- It scrolls on the phone: by the keyboard too. -->
<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
<div class="mb-8 overflow-x-auto" tabindex="0" role="region" aria-label="Crops by what they like">
	<table class="ledger-table min-w-[44rem]">
		<thead
			><tr
				><th>Crop</th><th>Family</th><th class="num">pH</th><th>Hunger</th><th>Eaten</th><th
					>To mind</th
				></tr
			></thead
		>
		<tbody>
			{#each rows as row (row.id)}<tr>
					<td
						><strong>{capital(row.names.join(', '))}</strong>{#if row.own}<span
								class="quiet block text-sm">your own row</span
							>{/if}</td
					>
					<td>{row.family}</td>
					<td class="num whitespace-nowrap">{plain(row.ph[0], 1)}–{plain(row.ph[1], 1)}</td>
					<td>{hungerWords[row.hunger]}</td>
					<td>{rawWords[row.raw]}</td>
					<td>{remarks(row)}</td>
				</tr>{/each}
		</tbody>
	</table>
</div>

<Form
	id="form"
	name="keep"
	sent={form}
	known={{ hunger: 'medium', raw: 'none', takes: 'nothing' }}
	limits={{ phLow: limits.bed.ph, phHigh: limits.bed.ph }}
	class="max-w-3xl"
>
	<h2 class="mb-2 text-xl">A crop as you know it</h2>
	<div class="form-grid">
		<Field
			label="What you call it"
			name="crop"
			hint="The same name as above goes before that row"
		/>
		<Field label="Family" name="family" hint="For what should not follow itself" />
		<Field label="Likes pH from" name="phLow" inputmode="decimal" />
		<Field label="to" name="phHigh" inputmode="decimal" />
		<Choice
			label="Hunger for nitrogen"
			name="hunger"
			options={[
				{ value: 'light', label: 'Light' },
				{ value: 'medium', label: 'Medium' },
				{ value: 'heavy', label: 'Heavy' }
			]}
		/>
		<Choice
			label="Eaten raw"
			name="raw"
			options={Object.entries(rawWords).map(([value, label]) => ({ value, label: capital(label) }))}
		/>
		<Choice
			label="What a harvest is"
			name="takes"
			options={[
				{ value: 'nothing', label: 'Nothing is taken' },
				...Object.entries(takes).map(([value, { of }]) => ({ value, label: capital(of) }))
			]}
		/>
	</div>
	<Tick name="acidLover" label="It loves sour ground: no ash, no lime" />
	<Tick name="scab" label="Lime gives it scab" />
	<ActFoot actId={data.actId} label="Keep this row" />
</Form>
