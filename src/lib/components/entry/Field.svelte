<script lang="ts">
	import { fieldSentences } from '$lib/format/field-words';
	import { readField } from '$lib/input/read-field';
	import { limitsHere, typingHere } from './typing.svelte';
	/**
	 * A labelled text field. `hint` says the units it reads; `error` stands at the field. Where its form says
	 * its limits, text that can't be read says so while one types, in the words the act would use.
	 */
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
	const typing = typingHere();
	// svelte-ignore state_referenced_locally
	const limit = limitsHere()[name];
	let touched = $state(false);
	const complaint = $derived.by((): string => {
		if (!touched || !limit || !typing || value.trim() === '') return '';
		const context = typing.context();
		const read = readField(value, limit, context);
		return read.status === 'ok'
			? ''
			: (fieldSentences[read.code]?.(read.facts, context.system) ?? '');
	});
	const says = $derived(complaint || (touched && limit && value.trim() !== '' ? '' : error));
	$effect(() => {
		if (complaint) typing?.unread.set(uid, label);
		else typing?.unread.delete(uid);
		return () => void typing?.unread.delete(uid);
	});
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
		oninput={() => (touched = true)}
		class="input mt-1 min-h-12 w-full border-base-content/60 bg-base-200 text-base {says
			? 'border-2 border-error input-error'
			: ''}"
		aria-invalid={says ? 'true' : undefined}
		aria-describedby={says ? `${uid}-error` : hint ? `${uid}-hint` : undefined}
	/>
	{#if says}<p id="{uid}-error" class="mt-1 font-semibold text-error">{says}</p>
	{:else if hint}<p id="{uid}-hint" class="quiet mt-1 text-sm">{hint}</p>{/if}
</div>
