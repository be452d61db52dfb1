<script lang="ts">
	import Field from '$lib/components/entry/Field.svelte';
	import Fold from '$lib/components/entry/Fold.svelte';
	import type { System } from '$lib/core/units';
	import { say } from '$lib/format/figure';
	import type { ChargeEntry, ReckonedPlan } from './reckoning';
	/** What really went in, where it was not what the recipe asks: that is what is kept. */
	let {
		entry = $bindable(),
		plan,
		errors,
		system
	}: {
		entry: ChargeEntry;
		plan: ReckonedPlan | undefined;
		errors: Readonly<Record<string, string>>;
		system: System | undefined;
	} = $props();
	const isOpen = $derived(
		[entry.reallyPartner, entry.reallyWater, errors.reallyPartner, errors.reallyWater].some(Boolean)
	);
	const asks = (litres: number | undefined) =>
		litres === undefined ? '' : `The recipe asks ${say(litres, 'L', system)}`;
</script>

<Fold name="really" label="What really went in, if it was not that" class="mt-4" open={isOpen}>
	<div class="form-grid mt-2">
		<Field
			label="Partner, really"
			name="reallyPartner"
			bind:value={entry.reallyPartner}
			hint="{asks(plan?.asked.partner.value)}; by volume, own measures or weight"
		/>
		<Field
			label="Rain water, really"
			name="reallyWater"
			bind:value={entry.reallyWater}
			hint={asks(plan?.asked.water.value)}
		/>
	</div>
</Fold>
