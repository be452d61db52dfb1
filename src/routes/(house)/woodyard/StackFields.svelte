<script lang="ts">
	import { say } from '$lib/format/figure';
	import Choice from '$lib/components/entry/Choice.svelte';
	import Field from '$lib/components/entry/Field.svelte';
	import Tick from '$lib/components/entry/Tick.svelte';
	import Ticks from '$lib/components/entry/Ticks.svelte';
	import type { OwnMeasure, System } from '$lib/core/units';
	import { covers, outlines, stackForms, suspicions, woodClasses } from '$lib/core/woodyard';
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
			{ value: 'measures', label: 'in barrows, tubs or by volume' },
			{ value: 'weighed', label: 'by count, one of them weighed' }
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
	<div class="by-weighed">
		<Field label="How many bundles or tubs" name="count" bind:value={entry.count} />
	</div>
	<div class="by-weighed">
		<Field
			label="One weighs, as it lies"
			name="oneWeight"
			bind:value={entry.oneWeight}
			hint="One of middling size"
		/>
	</div>
	<div class="by-weighed">
		<Field
			label="Its water, % wet basis"
			name="oneWater"
			bind:value={entry.oneWater}
			hint="Empty: by how long ago it was cut"
		/>
	</div>
	<div class="by-weighed">
		<Field
			label="One takes up"
			name="oneHolds"
			bind:value={entry.oneHolds}
			hint="Empty: reckoned back from its weight"
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
			{ value: 'no', label: 'green, just cut' },
			{ value: 'dead', label: 'died standing' }
		]}
	/>
	<Choice
		label="Anything suspect about it"
		name="suspicion"
		bind:value={entry.suspicion}
		options={options(suspicions)}
	/>
	<Choice
		label="How it is kept"
		name="cover"
		bind:value={entry.cover}
		options={[{ value: '', label: 'not said' }, ...options(covers)]}
	/>
	<Field label="Your name for it" name="name" bind:value={entry.name} hint="Such as alder rods" />
</div>
<div class="mt-3">
	<Tick name="walnut" label="There is walnut in it" />
</div>
