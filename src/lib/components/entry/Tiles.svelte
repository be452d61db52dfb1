<script lang="ts">
	import { formHere } from './form-here';
	/** A choice as a row of tiles that say what each means: big enough for a gloved thumb. */
	const form = formHere();
	let {
		legend,
		name,
		value = $bindable(form.values[name] ?? ''),
		options,
		also = ''
	}: {
		legend: string;
		name: string;
		value?: string;
		options: readonly { value: string; label: string; means: string }[];
		/** Another name a complaint about it may go by. */
		also?: string;
	} = $props();
	const error = $derived(form.errors[name] ?? form.errors[also]);
</script>

<fieldset aria-label={legend}>
	<legend class="font-slab text-lg font-semibold">{legend}</legend>
	<div class="mt-1 grid grid-cols-2 gap-2 lg:grid-cols-4">
		{#each options as option (option.value)}
			<label
				class="flex min-h-16 cursor-pointer flex-col justify-center rounded-field border-[1.5px] border-base-content/40 bg-base-200 px-3 py-2 leading-tight has-checked:border-2 has-checked:border-secondary has-checked:bg-secondary/10 has-focus-visible:outline-3"
			>
				<input type="radio" class="sr-only" {name} value={option.value} bind:group={value} />
				<strong>{option.label}</strong>
				<span class="quiet text-sm">{option.means}</span>
			</label>
		{/each}
	</div>
	{#if error}<p class="mt-1 font-semibold text-error">{error}</p>{/if}
</fieldset>
