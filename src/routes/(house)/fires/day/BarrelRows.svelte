<script lang="ts">
	import type { System } from '$lib/core/units';
	import { sayRange } from '$lib/format/figure';
	import { roundsField, untilField, type DayVessel } from '$lib/input/day-form';
	/** Which barrels are at it, where each stands, and its rounds where they are not those of all. */
	let {
		vessels,
		barrels = $bindable(),
		values = $bindable(),
		errors,
		system
	}: {
		vessels: readonly DayVessel[];
		barrels: string[];
		values: Record<string, string>;
		errors: Readonly<Record<string, string>>;
		system: System | undefined;
	} = $props();
	const states = [
		{ value: '', label: 'empty and cold' },
		{ value: 'empty', label: 'empty, free later' },
		{ value: 'burning', label: 'burning' },
		{ value: 'cooling', label: 'capped, cooling' }
	];
</script>

<fieldset class="mt-4">
	<legend class="mb-1 text-lg font-semibold">Barrels, and where each stands</legend>
	{#if errors.barrels}<p class="font-semibold text-error">
			{errors.barrels}
		</p>{/if}
	{#each vessels as vessel (vessel.name)}
		<div class="flex flex-wrap items-center gap-x-4 gap-y-1 border-b border-base-300 py-1">
			<label class="flex min-h-12 min-w-44 flex-1 items-center gap-3"
				><input
					type="checkbox"
					class="checkbox"
					name="barrels"
					value={vessel.name}
					bind:group={barrels}
				/><strong>{vessel.name}</strong>
				<span class="text-sm {vessel.failed ? 'font-semibold text-error' : 'quiet'}"
					>{vessel.failed
						? `failed: ${vessel.failed}`
						: `${sayRange({ ...vessel.litres, unit: 'L' }, system)} of char a round`}</span
				></label
			>
			<select
				name="state-{vessel.name}"
				bind:value={values[`state-${vessel.name}`]}
				class="select min-h-12 w-40 border-base-content/60 bg-base-200"
				aria-label="Where {vessel.name} stands"
			>
				{#each states as { value, label } (value)}<option {value}>{label}</option>{/each}
			</select>
			<label class="flex items-center gap-2 text-sm"
				>for
				<input
					name="until-{vessel.name}"
					bind:value={values[`until-${vessel.name}`]}
					inputmode="decimal"
					autocomplete="off"
					class="input min-h-12 w-20 border-base-content/60 bg-base-200"
					aria-label="Minutes that {vessel.name} needs yet"
				/> min yet</label
			>
			<label class="flex items-center gap-2 text-sm"
				><input
					name={roundsField(vessel.name)}
					bind:value={values[roundsField(vessel.name)]}
					inputmode="numeric"
					autocomplete="off"
					placeholder={values.rounds}
					class="input min-h-12 w-16 border-base-content/60 bg-base-200"
					aria-label="Rounds of {vessel.name}, where not as all"
				/> rounds</label
			>
			{#if errors[roundsField(vessel.name)]}<p class="w-full font-semibold text-error">
					{errors[roundsField(vessel.name)]}
				</p>{/if}
			{#if errors[untilField(vessel.name)]}<p class="w-full font-semibold text-error">
					{errors[untilField(vessel.name)]}
				</p>{/if}
		</div>
	{/each}
</fieldset>
