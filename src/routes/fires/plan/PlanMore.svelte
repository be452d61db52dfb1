<script lang="ts">
	import Choice from '$lib/components/entry/Choice.svelte';
	import Field from '$lib/components/entry/Field.svelte';
	import Sourced from '$lib/components/answer/Sourced.svelte';
	import { wayOf } from '$lib/core/fires';
	import type { System } from '$lib/core/units';
	import { quenchWords } from '$lib/format/burn-words';
	import { say } from '$lib/format/figure';
	import { slip } from '$lib/format/slip';
	import { capital, count } from '$lib/format/words';
	import type { PlanEntry, ReckonedPlan } from './reckoning';
	/** Water by its terms, the way it is put out, what is carried how far, and the sum backwards. */
	let {
		entry = $bindable(),
		plan,
		system
	}: { entry: PlanEntry; plan: ReckonedPlan | undefined; system: System | undefined } = $props();
	const open = $derived(
		Boolean(entry.hoseRate || entry.hoseMinutes || entry.away || entry.carries || entry.wanted)
	);
	const quenches = $derived(
		plan
			? wayOf(plan.vessel.way).mayQuench.map((value) => ({
					value,
					label: quenchWords[value]
				}))
			: []
	);
</script>

<details class="mb-5" {open}>
	<summary class="inline-flex min-h-11 cursor-pointer items-center underline"
		>Hose, carrying, and how much wood for so much char</summary
	>
	<div class="form-grid mt-2">
		{#if quenches.length > 1}<Choice
				label="It will be"
				name="putOutBy"
				bind:value={() => plan?.quench ?? '', (chosen) => (entry.quench = chosen)}
				options={quenches}
			/>{/if}
		<Field label="The hose gives a minute" name="hoseRate" bind:value={entry.hoseRate} />
		<Field
			label="Minutes it can run"
			name="hoseMinutes"
			inputmode="decimal"
			bind:value={entry.hoseMinutes}
		/>
		<Field label="From stack to fire" name="away" bind:value={entry.away} />
		<Field label="One trip carries" name="carries" bind:value={entry.carries} />
		<Field
			label="Crushed char I want"
			name="wanted"
			bind:value={entry.wanted}
			hint="To see how much dry wood that is"
		/>
	</div>
	<div class="mt-2" aria-live="polite">
		{#if plan?.there}<div>
				On site that is <Sourced slip={slip('On site', plan.there, system)} />.
			</div>{/if}
		{#if plan?.trips}<p>
				{capital(count(plan.trips.wood.trips, 'trip', 'trips'))} for the wood, {say(
					plan.trips.wood.walked_m,
					'm',
					system
				)} on foot; if the vessel goes to the stack, {count(plan.trips.char.trips, 'trip', 'trips')} for
				the char, {say(plan.trips.char.walked_m, 'm', system)}.
			</p>{/if}
		{#if plan?.back}<div>
				That takes <Sourced slip={slip('Wood for it', plan.back, system)} /> of dry wood; this load is
				{say(plan.load.value, 'kg', system)}.
			</div>{/if}
	</div>
</details>
