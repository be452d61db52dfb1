<script lang="ts">
	import Field from './Field.svelte';
	/** What every act carries: its id, when it happened, a note; and the one button that does it. */
	let {
		actId,
		action,
		label,
		values = {},
		errors = {},
		noted = true,
		quiet = false,
		happenedAt = $bindable(values.happenedAt ?? '')
	}: {
		actId: string;
		/** The form action, such as "?/measure". */
		action: string;
		label: string;
		values?: Readonly<Record<string, string>>;
		errors?: Readonly<Record<string, string>>;
		noted?: boolean;
		/** Not the one act of its page. */
		quiet?: boolean;
		/** When it happened, as typed: what the page says follows it. */
		happenedAt?: string;
	} = $props();
	// A form starts from what was sent; afterwards it belongs to the person typing.
	// svelte-ignore state_referenced_locally
	let note = $state(values.note ?? '');
	const open = $derived(Boolean(errors.happenedAt || errors.note || happenedAt || note));
	// Beside the button too, so that no complaint is out of sight of the thumb that sent it.
	const complaints = $derived([...new Set(Object.values(errors))]);
	// A blank id (a form sent without script twice) is never reused: the page brings a fresh one.
	const id = $derived(values.actId || actId);
</script>

<input type="hidden" name="actId" value={id} />
{#if noted}
	<details class="mt-4" {open}>
		<summary class="quiet inline-flex min-h-11 cursor-pointer items-center underline"
			>Not just now, or with a note</summary
		>
		<div class="form-grid mt-2">
			<Field
				label="When"
				name="happenedAt"
				bind:value={happenedAt}
				error={errors.happenedAt}
				hint="Empty means now"
				type="datetime-local"
			/>
			<Field label="Note" name="note" bind:value={note} error={errors.note} />
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
<div class="mt-4">
	<button
		class="btn min-h-12 text-base {quiet ? 'btn-outline' : 'btn-primary'}"
		formmethod="post"
		formaction={action}>{label}</button
	>
</div>
