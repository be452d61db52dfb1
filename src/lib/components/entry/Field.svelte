<script lang="ts">
	import { fieldSentences } from '$lib/format/field-words';
	import { readField } from '$lib/input/read-field';
	import { formHere } from './form-here';
	import { typingHere } from './typing.svelte';
	/**
	 * A labelled text field. What it holds, what is wrong with it and what it takes it learns from its form;
	 * text that can't be read says so while one types, in the words the act would use.
	 */
	const form = formHere();
	let {
		label,
		name,
		value = $bindable(form.values[name] ?? ''),
		hint = '',
		also = '',
		inputmode = 'text',
		autocomplete = 'off',
		type = 'text'
	}: {
		label: string;
		name: string;
		value?: string;
		/** What to say beside the example of its limit. */
		hint?: string;
		/** Another name a complaint about it may go by. */
		also?: string;
		inputmode?: 'text' | 'decimal';
		autocomplete?: 'off' | 'name';
		/** A moment gets the device's own picker. */
		type?: 'text' | 'date' | 'datetime-local';
	} = $props();
	const uid = $props.id();
	const typing = typingHere();
	// svelte-ignore state_referenced_locally
	const limit = form.limits[name];
	let touched = $state(false);
	/** What one may type, in the grower's units, and what else is to say. */
	const example = $derived(limit?.like?.[typing?.context().system ?? 'metric']);
	const hinted = $derived(
		[
			...(example ? [`Like ${example}${limit?.reads === 'part' ? ', or half of it' : ''}`] : []),
			...(hint ? [hint] : [])
		].join('. ')
	);
	const complaint = $derived.by((): string => {
		if (!limit || !typing || value.trim() === '') return '';
		const context = typing.context();
		const read = readField(value, limit, context);
		return read.status === 'ok'
			? ''
			: (fieldSentences[read.code]?.(read.facts, context.system) ?? '');
	});
	const says = $derived(
		complaint ||
			(touched && limit && value.trim() !== ''
				? ''
				: (form.errors[name] ?? form.errors[also] ?? ''))
	);
	// Without script it is said where the page is asked to reckon.
	// svelte-ignore state_referenced_locally
	if (import.meta.env.SSR && complaint) typing?.unread.set(uid, label);
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
		aria-describedby={says ? `${uid}-error` : hinted ? `${uid}-hint` : undefined}
	/>
	{#if says}<p id="{uid}-error" class="mt-1 font-semibold text-error">{says}</p>
	{:else if hinted}<p id="{uid}-hint" class="quiet mt-1 text-sm">{hinted}</p>{/if}
</div>
