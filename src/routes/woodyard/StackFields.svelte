<script lang="ts">
	import { say } from '$lib/format/figure';
	import Choice from '$lib/components/entry/Choice.svelte';
	import Field from '$lib/components/entry/Field.svelte';
	import Ticks from '$lib/components/entry/Ticks.svelte';
	import type { OwnMeasure, System } from '$lib/core/units';
	import { outlines, stackForms, suspicions, woodClasses } from '$lib/core/woodyard';
	import type { StackEntry } from './reckoning';
	let {
		entry = $bindable(),
		system,
		measures
	}: {
		entry: StackEntry;
		system: System | undefined;
		measures: readonly OwnMeasure[];
	} = $props();
	const options = (table: readonly { id: string; name: string }[]) =>
		table.map(({ id, name }) => ({ value: id, label: name }));
</script>

<div class="mb-4">
	<Ticks
		legend="Measured"
		name="sizedBy"
		bind:value={entry.sizedBy}
		options={[
			{ value: 'outline', label: 'with a tape' },
			{ value: 'measures', label: 'in barrows, tubs or by volume' }
		]}
		also="size"
	/>
</div>
<div class="form-grid">
	<div class="by-outline">
		<Field label="Length" name="length" inputmode="text" bind:value={entry.length} />
	</div>
	<div class="by-outline">
		<Field label="Height" name="height" bind:value={entry.height} />
	</div>
	<div class="by-outline">
		<Field
			label="Width, through the pile"
			name="width"
			bind:value={entry.width}
			hint="Empty: about {say(1, 'm', system)} is assumed"
		/>
	</div>
	<div class="by-outline">
		<Choice label="Outline" name="outline" bind:value={entry.outline} options={options(outlines)} />
	</div>
	<div class="by-measures">
		<Field
			label="How much"
			name="filled"
			bind:value={entry.filled}
			hint={measures[0] ? `Or 3 1/2 ${measures[0].name}s` : 'Own measures live in Settings'}
		/>
	</div>
	<Choice label="Wood class" name="wood" bind:value={entry.wood} options={options(woodClasses)} />
	<Choice label="How it lies" name="form" bind:value={entry.form} options={options(stackForms)} />
	<Choice
		label="Cut how long ago"
		name="seasoned"
		bind:value={entry.seasoned}
		options={[
			{ value: 'yes', label: 'seasoned, already shrunk' },
			{ value: 'no', label: 'green, just cut' }
		]}
	/>
	<Choice
		label="Anything suspect about it"
		name="suspicion"
		bind:value={entry.suspicion}
		options={options(suspicions)}
	/>
	<Field label="Your name for it" name="name" bind:value={entry.name} hint="Such as alder rods" />
</div>
