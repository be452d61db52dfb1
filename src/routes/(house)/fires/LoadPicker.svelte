<script lang="ts">
	import { inLitres } from '$lib/core/units';
	import type { System } from '$lib/core/units';
	import { say, sayRange } from '$lib/format/figure';
	import { moistureWords } from '$lib/format/words';
	import Choice from '$lib/components/entry/Choice.svelte';
	import Field from '$lib/components/entry/Field.svelte';
	import { stackForms, woodClasses } from '$lib/core/woodyard';
	import { onTheSpot } from '$lib/input/spot';
	import type { PlanEntry, PlanStack } from './plan/reckoning';
	/** Stacks to load, whole or a typed part of each. */
	let {
		stacks,
		rest,
		loads = $bindable(),
		parts = $bindable(),
		spot,
		error = '',
		system
	}: {
		/** Wood that is in no books may be loaded, too: what is typed of it. */
		spot?: Pick<PlanEntry, 'spotWood' | 'spotWoodClass' | 'spotForm'> | undefined;
		stacks: readonly PlanStack[];
		/** Where these are a part of a long list. */
		rest?: { readonly n: number; readonly href: string } | undefined;
		loads: string[];
		parts: Record<string, string>;
		error?: string | undefined;
		system: System | undefined;
	} = $props();
</script>

<fieldset>
	<legend class="mb-1 text-xl" style="font-family: var(--font-slab)">Load</legend>
	{#if error}<p class="font-semibold text-error">{error}</p>{/if}
	{#each stacks as stack (stack.code)}
		<div
			class="print-if-ticked flex flex-wrap items-center gap-x-4 gap-y-1 border-b border-base-300 py-2"
		>
			<!-- The figures stand beside the label: a tap on one must not load the stack, nor the other way. -->
			<div class="min-w-60 flex-1">
				<label class="flex min-h-12 items-center gap-3">
					<input
						type="checkbox"
						class="checkbox"
						name="loads"
						value={stack.code}
						aria-describedby="load-{stack.code}"
						bind:group={loads}
					/>
					<strong>{stack.code} {stack.name}</strong>
				</label>
				<p class="quiet pl-9 text-sm" id="load-{stack.code}">
					{sayRange({ ...stack.left, unit: 'kg' }, system)} dry in {say(
						inLitres(stack.volume_ul),
						'L bulk',
						system
					)} · {moistureWords[stack.verdict]}
				</p>
			</div>
			<label class="flex items-center gap-2 text-sm">
				of it
				<input
					class="input min-h-12 w-36 border-base-content/60 bg-base-200"
					name="part-{stack.code}"
					bind:value={parts[stack.code]}
					placeholder="all of it"
					aria-label="How much of {stack.code}"
					autocomplete="off"
				/>
			</label>
		</div>
	{/each}
	{#if spot}
		{#if stacks.length > 0}<label class="flex min-h-12 items-center gap-3">
				<input type="checkbox" class="checkbox" name="loads" value={onTheSpot} bind:group={loads} />
				Wood that is not in the books
			</label>{:else}<input type="hidden" name="loads" value={onTheSpot} />{/if}
		{#if loads.includes(onTheSpot)}<div class="form-grid mt-2">
				<Field label="How much wood, as it lies" name="spotWood" bind:value={spot.spotWood} />
				<Choice
					label="Wood"
					name="spotWoodClass"
					bind:value={spot.spotWoodClass}
					options={woodClasses.map(({ id, name }) => ({ value: id, label: name }))}
				/>
				<Choice
					label="It lies as"
					name="spotForm"
					bind:value={spot.spotForm}
					options={stackForms.map(({ id, name }) => ({ value: id, label: name }))}
				/>
			</div>{/if}
	{/if}
	{#if rest}<a
			class="inline-flex min-h-11 items-center underline"
			href={rest.href}
			data-sveltekit-noscroll>{rest.n} stacks in all: others</a
		>{/if}
</fieldset>
