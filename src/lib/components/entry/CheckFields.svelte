<script lang="ts">
	import { limitFields } from './typing.svelte';
	import { limits } from '$lib/input/limits';
	import type { System } from '$lib/core/units';
	import Field from './Field.svelte';
	import Ticks from './Ticks.svelte';
	/** Places dug to the floor, each probed or felt with the back of the hand, and what was seen. */
	let {
		values,
		errors,
		system,
		withAir = false
	}: {
		values: Readonly<Record<string, string>>;
		errors: Readonly<Record<string, string>>;
		system: System | undefined;
		/** Ask for the air too: a core not much warmer may be stored dry. */
		withAir?: boolean;
	} = $props();
	limitFields(limits.check);
	const unit = $derived(system === 'us' ? '°F' : '°C');
	const places = [1, 2, 3, 4] as const;
	const hands = [
		{ value: 'cold', label: 'no heat' },
		{ value: 'warm', label: 'heat' }
	];
	/** The fourth place is open only when something stands in it: three are what is wanted. */
	const more = $derived(Boolean(values.place4 || values.hand4 || errors.place4));
</script>

{#snippet place(n: number)}
	<div class="grid grid-cols-[6.5rem_1fr] items-end gap-x-4 border-b border-base-300 pb-2">
		<Field
			label="Place {n}"
			name="place{n}"
			inputmode="decimal"
			value={values[`place${n}`] ?? ''}
			error={errors[`place${n}`]}
		/>
		<Ticks
			legend={n === 1 ? 'or by hand' : ''}
			label="Place {n} by hand"
			name="hand{n}"
			value={values[`hand${n}`] ?? ''}
			options={hands}
		/>
	</div>
{/snippet}

<p class="quiet mb-2 text-sm">
	Dig to the floor in three places or more. Type what the probe says in {unit}, or tap what the back
	of the hand feels over the hole.
</p>
{#if errors.places}<p class="mb-2 font-semibold text-error">{errors.places}</p>{/if}
<div class="grid gap-3 xl:grid-cols-2">
	{#each places.slice(0, 3) as n (n)}{@render place(n)}{/each}
</div>
<details open={more}>
	<summary class="inline-flex min-h-11 cursor-pointer items-center underline"
		>A fourth place</summary
	>
	{@render place(4)}
</details>
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
{#if withAir}
	<div class="mt-3 max-w-xs">
		<Field
			label="Air beside it, {unit}"
			name="air"
			inputmode="decimal"
			value={values.air ?? ''}
			error={errors.air}
			hint="Only wanted before the char is bagged, kept dry or put under a roof"
		/>
	</div>
{/if}
