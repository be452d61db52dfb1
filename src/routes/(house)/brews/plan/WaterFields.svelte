<script lang="ts">
	import Choice from '$lib/components/entry/Choice.svelte';
	import Field from '$lib/components/entry/Field.svelte';
	import Rule from '$lib/components/answer/Rule.svelte';
	import Sourced from '$lib/components/answer/Sourced.svelte';
	import { ascorbicFigure, type WaterVerdict } from '$lib/core/brews';
	import { litres, type System } from '$lib/core/units';
	import { waterWords } from '$lib/format/brew-words';
	import { plain } from '$lib/format/figure';
	import { slip } from '$lib/format/slip';
	import type { BrewEntry } from './reckoning';
	/** Which water, what was done with it, and what it wants before anything alive goes in. */
	let {
		entry = $bindable(),
		verdict,
		base_l,
		system
	}: {
		entry: BrewEntry;
		verdict: WaterVerdict | undefined;
		base_l: number;
		system: System | undefined;
	} = $props();
	const options = Object.entries(waterWords).map(([value, { name, means }]) => ({
		value,
		label: `${name}: ${means}`
	}));
	const acid = $derived(
		verdict?.is === 'treat'
			? ascorbicFigure(
					{
						source: 'tap-chloramine',
						...(entry.strength.trim() === '' ? {} : { strength: verdict.strength })
					},
					litres(base_l)
				)
			: undefined
	);
</script>

<Choice label="Which water" name="water" bind:value={entry.water} {options} />
{#if entry.water === 'tap-chlorine'}
	<div class="form-grid col-span-full">
		<Field
			label="It stood open, hours"
			name="stood"
			inputmode="decimal"
			bind:value={entry.stood}
			hint="In a wide vessel; 24 are enough"
		/>
		<Field
			label="It was bubbled, hours"
			name="bubbled"
			inputmode="decimal"
			bind:value={entry.bubbled}
			hint="2 are enough"
		/>
	</div>
{:else if entry.water === 'tap-chloramine' || entry.water === 'tap-unknown'}
	<div class="form-grid col-span-full">
		<Field
			label="Its strength, mg to the litre"
			name="strength"
			inputmode="decimal"
			bind:value={entry.strength}
			hint="As the supplier states it; empty: 2"
		/>
		<label class="flex min-h-12 items-center gap-3 self-end"
			><input
				type="checkbox"
				class="checkbox shrink-0"
				name="ascorbic"
				bind:checked={entry.ascorbic}
			/>Ascorbic acid is stirred in</label
		>
	</div>
{/if}
<div class="col-span-full text-sm empty:hidden" aria-live="polite">
	{#if verdict?.is === 'wait'}<strong>Not yet:</strong> let it stand open <Rule
			room="water"
			figure="stand">{plain(verdict.stand_h, 0)} h</Rule
		> more, or bubble it <Rule room="water" figure="bubble">{plain(verdict.bubble_h, 1)} h</Rule>.
	{:else if acid}<strong>Not yet:</strong> chloramine does not leave by standing. Stir in <Sourced
			slip={slip('Ascorbic acid', acid, system)}
		/> of ascorbic acid, or take rain water.
	{:else if entry.water.startsWith('tap')}It is fit for what is alive.{/if}
</div>
