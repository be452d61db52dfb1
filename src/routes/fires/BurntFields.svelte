<script lang="ts">
	import { limitFields } from '$lib/components/entry/typing.svelte';
	import { limits } from '$lib/input/limits';
	import Caution from '$lib/components/answer/Caution.svelte';
	import Choice from '$lib/components/entry/Choice.svelte';
	import Field from '$lib/components/entry/Field.svelte';
	import Ticks from '$lib/components/entry/Ticks.svelte';
	import type { System } from '$lib/core/units';
	/** What came out of a finished burn: char by depth or litres, a dried sample, brands, water, smoke. */
	let {
		values,
		errors,
		system
	}: {
		values: Readonly<Record<string, string>>;
		errors: Readonly<Record<string, string>>;
		system: System | undefined;
	} = $props();
	limitFields(limits.burn);
	const depthHint = $derived(
		system === 'us' ? 'Like 18 in, from the floor up' : 'Like 46 cm, from the floor up'
	);
</script>

<Ticks
	legend="Char measured"
	name="measuredBy"
	value={values.measuredBy ?? 'depth'}
	options={[
		{ value: 'depth', label: 'with a stick in the vessel' },
		{ value: 'litres', label: 'in tubs or litres' }
	]}
	error={errors.measuredBy}
/>
<div class="form-grid mt-4">
	<div class="by-depth">
		<Field
			label="Depth of char"
			name="depth"
			value={values.depth ?? ''}
			error={errors.depth ?? errors.char}
			hint={depthHint}
		/>
	</div>
	<div class="by-litres">
		<Field
			label="Char"
			name="char"
			value={values.char ?? ''}
			error={errors.char}
			hint="Whole pieces, as they come out"
		/>
	</div>
	<Choice
		label="How wet it is"
		name="wetness"
		value={values.wetness ?? 'quench-wet'}
		error={errors.wetness}
		options={[
			{ value: 'quench-wet', label: 'wet from the quench' },
			{ value: 'drained', label: 'drained, damp' },
			{ value: 'dry', label: 'dry' }
		]}
	/>
	<Field
		label="Brands taken out"
		name="brands"
		value={values.brands ?? ''}
		error={errors.brands}
		hint="Empty: none; they go back to the yard"
	/>
	<Field
		label="Dried sample, its volume"
		name="sampleVolume"
		value={values.sampleVolume ?? ''}
		error={errors.sampleVolume ?? errors.sample}
		hint="Your own density wins over the usual one"
	/>
	<Field
		label="Dried sample, its weight"
		name="sampleMass"
		value={values.sampleMass ?? ''}
		error={errors.sampleMass}
		hint={system === 'us' ? 'Like 3.5 lb, dried' : 'Like 1.6 kg, dried'}
	/>
	<Field
		label="All of it weighed, dry"
		name="charWeighed"
		value={values.charWeighed ?? ''}
		error={errors.charWeighed}
		hint="If you did; then weights need no density"
	/>
	<Field label="Water used" name="water" value={values.water ?? ''} error={errors.water} />
	<Field
		label="Minutes of visible smoke"
		name="smoke"
		value={values.smoke ?? ''}
		error={errors.smoke}
		inputmode="decimal"
	/>
	{#if errors.oddReason || values.oddReason}
		<Field
			label="Why the figures are odd and still right"
			name="oddReason"
			value={values.oddReason ?? ''}
			error={errors.oddReason}
		/>
	{/if}
</div>
<Caution>
	Steam burns: quench from upwind, the edge first. A flooded kiln weighs many times its char and its
	water is caustic: drain it, never tip it by hand, and keep it out of streams. Never store fresh
	char indoors: it gives off carbon monoxide and can relight.
</Caution>
