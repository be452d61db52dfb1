<script lang="ts">
	import { days } from '$lib/core/time';
	import Caution from '$lib/components/answer/Caution.svelte';
	import Say from '$lib/components/answer/Say.svelte';
	import Rule from '$lib/components/answer/Rule.svelte';
	import BedCutaway from '$lib/components/cutaway/BedCutaway.svelte';
	import ShareGauge from '$lib/components/cutaway/ShareGauge.svelte';
	import ActFoot from '$lib/components/entry/ActFoot.svelte';
	import Choice from '$lib/components/entry/Choice.svelte';
	import Field from '$lib/components/entry/Field.svelte';
	import { formHere } from '$lib/components/entry/form-here';
	import { askForms, isAsSold, type RateForm } from '$lib/core/beds';
	import type { System } from '$lib/core/units';
	import { sayDay, type Almanac } from '$lib/format/dates';
	import { joined, say, sayOfSoil, show } from '$lib/format/figure';
	import { figured, said, slipped } from '$lib/format/sentence';
	import { askWords } from '$lib/format/rate-words';
	import { capital, limitWords, list } from '$lib/format/words';
	import type { PageData } from './$types';
	import RateTable from './RateTable.svelte';
	import type { DoseEntry, ReckonedDose } from './reckoning';
	/** The dose: which lot, how much, in any form; what that is here; and the one button that logs it. */
	let {
		entry = $bindable(),
		bed,
		lots,
		reckoned,
		actId,
		almanac,
		system,
		happenedAt = $bindable('')
	}: {
		entry: DoseEntry;
		bed: PageData['bed'];
		lots: PageData['lots'];
		reckoned: ReckonedDose | undefined;
		actId: string;
		almanac: Almanac;
		system: System | undefined;
		/** When it was done, as typed. */
		happenedAt?: string;
	} = $props();
	const sent = formHere();
	const dose = $derived(reckoned?.dose);
	const percent = (value: number) => joined(show({ value, unit: 'share' }, system));
	const urine = $derived(lots.find((lot) => lot.code === entry.lot)?.urineInside ?? false);
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
				<Rule room="soil" figure="target">5 %</Rule>; at first not above
				<Rule room="soil" figure="first">3 %</Rule>
			</p>
		</div>
	</div>
	{#if lots.length > 0}
		<div class="min-w-0">
			<Choice
				label="Lot"
				name="lot"
				bind:value={entry.lot}
				options={lots.map((lot) => ({
					value: lot.code,
					label: `${lot.code} ${lot.name}, ${say(lot.litresLeft, 'L', system)}${lot.warnings.length ? ' (not ready)' : ''}`
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
				<RateTable dose={reckoned} depth={bed.ground.depth} {system} />
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
	{#if reckoned && reckoned.warnings.length > 0}
		<p class="mt-3 border-l-4 border-error py-1 pl-4" role="status">
			<strong
				>{capital(
					list(reckoned.warnings.map((w) => limitWords[w as keyof typeof limitWords]))
				)}.</strong
			>
			{reckoned.warnings.includes('stock') ? 'Choose a lower rate.' : 'It wants a reason.'}
		</p>
	{/if}
	{#if (reckoned?.warnings.length ?? 0) > 0 || sent.errors.reason || entry.reason}
		<div class="mt-3">
			<Field label="Why it is right here" name="reason" bind:value={entry.reason} />
		</div>
	{/if}
	{#if bed.acidLover || (bed.ph ?? 0) >= 7.2}<Caution
			>Char and its ash lift the pH: only low-ash, well charged char here, and read the pH before
			and after.</Caution
		>{/if}
	{#if urine}
		<Caution>
			Urine inside: {bed.eatenRaw
				? 'something here is eaten raw. Stored 6 months in the warm it may go where food is eaten raw; fresh, only from your own household, and '
				: 'from your own household '}stop a month before harvest (WHO 2006){bed.eatenRaw
				? `: nothing from here before ${sayDay(almanac.now_ms + days(30), almanac)}`
				: ''}.
		</Caution>
	{/if}
	<p class="quiet mt-3 text-sm">
		Damp, with a mask; dig or rake it in, water it, and wait one to two weeks before sowing.
	</p>
	<noscript><button class="btn mt-4 min-h-12 btn-neutral">Work it out</button></noscript>
	<ActFoot {actId} label="Log it spread" bind:happenedAt />
{/if}
