<script lang="ts">
	import Answer from '$lib/components/answer/Answer.svelte';
	import Pager from '$lib/components/answer/Pager.svelte';
	import Figures from '$lib/components/answer/Figures.svelte';
	import Seen from '$lib/components/answer/Seen.svelte';
	import Trace from '$lib/components/answer/Trace.svelte';
	import { lotFigures } from '$lib/core/ledger';
	import { figurePath } from '$lib/format/paths';
	import { slip } from '$lib/format/slip';
	import { namedMoves } from '$lib/format/moves';
	import ActLine from './ActLine.svelte';
	import { lotAnswer, roomOf, thingAnswer } from './answer';
	import NameForms from './NameForms.svelte';
	import PutRight from './PutRight.svelte';
	import type { PageProps } from './$types';
	let { data, form }: Pick<PageProps, 'data' | 'form'> = $props();
	const system = $derived(data.system);
	const slips = $derived.by(() => {
		if (!data.lot) return [];
		const holds = lotFigures(data.lot, namedMoves(data.acts, data.almanac));
		const { code } = data.lot;
		return [
			slip('Holds', holds.litres, system, figurePath('lot', code, 'litres')),
			slip('Dry in it', holds.kg, system, figurePath('lot', code, 'kg'))
		];
	});
	const room = $derived(roomOf(data.of, data.name, data.lot, data.lot ? data.stands : true));
	const answer = $derived(
		data.lot
			? lotAnswer(
					{
						code: data.lot.code,
						volume_ul: data.lot.volume_ul,
						dry_g: data.lot.dry_g,
						from: data.trace.back.lots,
						beds: data.trace.forward.beds,
						stands: data.stands
					},
					system
				)
			: thingAnswer(data.name, data.acts, data.almanac, data.total)
	);
	const failed = $derived(form?.form === 'reverse' ? form : undefined);
</script>

<Answer title="{data.name} in the ledger" {answer} crumbs={[room]}>
	{#snippet reason()}<p>
			Nothing is ever deleted: a mistake is put right by its opposite, and both stay in the books.{data.lot &&
			data.held !== undefined
				? ` Held because: ${data.held}.`
				: ''}
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
		{#if data.lot}<Figures {slips} />{/if}
		<ul>
			{#each data.acts as act (act.id)}
				<ActLine
					{act}
					moves={data.of === 'lot' || data.of === 'bed'}
					actId="{data.actId}-{act.seq}"
					almanac={data.almanac}
					{system}
				/>
			{/each}
		</ul>
		{#if !data.lot}<Pager
				page={data.page}
				pages={data.pages}
				label="More of its books"
				before="Newer"
				after="Older"
				href={(page) => `/ledger/${data.of}/${encodeURIComponent(data.name)}?page=${page}`}
			/>{/if}
	</div>
	<aside>
		{#if !data.lot && data.named}<NameForms
				name={data.name}
				named={data.named}
				actId={data.actId}
				{form}
				almanac={data.almanac}
			/>{/if}
		{#if data.lot}
			<Seen
				remarks={data.remarks}
				temperatures={data.temperatures}
				almanac={data.almanac}
				{system}
			/>
			{#if data.lot.volume_ul > 0}<PutRight {data} lot={data.lot} {form} {system} />{/if}
			<Trace title="Came of" way={data.trace.back} almanac={data.almanac} />
			<Trace title="Went into" way={data.trace.forward} almanac={data.almanac} />
			<a
				class="inline-block min-h-11 content-center underline print:hidden"
				href="/trace/lot/{encodeURIComponent(data.lot.code)}">Trace and recall</a
			>
		{/if}
	</aside>
</div>
