<script lang="ts">
	import Field from '$lib/components/entry/Field.svelte';
	import { asksPlace, type Recipe } from '$lib/core/brews';
	import type { BrewEntry } from './reckoning';
	/** Where it will stand and under what: asked of what stinks, makes gas or bites. */
	let {
		entry = $bindable(),
		recipe,
		typed
	}: {
		entry: BrewEntry;
		recipe: Recipe;
		typed: Readonly<Record<string, string>>;
	} = $props();
	const asks = $derived(asksPlace(recipe));
	const yesNo = [
		['yes', 'yes'],
		['no', 'no']
	] as const;
</script>

{#snippet either(label: string, name: 'downwind' | 'shade')}
	<fieldset class="min-h-12">
		<legend class="font-semibold">{label}</legend>
		<span class="flex gap-6">
			{#each yesNo as [value, word] (value)}<label class="flex min-h-12 items-center gap-2"
					><input
						type="radio"
						class="radio"
						{name}
						{value}
						checked={entry.place[name] === (value === 'yes')}
						onchange={() => (entry.place = { ...entry.place, [name]: value === 'yes' })}
					/>{word}</label
				>{/each}
		</span>
	</fieldset>
{/snippet}

{#if asks.stands || asks.lid || asks.plastic}
	<h2 class="mt-5 text-lg">Where it will stand</h2>
	<div class="form-grid mt-1">
		{#if asks.lid}
			<fieldset>
				<legend class="font-semibold">Its lid</legend>
				<span class="flex flex-wrap gap-x-6">
					{#each [['breathing', 'breathes'], ['vented', 'has a vent'], ['shut', 'is tight']] as [value, word] (value)}<label
							class="flex min-h-12 items-center gap-2"
							><input
								type="radio"
								class="radio"
								name="lid"
								{value}
								checked={entry.place.lid === value}
								onchange={() =>
									(entry.place = { ...entry.place, lid: value as 'breathing' | 'vented' | 'shut' })}
							/>{word}</label
						>{/each}
				</span>
			</fieldset>
		{/if}
		{#if asks.plastic}
			<label class="flex min-h-12 items-center gap-3 self-end"
				><input
					type="checkbox"
					class="checkbox shrink-0"
					name="plastic"
					checked={entry.place.plastic === true}
					onchange={(event) =>
						(entry.place = { ...entry.place, plastic: event.currentTarget.checked })}
				/>The vessel is plastic</label
			>
		{/if}
		{#if asks.stands}
			{@render either('Downwind of where people are', 'downwind')}
			{@render either('In the shade', 'shade')}
			<Field label="From the house" name="house" value={typed.house ?? ''} />
			<Field label="From the boundary" name="boundary" value={typed.boundary ?? ''} />
			<Field label="From open water" name="openWater" value={typed.openWater ?? ''} />
		{/if}
	</div>
{/if}
