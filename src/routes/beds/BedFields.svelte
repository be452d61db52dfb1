<script lang="ts">
	import { limitFields } from '$lib/components/entry/typing.svelte';
	import { limits } from '$lib/input/limits';
	import Choice from '$lib/components/entry/Choice.svelte';
	import Field from '$lib/components/entry/Field.svelte';
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
		values,
		errors,
		system,
		named = true
	}: {
		values: Readonly<Record<string, string>>;
		errors: Readonly<Record<string, string>>;
		system: System | undefined;
		/** Whether the form gives the bed its name; measured again it has one. */
		named?: boolean;
	} = $props();
	limitFields(limits.bed);
	// svelte-ignore state_referenced_locally
	let target = $state(values.target ?? 'area');
	const options = (words: Readonly<Record<string, string>>) =>
		Object.entries(words).map(([value, label]) => ({ value, label }));
</script>

<div class="form-grid">
	{#if named}<Field label="Name" name="name" value={values.name ?? ''} error={errors.name} />{/if}
	<Choice
		label="It is"
		name="target"
		bind:value={target}
		error={errors.target}
		options={options(targetWords)}
	/>
	{#if target !== 'area'}<Field
			label="How many alike"
			name="pieces"
			inputmode="decimal"
			value={values.pieces ?? '1'}
			error={errors.pieces}
		/>{/if}
	<Field
		label={target === 'area' ? 'Length' : target === 'pots' ? 'Across one pot' : 'Across the crown'}
		name="length"
		value={values.length ?? ''}
		error={errors.length}
		hint={system === 'us' ? 'Like 26 ft' : 'Like 8 m'}
	/>
	{#if target === 'area'}<Field
			label="Width"
			name="width"
			value={values.width ?? ''}
			error={errors.width}
			hint={system === 'us' ? 'Like 40 in' : 'Like 1.2 m'}
		/>{/if}
	<Field
		label="Working depth"
		name="depth"
		value={values.depth ?? ''}
		error={errors.depth}
		hint="Empty: the top {system === 'us' ? '6 in' : '15 cm'}"
	/>
	<Choice
		label="Soil"
		name="texture"
		value={values.texture ?? 'loam'}
		error={errors.texture}
		options={options(textureWords)}
	/>
	<Choice
		label="Water"
		name="drainage"
		value={values.drainage ?? 'even'}
		error={errors.drainage}
		options={options(drainageWords)}
	/>
	<Field
		label="pH, if read"
		name="ph"
		inputmode="decimal"
		value={values.ph ?? ''}
		error={errors.ph}
	/>
	<Choice
		label="Humus"
		name="humus"
		value={values.humus ?? 'usual'}
		error={errors.humus}
		options={options(humusWords)}
	/>
	<Choice
		label="Kind of crop"
		name="cropKind"
		value={values.cropKind ?? 'mixed'}
		error={errors.cropKind}
		options={options(cropKindWords)}
	/>
	<Field label="What grows there" name="crop" value={values.crop ?? ''} error={errors.crop} />
</div>
<div class="mt-3 flex flex-wrap gap-x-8">
	<label class="flex min-h-12 items-center gap-3"
		><input
			type="checkbox"
			class="checkbox"
			name="acidLover"
			checked={values.acidLover === 'on'}
		/>Acid lovers grow here</label
	>
	<label class="flex min-h-12 items-center gap-3"
		><input
			type="checkbox"
			class="checkbox"
			name="eatenRaw"
			checked={values.eatenRaw === 'on'}
		/>Something here is eaten raw</label
	>
</div>
