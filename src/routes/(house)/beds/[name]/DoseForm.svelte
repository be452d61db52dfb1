<script lang="ts">
	import Say from '$lib/components/answer/Say.svelte';
	import Rule from '$lib/components/answer/Rule.svelte';
	import BedCutaway from '$lib/components/cutaway/BedCutaway.svelte';
	import ShareGauge from '$lib/components/cutaway/ShareGauge.svelte';
	import ActFoot from '$lib/components/entry/ActFoot.svelte';
	import WorkOut from '$lib/components/entry/WorkOut.svelte';
	import Choice from '$lib/components/entry/Choice.svelte';
	import Fold from '$lib/components/entry/Fold.svelte';
	import Field from '$lib/components/entry/Field.svelte';
	import { formHere } from '$lib/components/entry/form-here';
	import { askForms, isAsSold, type RateForm } from '$lib/core/beds';
	import type { System } from '$lib/core/units';
	import { joined, say, sayOfSoil, show } from '$lib/format/figure';
	import { figured, said, slipped } from '$lib/format/sentence';
	import { askWords } from '$lib/format/rate-words';
	import type { PageData } from './$types';
	import RateTable from './RateTable.svelte';
	import type { DoseEntry, ReckonedDose } from './reckoning';
	/** The dose: which lot, how much, in any form; what that is here; and the one button that logs it. */
	let {
		entry = $bindable(),
		bed,
		lots,
		rest,
		reckoned,
		actId,
		system,
		happenedAt = $bindable('')
	}: {
		entry: DoseEntry;
		bed: PageData['bed'];
		lots: PageData['lots'];
		rest: PageData['otherLots'];
		reckoned: ReckonedDose | undefined;
		actId: string;
		system: System | undefined;
		/** When it was done, as typed. */
		happenedAt?: string;
	} = $props();
	const sent = formHere();
	const dose = $derived(reckoned?.dose);
	const percent = (value: number) => joined(show({ value, unit: 'share' }, system));
	const asSold = $derived(isAsSold((reckoned?.form ?? entry.form) as RateForm));
</script>

<div class="grid grid-cols-[minmax(0,1fr)] gap-x-8 gap-y-4 lg:grid-cols-[20rem_1fr]">
	<div>
		<BedCutaway
			depth={bed.ground.depth}
			now={bed.share}
			after={dose?.shareAfter}
			caption={said`The working depth in section, char at its true share: ${slipped(sayOfSoil(bed.share), 'Holds now')} now${dose ? said`, ${slipped(sayOfSoil(dose.shareAfter), 'Then holds')} after` : ''}.`}
			{system}
		/>
		<div class="mt-3">
			<ShareGauge share={bed.share} after={dose?.shareAfter} />
			<p class="quiet text-sm">
				up to the ceiling of <Rule room="soil" figure="ceiling">10 %</Rule>; dashed, the target of
				<Rule room="soil" figure="target">5 %</Rule>{#if bed.firstSeason}; in its first season not
					above <Rule room="soil" figure="first">3 %</Rule>{/if}
			</p>
		</div>
	</div>
	{#if lots.length > 0}
		<div class="min-w-0">
			<Choice
				label="Lot"
				name="lot"
				{rest}
				bind:value={entry.lot}
				options={lots.map((lot) => ({
					value: lot.code,
					label: `${lot.code} ${lot.name}, ${say(lot.litresLeft, 'L', system)}${lot.isReady ? '' : ' (not ready)'}`
				}))}
			/>
			<div class="mt-3 grid grid-cols-[8rem_minmax(0,1fr)] gap-3">
				<Field
					label="How much"
					name="amount"
					bind:value={entry.amount}
					hint="Or with its unit: 2 barrows"
				/>
				<Choice
					label="in"
					name="form"
					bind:value={entry.form}
					options={askForms.map((value) => ({ value, label: askWords(value, system) }))}
				/>
			</div>
			{#if asSold || sent.errors.moisture || entry.moisture}
				<div class="mt-3 max-w-56">
					<Field
						label="Water in it, % of weight"
						name="moisture"
						inputmode="decimal"
						bind:value={entry.moisture}
						hint="Wet basis; weigh, dry, weigh again"
					/>
				</div>
			{/if}
			{#if reckoned}
				<Fold name="rates" label="The same in other units">
					<RateTable dose={reckoned} depth={bed.ground.depth} {system} />
				</Fold>
				<p class="quiet mt-2 text-sm">
					Only char counts: {reckoned.lot.code} is <Say
						sentence={said`${figured(percent(reckoned.lot.charShare.value), 'lot', reckoned.lot.code, 'share')}`}
					/> char by volume.
				</p>
			{/if}
		</div>
	{/if}
</div>
{#if lots.length > 0}
	{#if reckoned?.isShort}
		<p class="mt-3 border-l-4 border-error py-1 pl-4" role="status">
			<strong>More than the lot holds.</strong> Choose a lower rate.
		</p>
	{/if}
	<p class="quiet mt-3 text-sm">
		Damp, with a mask; dig or rake it in, water it, and wait one to two weeks before sowing.
	</p>
	<WorkOut />
	<ActFoot
		{actId}
		label="Log it spread"
		cautions={reckoned?.cautions ?? []}
		{system}
		bind:happenedAt
	/>
{/if}
