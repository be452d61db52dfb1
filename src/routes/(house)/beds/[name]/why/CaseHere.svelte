<script lang="ts">
	import ActFoot from '$lib/components/entry/ActFoot.svelte';
	import Fold from '$lib/components/entry/Fold.svelte';
	import Choice from '$lib/components/entry/Choice.svelte';
	import Field from '$lib/components/entry/Field.svelte';
	import Form from '$lib/components/entry/Form.svelte';
	import type { Sent } from '$lib/components/entry/form-here';
	import { causeIds } from '$lib/core/detective';
	import { causeWords } from '$lib/format/why-words';
	import { capital } from '$lib/format/words';
	import type { PageData } from './$types';
	/** The case that is open here: its change, its day, what else came between, and how it came out. */
	let {
		open,
		actId,
		form
	}: {
		open: NonNullable<PageData['open']>;
		actId: string;
		form: Sent | null;
	} = $props();
	const sent = $derived(form?.form === 'close' ? form : undefined);
	// svelte-ignore state_referenced_locally
	let outcome = $state(sent?.values.outcome ?? 'right');
</script>

<section class="mb-6 border-l-4 border-primary bg-base-200 p-4">
	<h2 class="text-lg">{open.isDue ? 'Look again today' : `Look again ${open.lookDay}`}</h2>
	<p>
		{open.opened} it was taken for: {open.cause.toLowerCase()}. The one change: {open.change
			.charAt(0)
			.toLowerCase() + open.change.slice(1)}.
	</p>
	{#if open.since.length > 0}<p class="font-semibold">
			Since then it had {open.since.join('; ')}: it may have been that.
		</p>{/if}
	{#snippet closing()}
		<Form name="close" sent={form} class="mt-3 grid gap-3 sm:grid-cols-2">
			<Choice
				label="How it came out"
				name="outcome"
				bind:value={outcome}
				options={[
					{ value: 'right', label: 'It was that: it mends' },
					{ value: 'wrong', label: 'It was something else' },
					{ value: 'unclear', label: 'It can’t be told' }
				]}
			/>
			<Choice
				label="What it was, if it was found"
				name="trueCause"
				options={[
					{ value: '', label: 'not known' },
					...causeIds.map((id) => ({ value: id, label: capital(causeWords[id]) }))
				]}
			/>
			<Field
				label="What came between"
				name="between"
				hint="A warm week, rain, a second change: it may have been that"
			/>
			<div class="sm:col-span-2">
				<ActFoot {actId} label="Close the case" quiet={!open.isDue} noted={false} />
			</div>
		</Form>
	{/snippet}
	{#if open.isDue}{@render closing()}{:else}<Fold
			name="close"
			label="Say how it came out"
			open={sent !== undefined}>{@render closing()}</Fold
		>{/if}
</section>
