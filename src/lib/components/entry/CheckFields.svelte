<script lang="ts">
	import type { System } from '$lib/core/units';
	import Field from './Field.svelte';
	import { formHere } from './form-here';
	import Tick from './Tick.svelte';
	import Ticks from './Ticks.svelte';
	/** Places dug to the floor, each probed or felt with the back of the hand, and what was seen. */
	let {
		system,
		withAir = false
	}: {
		system: System | undefined;
		/** Ask for the air too: a core not much warmer may be stored dry. */
		withAir?: boolean;
	} = $props();
	const form = formHere();
	const unit = $derived(system === 'us' ? '°F' : '°C');
	const places = [1, 2, 3, 4] as const;
	const hands = [
		{ value: 'cold', label: 'no heat' },
		{ value: 'warm', label: 'heat' }
	];
	/** The fourth place is open only when something stands in it: three are what is wanted. */
	const more = $derived(Boolean(form.values.place4 || form.values.hand4 || form.errors.place4));
</script>

{#snippet place(n: number)}
	<div class="grid grid-cols-[6.5rem_1fr] items-end gap-x-4 border-b border-base-300 pb-2">
		<Field label="Place {n}" name="place{n}" inputmode="decimal" />
		<Ticks
			legend={n === 1 ? 'or by hand' : ''}
			label="Place {n} by hand"
			name="hand{n}"
			options={hands}
		/>
	</div>
{/snippet}

<p class="quiet mb-2 text-sm">
	Dig to the floor in three places or more. Type what the probe says in {unit}, or tap what the back
	of the hand feels over the hole.
</p>
{#if form.errors.places}<p class="mb-2 font-semibold text-error">{form.errors.places}</p>{/if}
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
	<Tick name="smoke" label="Smoke seen" />
	<Tick name="whiteSpots" label="White spots seen" />
</div>
{#if withAir}
	<div class="mt-3 max-w-xs">
		<Field
			label="Air beside it, {unit}"
			name="air"
			inputmode="decimal"
			hint="Only wanted before the char is bagged, kept dry or put under a roof"
		/>
	</div>
{/if}
