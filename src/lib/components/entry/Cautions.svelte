<script lang="ts">
	import { keyOf, type Caution } from '$lib/core/cautions';
	import type { System } from '$lib/core/units';
	import { sayCaution } from '$lib/format/caution-words';
	import { answersTo, asksSure, asksWhy } from '$lib/input/act';
	import Field from './Field.svelte';
	/**
	 * What speaks against an act, as it was judged here or as the books told it, and its answers: a tick for what is
	 * only unusual, one reason for the rest, sent with the keys of what stands here.
	 */
	let {
		cautions,
		errors,
		system
	}: {
		cautions: readonly Caution[];
		errors: Readonly<Record<string, string>>;
		system: System | undefined;
	} = $props();
	interface Shown {
		/** The field that answers it. */
		readonly field: string;
		readonly says: string;
	}
	const fieldOf = (one: Caution) => `${one.isSlip ? asksSure : asksWhy}${keyOf(one)}`;
	const of = (weight: Caution['weight']) => cautions.filter((one) => one.weight === weight);
	const said = (those: readonly Caution[]) => [
		...new Set(those.map((one) => sayCaution(one, system)))
	];
	const never = $derived(said(of('never')));
	const told = $derived(said(of('tell')));
	const asked = $derived<readonly Shown[]>([
		...new Map([
			// What the books asked stands until the form is sent again; what is judged here is newer.
			...Object.entries(errors).flatMap(([field, says]) =>
				answersTo(field) === undefined ? [] : [[field, { field, says }] as const]
			),
			...of('ask').map((one) => {
				const field = fieldOf(one);
				return [field, { field, says: sayCaution(one, system) }] as const;
			})
		]).values()
	]);
	/** It was sent, and came back to be answered. */
	const isSent = $derived(Object.keys(errors).some((field) => answersTo(field) !== undefined));
	const slips = $derived(asked.filter(({ field }) => field.startsWith(asksSure)));
	const reasoned = $derived(asked.filter(({ field }) => field.startsWith(asksWhy)));
</script>

{#if never.length > 0}
	<ul class="mt-4 border-l-4 border-error py-1 pl-4 font-semibold text-error" aria-live="polite">
		{#each never as says (says)}<li>{says}</li>{/each}
	</ul>
{/if}
{#if isSent}<p class="mt-4 font-semibold" role="alert">
		Not written down yet: answer what speaks against it.
	</p>{/if}
{#if slips.length > 0}
	<fieldset class="mt-4 border-l-4 border-warning py-1 pl-4">
		<legend class="font-semibold">That is unusual</legend>
		{#each slips as { field, says } (field)}<label class="flex min-h-12 items-center gap-3"
				><input type="checkbox" class="checkbox shrink-0" name={field} /><span
					>{says} <strong>It is so</strong></span
				></label
			>{/each}
	</fieldset>
{/if}
{#if reasoned.length > 0}
	<div class="mt-4 border-l-4 border-warning py-1 pl-4">
		<ul aria-live="polite">
			{#each reasoned as { field, says } (field)}<li>
					{says}<input type="hidden" name={field} value="on" />
				</li>{/each}
		</ul>
		<div class="mt-2 max-w-lg">
			<Field label="Why it is right all the same" name="reason" />
		</div>
	</div>
{/if}
{#if told.length > 0}
	<ul class="quiet mt-3 text-sm">
		{#each told as says (says)}<li>{says}</li>{/each}
	</ul>
{/if}
