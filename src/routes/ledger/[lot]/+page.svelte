<script lang="ts">
	import Answer from '$lib/components/answer/Answer.svelte';
	import Figures from '$lib/components/answer/Figures.svelte';
	import Seen from '$lib/components/answer/Seen.svelte';
	import Trace from '$lib/components/answer/Trace.svelte';
	import { slip } from '$lib/format/figure';
	import { pathOf } from '$lib/format/paths';
	import ActLine from './ActLine.svelte';
	import { lotAnswer } from './answer';
	import { holdsFigure } from './holds';
	import PutRight from './PutRight.svelte';
	let { data, form } = $props();
	const system = $derived(data.system);
	const lot = $derived(data.lot);
	const beds = $derived(data.trace.forward.beds);
	const slips = $derived([
		slip('Holds', holdsFigure(lot, data.acts, 'L', data.almanac), system),
		slip('Dry in it', holdsFigure(lot, data.acts, 'kg', data.almanac), system)
	]);
	const failed = $derived(form?.form === 'reverse' ? form : undefined);
</script>

<Answer
	title="{lot.code} in the ledger"
	answer={lotAnswer(
		{
			code: lot.code,
			volume_ml: lot.volume_ml,
			dry_g: lot.dry_g,
			from: data.trace.back.lots,
			beds,
			stands: data.stands
		},
		system
	)}
	crumbs={!data.stands
		? [
				lot.kind === 'stack'
					? { label: 'Woodyard', href: '/woodyard' }
					: lot.kind === 'stock'
						? { label: 'Stock', href: '/stock' }
						: { label: 'Charging', href: '/charging' }
			]
		: [{ label: `${lot.code} ${lot.name}`, href: pathOf(lot.kind, lot.code) }]}
>
	{#snippet reason()}<p>
			Nothing is ever deleted: a mistake is put right by its opposite, and both stay in the books.{data.held ===
			undefined
				? ''
				: ` Held because: ${data.held}.`}
		</p>{/snippet}
</Answer>

<div class="sheet">
	<div>
		{#if failed}<p
				class="mb-4 border-l-4 border-error py-1 pl-4 font-semibold text-error"
				role="alert"
			>
				{Object.values(failed.errors).join(' ')}
			</p>{/if}
		<Figures {slips} />
		<ul>
			{#each data.acts as act (act.id)}
				<ActLine
					{act}
					code={lot.code}
					actId="{data.actId}-{act.seq}"
					almanac={data.almanac}
					{system}
				/>
			{/each}
		</ul>
	</div>
	<aside>
		<Seen remarks={data.remarks} temperatures={data.temperatures} almanac={data.almanac} {system} />
		{#if lot.volume_ml > 0}<PutRight {data} {form} {system} />{/if}
		<Trace title="Came of" way={data.trace.back} almanac={data.almanac} />
		<Trace title="Went into" way={data.trace.forward} almanac={data.almanac} />
		<a
			class="inline-block min-h-8 content-center underline print:hidden"
			href="/trace/lot/{encodeURIComponent(lot.code)}">Trace and recall</a
		>
	</aside>
</div>
