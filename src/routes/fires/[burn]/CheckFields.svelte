<script lang="ts">
	import Field from '$lib/components/entry/Field.svelte';
	import type { System } from '$lib/core/units';
	/** Three places or four, each a probe reading or what the hand felt, and what was seen. */
	let {
		values,
		errors,
		system
	}: {
		values: Readonly<Record<string, string>>;
		errors: Readonly<Record<string, string>>;
		system: System | undefined;
	} = $props();
	const hint = $derived(
		system === 'us'
			? 'Probe in °F, or "no heat" / "heat" by hand'
			: 'Probe in °C, or "no heat" / "heat" by hand'
	);
	const places = ['place1', 'place2', 'place3', 'place4'] as const;
</script>

<p class="quiet mb-2 text-sm">Dig to the floor in three places or more. {hint}.</p>
{#if errors.places}<p class="mb-2 font-semibold text-error">{errors.places}</p>{/if}
<div class="grid grid-cols-2 gap-3 sm:grid-cols-4">
	{#each places as name, i (name)}
		<Field label="Place {i + 1}" {name} value={values[name] ?? ''} error={errors[name]} />
	{/each}
</div>
<div class="mt-3 flex flex-wrap gap-x-6">
	<label class="flex min-h-12 items-center gap-3"
		><input type="checkbox" class="checkbox" name="smoke" checked={values.smoke === 'on'} />Smoke
		seen</label
	>
	<label class="flex min-h-12 items-center gap-3"
		><input
			type="checkbox"
			class="checkbox"
			name="whiteSpots"
			checked={values.whiteSpots === 'on'}
		/>White spots seen</label
	>
</div>
