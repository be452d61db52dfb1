<script lang="ts">
	import Choice from '$lib/components/entry/Choice.svelte';
	import Fold from '$lib/components/entry/Fold.svelte';
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
		Boolean(
			entry.quench ||
			entry.standbyRate ||
			entry.standbyMinutes ||
			entry.away ||
			entry.carries ||
			entry.wanted ||
			entry.longest
		)
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

<Fold
	name="more"
	label="Hose, carrying, cutting, and how much wood for so much char"
	class="mb-5"
	{open}
>
	<div class="form-grid mt-2">
		{#if quenches.length > 1}<Choice
				label="It will be"
				name="putOutBy"
				bind:value={() => plan?.quench ?? '', (chosen) => (entry.quench = chosen)}
				options={quenches}
			/>{/if}
		<Field label="The hose gives a minute" name="standbyRate" bind:value={entry.standbyRate} />
		<Field
			label="Minutes it can run"
			name="standbyMinutes"
			inputmode="decimal"
			bind:value={entry.standbyMinutes}
		/>
		<Field label="From stack to fire" name="away" bind:value={entry.away} />
		<Field label="One trip carries" name="carries" bind:value={entry.carries} />
		<Field
			label="Crushed char I want"
			name="wanted"
			bind:value={entry.wanted}
			hint="To see how much dry wood that is"
		/>
		<Field
			label="Longest pieces"
			name="longest"
			bind:value={entry.longest}
			hint="To see what cutting costs"
		/>
		<Field label="Their usual thickness" name="thick" bind:value={entry.thick} />
		<Field
			label="Seconds for a cut"
			name="cutSeconds"
			inputmode="decimal"
			bind:value={entry.cutSeconds}
			hint="Empty: 10 to 40"
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
		{#if plan?.cutting}<div>
				They are longer than {plan.vessel.name}: {count(plan.cutting.cuts, 'cut', 'cuts')}, <Sourced
					slip={slip('Sawing', plan.cutting.sawing_h, system)}
				/>.
				{#if plan.cutting.longer}Or {plan.vessel.name} dug {say(
						plan.cutting.longer.by_m,
						'm',
						system
					)} longer:
					{say(plan.cutting.longer.earth_l, 'L', system)} of earth, <Sourced
						slip={slip('Digging', plan.cutting.longer.digging_h, system)}
					/>; a wider fire then, and as much more water if it is filled.{/if}
			</div>{:else if entry.longest && plan}<p>Such pieces go in as they are.</p>{/if}
		{#if plan?.back}<div>
				That takes <Sourced slip={slip('Wood for it', plan.back, system)} /> of dry wood; this load is
				{say(plan.load.value, 'kg', system)}.
			</div>{/if}
	</div>
</Fold>
