<script lang="ts">
	import VesselCutaway from '$lib/components/cutaway/VesselCutaway.svelte';
	import type { System } from '$lib/core/units';
	import { useWords } from '$lib/format/words';
	import { usualShapes } from './reckoning';
	/** What a vessel is for, chosen by its look: each drawn as one usually is. */
	let {
		value = $bindable(''),
		error = '',
		system
	}: { value?: string; error?: string | undefined; system: System | undefined } = $props();
	const kinds = Object.entries(useWords) as [keyof typeof useWords, string][];
</script>

<fieldset class="mb-5">
	<legend class="mb-1 font-semibold">It is</legend>
	<div class="grid max-w-xl grid-cols-3 gap-3">
		{#each kinds as [kind, words] (kind)}
			<label
				class="block cursor-pointer border-2 border-base-content/60 bg-base-200 p-3 has-checked:border-base-content has-checked:ring-2 has-checked:ring-base-content has-focus-visible:outline-3"
			>
				<span class="block px-2"
					><VesselCutaway
						shape={usualShapes[kind]}
						depth={usualShapes[kind].depth * 0.6}
						liquidDepth={kind === 'tub' ? usualShapes[kind].depth * 0.75 : 0}
						caption=""
						{system}
						small
					/></span
				>
				<span class="mt-2 flex min-h-8 items-center gap-2">
					<input
						type="radio"
						class="radio radio-sm"
						name="usedFor"
						value={kind}
						bind:group={value}
					/>
					{words}
				</span>
			</label>
		{/each}
	</div>
	{#if error}<p class="mt-1 font-semibold text-error">{error}</p>{/if}
</fieldset>
