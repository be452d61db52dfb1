<script lang="ts">
	import { say } from '$lib/format/figure';
	import { limitFields } from '$lib/components/entry/typing.svelte';
	import { limits } from '$lib/input/limits';
	import Choice from '$lib/components/entry/Choice.svelte';
	import Field from '$lib/components/entry/Field.svelte';
	import Ticks from '$lib/components/entry/Ticks.svelte';
	import type { OwnMeasure, System } from '$lib/core/units';
	import { outlines, stackForms, suspicions, woodClasses } from '$lib/core/woodyard';
	import type { StackEntry } from './reckoning';
	let {
		entry = $bindable(),
		errors,
		system,
		measures
	}: {
		entry: StackEntry;
		errors: Readonly<Record<string, string>>;
		system: System | undefined;
		measures: readonly OwnMeasure[];
	} = $props();
	limitFields(limits.stack);
	const options = (table: readonly { id: string; name: string }[]) =>
		table.map(({ id, name }) => ({ value: id, label: name }));
	const long = $derived(
		system === 'us'
			? 'In feet, or with a unit: 6 ft, 70 in'
			: 'In metres, or with a unit: 2.4, 240 cm'
	);
</script>

<div class="mb-4">
	<Ticks
		legend="Measured"
		name="sizedBy"
		bind:value={entry.sizedBy}
		options={[
			{ value: 'outline', label: 'with a tape' },
			{ value: 'measures', label: 'in barrows, tubs or litres' }
		]}
		error={errors.sizedBy ?? errors.size}
	/>
</div>
<div class="form-grid">
	<div class="by-outline">
		<Field
			label="Length"
			name="length"
			inputmode="text"
			bind:value={entry.length}
			error={errors.length}
			hint={long}
		/>
	</div>
	<div class="by-outline">
		<Field label="Height" name="height" bind:value={entry.height} error={errors.height} />
	</div>
	<div class="by-outline">
		<Field
			label="Width, through the pile"
			name="width"
			bind:value={entry.width}
			error={errors.width}
			hint="Empty: about {say(1, 'm', system)} is assumed"
		/>
	</div>
	<div class="by-outline">
		<Choice
			label="Outline"
			name="outline"
			bind:value={entry.outline}
			options={options(outlines)}
			error={errors.outline}
		/>
	</div>
	<div class="by-measures">
		<Field
			label="How much"
			name="filled"
			bind:value={entry.filled}
			error={errors.filled}
			hint={measures[0]
				? `Like 3 1/2 ${measures[0].name}s, or 400 L`
				: 'Like 400 L or 20 cu ft; own measures live in Settings'}
		/>
	</div>
	<Choice
		label="Wood class"
		name="wood"
		bind:value={entry.wood}
		options={options(woodClasses)}
		error={errors.wood}
	/>
	<Choice
		label="How it lies"
		name="form"
		bind:value={entry.form}
		options={options(stackForms)}
		error={errors.form}
	/>
	<Choice
		label="Cut how long ago"
		name="seasoned"
		bind:value={entry.seasoned}
		options={[
			{ value: 'yes', label: 'seasoned, already shrunk' },
			{ value: 'no', label: 'green, just cut' }
		]}
		error={errors.seasoned}
	/>
	<Choice
		label="Anything suspect about it"
		name="suspicion"
		bind:value={entry.suspicion}
		options={options(suspicions)}
		error={errors.suspicion}
	/>
	<Field
		label="Your name for it"
		name="name"
		bind:value={entry.name}
		error={errors.name}
		hint="Such as alder rods"
	/>
</div>
