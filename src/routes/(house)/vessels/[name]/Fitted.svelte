<script lang="ts">
	import Field from '$lib/components/entry/Field.svelte';
	import Tick from '$lib/components/entry/Tick.svelte';
	import type { VesselEntry } from './reckoning';
	/** What is built onto a vessel: asked for where it changes the burn. */
	let { entry = $bindable() }: { entry: VesselEntry } = $props();
	const kiln = $derived(entry.usedFor === 'open-kiln');
	const barrel = $derived(entry.usedFor === 'barrel');
</script>

{#if kiln || barrel || entry.usedFor === 'retort'}
	<h3 class="mt-5 mb-2 text-lg">What is built onto it</h3>
	<div class="form-grid">
		{#if barrel}
			<Field label="Holes in the floor" name="holes" inputmode="decimal" bind:value={entry.holes} />
			<Field label="Each hole across" name="holeWidth" bind:value={entry.holeWidth} />
			<Field label="Chimney, how high" name="chimney" bind:value={entry.chimney} />
		{/if}
		{#if kiln}<Field
				label="Rings or panels"
				name="panels"
				inputmode="decimal"
				bind:value={entry.panels}
				hint="Empty: one piece"
			/>{/if}
		<Field
			label="Weight empty"
			name="emptyMass"
			bind:value={entry.emptyMass}
			hint="Empty: 2 mm steel is taken"
		/>
	</div>
	{#if kiln}<Tick name="shield" label="A shield around the wall preheats the air" />{/if}
	{#if barrel}<Tick name="burner" label="A burner ring sits on it while it burns" />{/if}
{/if}
