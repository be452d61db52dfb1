<script lang="ts">
	import Choice from '$lib/components/entry/Choice.svelte';
	import Field from '$lib/components/entry/Field.svelte';
	import Ticks from '$lib/components/entry/Ticks.svelte';
	import { woodClasses } from '$lib/core/woodyard';
	/** Where the wood of a finished burn came from, when it was in no stack. */
	let { value = $bindable('stacks') }: { value?: string } = $props();
</script>

<Ticks
	legend="Its wood"
	name="woodFrom"
	bind:value
	options={[
		{ value: 'stacks', label: 'came from stacks' },
		{ value: 'weighed', label: 'was weighed as it went in' },
		{ value: 'reckoned', label: 'nobody knows: work it back from the char' }
	]}
/>
{#if value !== 'stacks'}
	<div class="form-grid mt-3">
		{#if value === 'weighed'}
			<Field label="Wood, as it lay" name="woodWeight" />
			<Field
				label="Water in it, % of its weight"
				name="woodWater"
				inputmode="decimal"
				hint="Empty: 14–22 %, as seasoned wood"
			/>
		{/if}
		<Choice
			label="What it was"
			name="woodClass"
			options={woodClasses.map(({ id, name }) => ({ value: id, label: name }))}
		/>
	</div>
{/if}
