<script lang="ts">
	import VesselCutaway from '$lib/components/cutaway/VesselCutaway.svelte';
	import { formHere } from '$lib/components/entry/form-here';
	import type { System } from '$lib/core/units';
	import { vesselUses } from '$lib/core/vessels';
	import { useWords } from '$lib/format/vessel-words';
	import { usualShapes } from './reckoning';
	/** What a vessel is for, chosen by its look: each drawn as one usually is. */
	let { value = $bindable(''), system }: { value?: string; system: System | undefined } = $props();
	const form = formHere();
	const liquid = (depth: number, use: string) => (use === 'tub' ? depth * 0.75 : 0);
</script>

<fieldset class="mb-5">
	<legend class="mb-1 font-semibold">It is</legend>
	<div class="grid max-w-3xl grid-cols-2 gap-2 sm:grid-cols-4">
		{#each vesselUses as use (use)}
			<label
				class="flex cursor-pointer flex-col justify-between rounded-field border-[1.5px] border-base-content/40 bg-base-200 p-2 has-checked:border-2 has-checked:border-secondary has-checked:bg-secondary/10 has-focus-visible:outline-3"
			>
				<span class="mx-auto block w-28"
					><VesselCutaway
						shape={usualShapes[use]}
						{use}
						depth={usualShapes[use].depth * 0.6}
						liquidDepth={liquid(usualShapes[use].depth, use)}
						caption=""
						{system}
						small
					/></span
				>
				<span class="mt-2 flex min-h-8 items-center gap-2 text-sm leading-tight">
					<input
						type="radio"
						class="radio shrink-0 radio-sm"
						name="usedFor"
						value={use}
						bind:group={value}
					/>
					{useWords[use]}
				</span>
			</label>
		{/each}
	</div>
	{#if form.errors.usedFor}<p class="mt-1 font-semibold text-error">{form.errors.usedFor}</p>{/if}
</fieldset>
