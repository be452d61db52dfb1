<script lang="ts">
	import type { Snippet } from 'svelte';
	import ActFoot from '$lib/components/entry/ActFoot.svelte';
	import Field from '$lib/components/entry/Field.svelte';
	import type { Sent } from '$lib/components/entry/form-here';
	import Form from '$lib/components/entry/Form.svelte';
	import type { System } from '$lib/core/units';
	import { say, typedAmount } from '$lib/format/figure';
	/** What limes a bed, with its dose filled in: ash, or ground limestone. */
	let {
		id,
		title,
		code,
		amount,
		actId,
		form,
		system,
		quiet = false,
		children
	}: {
		id: string;
		title: string;
		/** The lot it is taken from. */
		code: string;
		/** Grams dry, and litres of it as it lies. */
		amount: { readonly grams: number; readonly litres: number };
		actId: string;
		form: Sent | null;
		system: System | undefined;
		/** Not the one act of its page. */
		quiet?: boolean;
		children: Snippet;
	} = $props();
	/** Two forms of one page send the same act: what was refused stands at the lot it was of. */
	const sent = $derived(form?.values.putLot === code ? form : null);
</script>

<Form {id} name="put" {sent} class="mb-6">
	<h2 class="mb-2 text-xl">{title}</h2>
	<p class="mb-2 max-w-prose">{@render children()}</p>
	<input type="hidden" name="putLot" value={code} />
	<input type="hidden" name="putAs" value="carried" />
	<input type="hidden" name="way" value="scratched-in" />
	<Field
		label="How much of {code}"
		name="part"
		value={typedAmount(amount.litres, 'L', system)}
		hint="{say(Number(amount.grams.toPrecision(3)), 'g', system)} dry"
	/>
	<ActFoot {actId} label="{code} is on the bed" {system} {quiet} />
</Form>
