<script lang="ts">
	/** A labelled text field. `hint` says the units it reads; `error` stands at the field. */
	let {
		label,
		name,
		value = $bindable(''),
		hint = '',
		error = '',
		inputmode = 'text',
		autocomplete = 'off',
		type = 'text'
	}: {
		label: string;
		name: string;
		value?: string;
		hint?: string;
		error?: string | undefined;
		inputmode?: 'text' | 'decimal';
		autocomplete?: 'off' | 'name';
		/** A moment gets the device's own picker. */
		type?: 'text' | 'datetime-local';
	} = $props();
	const uid = $props.id();
</script>

<div>
	<label class="block font-semibold" for={uid}>{label}</label>
	<input
		id={uid}
		{name}
		{type}
		{inputmode}
		{autocomplete}
		bind:value
		class="input mt-1 min-h-12 w-full border-base-content/60 bg-base-200 text-base {error
			? 'border-2 border-error input-error'
			: ''}"
		aria-invalid={error ? 'true' : undefined}
		aria-describedby={error ? `${uid}-error` : hint ? `${uid}-hint` : undefined}
	/>
	{#if error}<p id="{uid}-error" class="mt-1 font-semibold text-error">{error}</p>
	{:else if hint}<p id="{uid}-hint" class="quiet mt-1 text-sm">{hint}</p>{/if}
</div>
