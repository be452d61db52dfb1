<script lang="ts">
	import ActFoot from '$lib/components/entry/ActFoot.svelte';
	import Choice from '$lib/components/entry/Choice.svelte';
	import Field from '$lib/components/entry/Field.svelte';
	import Fold from '$lib/components/entry/Fold.svelte';
	import Form from '$lib/components/entry/Form.svelte';
	import SmallForm from '$lib/components/entry/SmallForm.svelte';
	import type { Sent } from '$lib/components/entry/form-here';
	import { limits } from '$lib/input/limits';
	import { isRound } from '$lib/core/beds';
	import type { System } from '$lib/core/units';
	import { sayLocalDay, type Almanac } from '$lib/format/dates';
	import { say, sayOfSoil } from '$lib/format/figure';
	import type { PageData } from './$types';
	/** Parts of a bed, what of it is left untreated, and one more part. */
	let {
		data,
		form,
		almanac,
		system
	}: {
		data: Pick<PageData, 'bed' | 'parts' | 'ids'>;
		form: Sent | null;
		almanac: Almanac;
		system: System | undefined;
	} = $props();
	const bed = $derived(data.bed);
	const dayOf = (day: string | null) => (day === null ? 'the first' : sayLocalDay(day, almanac));
	const words = ({ untreated }: (typeof data.parts)[number]) =>
		untreated
			.map(
				({ firstDay, lastDay }) =>
					`untreated from ${dayOf(firstDay)}${lastDay ? ` to ${dayOf(lastDay)}` : ''}`
			)
			.join(', ');
</script>

<section class="mt-8">
	{#if data.parts.length > 0}
		<h2 class="text-xl">Parts of it</h2>
		<ul class="mb-2 max-w-2xl">
			{#each data.parts as part (part.name)}<li
					class="flex flex-wrap items-center justify-between gap-x-4 border-b border-base-300 py-1"
				>
					<a
						class="inline-block min-h-11 content-center font-semibold underline"
						href="/beds/{encodeURIComponent(part.name)}">{part.name}</a
					>
					<span>{say(part.area, 'm²', system)}, {sayOfSoil(part.share)} char</span>
					<span class="quiet text-sm">{[part.crop, words(part)].filter(Boolean).join('; ')}</span>
				</li>{/each}
		</ul>
		{#if bed.passedOver.length > 0}<p class="mb-2">
				A dose for {bed.name} passes over {bed.passedOver.join(' and ')}: it is reckoned for the
				{say(bed.ground.area, 'm²', system)} that are treated.
			</p>{/if}
	{/if}
	{#if bed.within}
		<p>
			A part of <a class="underline" href="/beds/{encodeURIComponent(bed.within.name)}"
				>{bed.within.name}</a
			>: what was put on the whole of it counts here by its share of the soil.
		</p>
		<SmallForm verb="leave-untreated" actId="{data.ids.small}-u" sent={form} />
	{:else}
		<Fold name="part" label="Mark out a part of it" open={form?.form === 'part'}>
			<Form
				name="part"
				sent={form}
				limits={{ ...limits.part, partLength: limits.bed.length, partWidth: limits.bed.width }}
				class="grid max-w-2xl gap-3 pb-4 sm:grid-cols-2"
			>
				<Field label="What you call it" name="name" hint="Like {bed.name} strip" />
				{#if isRound(bed.target)}
					<Field label="After so many" name="piecesBefore" hint="Counted from the near end" />
					<Field label="How many" name="pieces" />
				{:else}
					<Field label="From the near end" name="along" hint="Empty: at the end" />
					<Field label="Long" name="partLength" />
					<Field label="From the side" name="across" hint="Empty: at the side" />
					<Field label="Wide" name="partWidth" hint="Empty: the whole width, a strip" />
				{/if}
				<div class="sm:col-span-2">
					<ActFoot actId={data.ids.part} label="Mark it out" quiet noted={false} />
				</div>
			</Form>
		</Fold>
	{/if}
	<Fold name="own" label="Water it, or leave what was cut here" open={form?.form === 'own'}>
		<Form
			name="own"
			sent={form}
			limits={{ ownAmount: limits.own.amount }}
			class="grid max-w-xl gap-3 pb-4"
		>
			<Choice
				label="It is"
				name="ownStuff"
				options={[
					{ value: 'water', label: 'Water' },
					{ value: 'own-leaves', label: 'Leaves cut here, left lying' }
				]}
			/>
			<Field label="How much went on" name="ownAmount" />
			<ActFoot actId={data.ids.own} label="It went on" quiet noted={false} />
		</Form>
	</Fold>
</section>
