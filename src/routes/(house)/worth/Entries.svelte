<script lang="ts">
	import ActFoot from '$lib/components/entry/ActFoot.svelte';
	import Choice from '$lib/components/entry/Choice.svelte';
	import Field from '$lib/components/entry/Field.svelte';
	import Fold from '$lib/components/entry/Fold.svelte';
	import Form from '$lib/components/entry/Form.svelte';
	import { priceWords } from '$lib/format/worth-words';
	import { limits } from '$lib/input/limits';
	import { dayRows } from '$lib/input/worth';
	import type { PageProps } from './$types';
	/** Hours by the clock, a day shared out, cash, and prices; then what was told last. */
	let { data, form }: Pick<PageProps, 'data' | 'form'> = $props();
	const none = { value: '', label: 'none' };
	const of = 'Told of';
	const ofHint = 'A lot, fire, bed or vessel, like F6; empty for none';
	const worth = limits.worth;
	const knownPrices = $derived(
		Object.fromEntries(
			data.priceFields.flatMap(({ id, name }) => {
				const price = data.prices[id];
				return price === undefined ? [] : [[name, String(price)]];
			})
		)
	);
</script>

<h2 class="mb-2 text-xl">Tell hours</h2>
<Form name="hours" sent={form} class="mb-4 grid gap-3">
	<Choice label="Stage" name="stage" options={data.stages} />
	<Field label="It lasted" name="lasted" hint="Like 40 min, 1 h 20, or 40 min 2 for two of you" />
	<Field label={of} name="ofThing" hint={ofHint} />
	<ActFoot timed={false} actId={data.ids.hours} label="Keep the hours" />
</Form>
<Fold name="day" label="Share a day out" open={form?.form === 'day'}>
	<Form name="day" sent={form} limits={worth} known={{ dayHeads: '1' }} class="grid gap-3">
		<div class="form-grid">
			<Field label="Hours of the day" name="dayHours" inputmode="decimal" />
			<Field label="Heads" name="dayHeads" inputmode="decimal" />
		</div>
		{#each dayRows as row (row)}<div class="form-grid">
				<Choice label="Stage {row}" name="stage{row}" options={[none, ...data.stages]} />
				<Field label="Parts {row}" name="share{row}" inputmode="decimal" />
			</div>{/each}
		<Field label={of} name="ofThing" hint={ofHint} />
		<ActFoot timed={false} actId={data.ids.day} label="Share it out" />
	</Form>
</Fold>
<Fold name="paid" label="Cash that went out" open={form?.form === 'paid'}>
	<Form name="paid" sent={form} limits={worth} class="grid gap-3">
		<Field label="What for" name="paidFor" hint="Like molasses, fuel, a rake" />
		<Field
			label="Paid{data.currency ? `, ${data.currency}` : ''}"
			name="paid"
			inputmode="decimal"
		/>
		<Field label={of} name="ofThing" hint={ofHint} />
		<ActFoot timed={false} actId={data.ids.paid} label="Keep what was paid" />
	</Form>
</Fold>
<Fold name="prices" label="What it would cost to buy" open={form?.form === 'prices'}>
	<Form name="prices" sent={form} limits={worth} known={knownPrices} class="grid gap-3">
		{#each data.priceFields as { id, name } (id)}<Field
				label={priceWords[id]}
				{name}
				inputmode="decimal"
			/>{/each}
		<ActFoot timed={false} actId={data.ids.prices} label="Keep the prices" />
	</Form>
</Fold>
<h2 class="mt-6 mb-2 text-xl">Told last</h2>
{#if data.entries.length === 0}<p class="quiet">Nothing yet.</p>{/if}
<ul>
	{#each data.entries as one (one.actId + one.says)}<li
			class="flex flex-wrap items-center justify-between gap-x-4 border-b border-base-300 py-2"
		>
			<span class="min-w-0"
				>{one.says}
				<span class="quiet block text-sm">{one.when}, {one.person}</span></span
			>
			{#if one.mayUndo}<form method="post" action="?/undo">
					<input type="hidden" name="actId" value={one.undoId} />
					<input type="hidden" name="act" value={one.actId} />
					<button class="btn min-h-11 btn-outline" aria-label="Take back {one.says}"
						>Take back</button
					>
				</form>{/if}
		</li>{/each}
</ul>
