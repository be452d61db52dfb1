<script lang="ts">
	import { formHere } from './form-here';
	/** A labelled choice from a short list. */
	const form = formHere();
	let {
		label,
		name,
		options,
		value = $bindable(form.values[name] ?? options[0]?.value ?? ''),
		hint = '',
		also = '',
		rest
	}: {
		label: string;
		name: string;
		value?: string;
		options: readonly { value: string; label: string }[];
		hint?: string;
		/** Another name a complaint about it may go by. */
		also?: string;
		/** Where these are a part of a long list: how many there are, and where others are offered. */
		rest?: { readonly n: number; readonly href: string } | undefined;
	} = $props();
	const error = $derived(form.errors[name] ?? form.errors[also]);
	const uid = $props.id();
</script>

<div>
	<label class="block font-semibold" for={uid}>{label}</label>
	<select
		id={uid}
		{name}
		bind:value
		class="select mt-1 min-h-12 w-full overflow-hidden border-base-content/60 bg-base-200 text-base text-ellipsis contain-paint {error
			? 'border-2 border-error'
			: ''}"
		aria-invalid={error ? 'true' : undefined}
		aria-describedby={error ? `${uid}-error` : hint ? `${uid}-hint` : undefined}
	>
		{#each options as option (option.value)}<option
				value={option.value}
				selected={option.value === value}>{option.label}</option
			>{/each}
	</select>
	{#if error}<p id="{uid}-error" class="mt-1 font-semibold text-error">{error}</p>
	{:else if hint}<p id="{uid}-hint" class="quiet mt-1 text-sm">{hint}</p>{/if}
	{#if rest}<a
			class="inline-block min-h-11 content-center text-sm underline"
			href={rest.href}
			data-sveltekit-noscroll>{rest.n} in all: others</a
		>{/if}
</div>
