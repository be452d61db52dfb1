<script lang="ts">
	import Choice from '$lib/components/entry/Choice.svelte';
	import Field from '$lib/components/entry/Field.svelte';
	import Tick from '$lib/components/entry/Tick.svelte';
	import { formHere } from '$lib/components/entry/form-here';
	import type { System } from '$lib/core/units';
	import {
		cropKindWords,
		drainageWords,
		humusWords,
		targetWords,
		textureWords
	} from '$lib/format/words';
	/** A bed by measurement and by what decides whether char helps it. */
	let {
		system,
		named = true
	}: {
		system: System | undefined;
		/** Whether the form gives the bed its name; measured again it has one. */
		named?: boolean;
	} = $props();
	let target = $state(formHere().values.target ?? 'area');
	const options = (words: Readonly<Record<string, string>>) =>
		Object.entries(words).map(([value, label]) => ({ value, label }));
</script>

<div class="form-grid">
	{#if named}<Field label="Name" name="name" />{/if}
	<Choice label="It is" name="target" bind:value={target} options={options(targetWords)} />
	{#if target !== 'area'}<Field label="How many alike" name="pieces" inputmode="decimal" />{/if}
	<Field
		label={target === 'area' ? 'Length' : target === 'pots' ? 'Across one pot' : 'Across the crown'}
		name="length"
	/>
	{#if target === 'area'}<Field label="Width" name="width" />{/if}
	<Field
		label="Working depth"
		name="depth"
		hint="Empty: the top {system === 'us' ? '6 in' : '15 cm'}"
	/>
	<Choice label="Soil" name="texture" options={options(textureWords)} />
	<Choice label="Water" name="drainage" options={options(drainageWords)} />
	<Field label="pH, if read" name="ph" inputmode="decimal" />
	<Choice label="Humus" name="humus" options={options(humusWords)} />
	<Choice label="Kind of crop" name="cropKind" options={options(cropKindWords)} />
	<Field label="What grows there" name="crop" />
</div>
<div class="mt-3 flex flex-wrap gap-x-8">
	<Tick name="acidLover" label="Acid lovers grow here" />
	<Tick name="eatenRaw" label="Something here is eaten raw" />
</div>
