<script lang="ts">
	import type { Asked } from '$lib/core/tending';
	import { fireLimits } from '$lib/input/limits-of-fires';
	import type { System } from '$lib/core/units';
	/** A tap that asks for a figure: a line that opens, and its own small form. */
	let {
		is,
		label,
		code,
		actId,
		system,
		says = '',
		onsubmit
	}: {
		is: Asked;
		label: string;
		code: string;
		actId: string;
		system: System | undefined;
		/** What is wrong with what was typed. */
		says?: string;
		onsubmit: (event: SubmitEvent) => void;
	} = $props();
	const uid = $props.id();
	const us = $derived(system === 'us');
	const like = (limit: { like?: { metric: string; us: string } }) =>
		limit.like?.[us ? 'us' : 'metric'] ?? '';
	const fields = $derived(
		{
			heat: { name: 'temperature', label: 'It reads', like: us ? '1150' : '620' },
			measured: { name: 'litres', label: 'So much, loose', like: like(fireLimits.litres) },
			poured: { name: 'litres', label: 'So much', like: like(fireLimits.poured) },
			depth: { name: 'depth', label: 'Char and embers stand', like: like(fireLimits.depth) }
		}[is]
	);
	const unitKey = 'ashdrift-gun';
	/** What the gun or probe shows was said once. */
	let unit = $state('');
	$effect(() => {
		if (is === 'heat') unit = localStorage.getItem(unitKey) ?? '';
	});
	const shown = $derived(unit || (us ? 'F' : 'C'));
</script>

<details name="ask-{code}" class="asked open:col-span-3">
	<summary class="tile">{label}</summary>
	<form
		method="post"
		action="/fires/{code}/now?/tap"
		class="mt-2 flex flex-wrap items-end gap-2 border-l-4 border-accent pl-3"
		{onsubmit}
	>
		<input type="hidden" name="actId" value={actId} />
		<input type="hidden" name="tap" value={is} />
		<div class="min-w-0 flex-1 basis-32">
			<label for="{uid}-field" class="block font-semibold">{fields.label}</label>
			<input
				id="{uid}-field"
				name={fields.name}
				inputmode="decimal"
				autocomplete="off"
				placeholder={fields.like}
				class="input min-h-14 w-full border-base-content/60 bg-base-200 text-xl"
				aria-invalid={says ? 'true' : undefined}
				aria-describedby={says ? `${uid}-says` : undefined}
			/>
		</div>
		{#if is === 'heat'}
			<fieldset class="flex gap-1">
				<legend class="sr-only">What it shows</legend>
				{#each ['C', 'F'] as one (one)}<label class="pick"
						><input
							type="radio"
							name="unit"
							value={one}
							checked={shown === one}
							onchange={() => {
								unit = one;
								localStorage.setItem(unitKey, one);
							}}
							class="sr-only"
						/>°{one}</label
					>{/each}
			</fieldset>
			<fieldset class="flex gap-1">
				<legend class="sr-only">Read by</legend>
				{#each ['gun', 'probe'] as one, i (one)}<label class="pick"
						><input
							type="radio"
							name="by"
							value={one}
							checked={i === 0}
							class="sr-only"
						/>{one}</label
					>{/each}
			</fieldset>
		{/if}
		<button class="btn min-h-14 flex-1 text-lg btn-primary">Keep it</button>
		{#if says}<p id="{uid}-says" class="w-full font-semibold text-error" role="alert">
				{says}
			</p>{/if}
	</form>
</details>
