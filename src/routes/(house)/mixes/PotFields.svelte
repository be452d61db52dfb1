<script lang="ts">
	import Choice from '$lib/components/entry/Choice.svelte';
	import Field from '$lib/components/entry/Field.svelte';
	import { formHere } from '$lib/components/entry/form-here';
	import { shapes } from '$lib/core/mixes';
	import { shapeWords } from '$lib/format/mix-words';
	/** How many of which pots. */
	const given = formHere().values;
	let {
		pots = $bindable(given.pots ?? ''),
		shape = $bindable(given.shape ?? 'round'),
		top = $bindable(given.top ?? ''),
		foot = $bindable(given.foot ?? ''),
		potHigh = $bindable(given.potHigh ?? ''),
		cells = $bindable(given.cells ?? ''),
		cellVolume = $bindable(given.cellVolume ?? '')
	}: {
		pots?: string;
		shape?: string;
		top?: string;
		foot?: string;
		potHigh?: string;
		cells?: string;
		cellVolume?: string;
	} = $props();
</script>

<Field label="How many" name="pots" inputmode="decimal" bind:value={pots} />
<Choice
	label="They are"
	name="shape"
	bind:value={shape}
	options={shapes.map((value) => ({ value, label: shapeWords[value] }))}
/>
{#if shape === 'tray'}
	<Field label="Cells in one" name="cells" inputmode="decimal" bind:value={cells} />
	<Field label="A cell holds" name="cellVolume" bind:value={cellVolume} />
{:else}
	<Field label={shape === 'block' ? 'Side' : 'Across the top'} name="top" bind:value={top} />
	{#if shape !== 'block'}<Field
			label="Across the foot"
			name="foot"
			bind:value={foot}
			hint="Empty: as pots usually taper"
		/>{/if}
	<Field label="High" name="potHigh" bind:value={potHigh} hint="Empty: as usual" />
{/if}
