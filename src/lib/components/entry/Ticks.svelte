<script lang="ts">
	import { formHere } from './form-here';
	/** A few options side by side, one chosen: big enough for a gloved thumb. */
	const form = formHere();
	let {
		legend,
		label = legend,
		name,
		value = $bindable(form.values[name] ?? ''),
		options,
		also = ''
	}: {
		legend: string;
		/** What the group is called where its legend does not stand alone. */
		label?: string;
		name: string;
		value?: string;
		options: readonly { value: string; label: string }[];
		/** Another name a complaint about it may go by. */
		also?: string;
	} = $props();
	const error = $derived(form.errors[name] ?? form.errors[also]);
</script>

<fieldset aria-label={label}>
	{#if legend}<legend class="font-semibold">{legend}</legend>{/if}
	<div class="mt-1 flex flex-wrap gap-2">
		{#each options as option (option.value)}
			<label
				class="flex min-h-12 cursor-pointer items-center gap-2 rounded-sm border-[1.5px] border-base-content/60 bg-base-200 px-4 has-checked:bg-neutral has-checked:text-neutral-content has-focus-visible:outline-3"
			>
				<input type="radio" class="radio radio-sm" {name} value={option.value} bind:group={value} />
				{option.label}
			</label>
		{/each}
	</div>
	{#if error}<p class="mt-1 font-semibold text-error">{error}</p>{/if}
</fieldset>
