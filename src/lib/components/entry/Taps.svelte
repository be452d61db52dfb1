<script lang="ts">
	/** Usual values of a field, one tap each: nobody types them with gloves on. Needs script. */
	let {
		label,
		value = $bindable(''),
		options
	}: {
		/** What they fill in, for who cannot see it. */
		label: string;
		value?: string;
		/** What goes into the field, and the word for it. */
		options: readonly { readonly value: string; readonly label: string }[];
	} = $props();
</script>

<div class="live-only mt-2 flex flex-wrap gap-2" role="group" aria-label={label}>
	{#each options as option (option.label)}
		<button
			type="button"
			class="btn min-h-11 btn-outline px-3 font-normal aria-pressed:bg-neutral aria-pressed:text-neutral-content"
			aria-pressed={value === option.value}
			onclick={() => (value = option.value)}>{option.label}</button
		>
	{/each}
</div>
