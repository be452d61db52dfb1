<script lang="ts">
	import Cautions from './Cautions.svelte';
	import Choice from './Choice.svelte';
	import Field from './Field.svelte';
	import type { Caution } from '$lib/core/cautions';
	import type { System } from '$lib/core/units';
	import { answersTo } from '$lib/input/act';
	import { formHere } from './form-here';
	/** What every act carries: its id, when it happened, a note; and the one button that does it. */
	const form = formHere();
	let {
		actId,
		action = form.action,
		label,
		noted = true,
		timed = true,
		quiet = false,
		cautions = [],
		system,
		happenedAt = $bindable(form.values.happenedAt ?? '')
	}: {
		actId: string;
		/** Another act of the same form. */
		action?: string;
		label: string;
		noted?: boolean;
		/** It asks how long it took. */
		timed?: boolean;
		/** Not the one act of its page. */
		quiet?: boolean;
		/** What speaks against what is typed, as it is judged here before it is sent. */
		cautions?: readonly Caution[];
		system?: System | undefined;
		/** When it happened, as typed: what the page says follows it. */
		happenedAt?: string;
	} = $props();
	// A form starts from what was sent; afterwards it belongs to the person typing.
	let note = $state(form.values.note ?? '');
	let took = $state(form.values.took ?? '');
	const errors = $derived(form.errors);
	const open = $derived(
		Boolean(
			errors.happenedAt ||
			errors.hourTwice ||
			errors.note ||
			errors.took ||
			happenedAt ||
			note ||
			took
		)
	);
	// Beside the button too, so that no complaint is out of sight of the thumb that sent it.
	const complaints = $derived([
		...new Set(
			Object.entries(errors).flatMap(([name, says]) =>
				answersTo(name) === undefined ? [says] : []
			)
		)
	]);
	// A blank id (a form sent without script twice) is never reused: the page brings a fresh one.
	const id = $derived(form.values.actId || actId);
</script>

<input type="hidden" name="actId" value={id} />
{#if noted}
	<details class="mt-4" {open}>
		<summary class="quiet inline-flex min-h-11 cursor-pointer items-center underline"
			>{timed ? 'When, how long, or a note' : 'When, or a note'}</summary
		>
		<div class="form-grid mt-2">
			<Field
				label="When"
				name="happenedAt"
				bind:value={happenedAt}
				hint="Empty means now"
				type="datetime-local"
			/>
			{#if timed}<Field
					label="It took"
					name="took"
					bind:value={took}
					hint="Like 40 min, or 40 min 2 for two of you"
				/>{/if}
			<Field label="Note" name="note" bind:value={note} />
			{#if errors.hourTwice || form.values.hourTwice}<Choice
					label="Of the two hours it was"
					name="hourTwice"
					options={[
						{ value: '', label: 'Choose' },
						{ value: 'first', label: 'the first, in summer time' },
						{ value: 'second', label: 'the second, in winter time' }
					]}
				/>{/if}
		</div>
	</details>
{/if}
{#if complaints.length > 0}
	<div class="mt-4 border-l-4 border-error py-1 pl-4" role="alert">
		<p class="font-semibold text-error">Not written down yet. What you typed is still here.</p>
		<ul>
			{#each complaints as complaint (complaint)}<li>{complaint}</li>{/each}
		</ul>
	</div>
{/if}
<Cautions {cautions} {errors} {system} />
<div class="mt-4">
	<button
		class="btn min-h-12 text-base {quiet ? 'btn-outline' : 'btn-primary'}"
		formmethod="post"
		formaction={action}>{label}</button
	>
</div>
