<script lang="ts">
	import type { Sent } from '$lib/components/entry/form-here';
	import { limits } from '$lib/input/limits';
	import ActFoot from '$lib/components/entry/ActFoot.svelte';
	import type { System } from '$lib/core/units';
	import Field from '$lib/components/entry/Field.svelte';
	import CheckFields from '$lib/components/entry/CheckFields.svelte';
	import Form from '$lib/components/entry/Form.svelte';
	/** Taking a soak out of its tub, with the one check that char wants which was sunk before its fire was proven out. */
	let {
		wantsCheck,
		tub,
		actId,
		form,
		system
	}: {
		wantsCheck: boolean;
		tub: string | undefined;
		actId: string;
		form: Sent | null;
		system: System | undefined;
	} = $props();
</script>

<Form name="drain" sent={form} limits={{ ...limits.check, liquor: limits.liquor }} class="mt-8">
	<h2 class="mb-2 text-xl">Drain it</h2>
	<p class="quiet mb-2 max-w-prose text-sm">
		Char under its liquid is out of the air; drained, it is not.{tub
			? ` ${tub} is free from then on.`
			: ''}
	</p>
	{#if wantsCheck}
		<p class="mb-2 max-w-prose font-semibold">
			It was sunk before the checks of its fire were walked to their end: check it once, now that it
			is drained.
		</p>
		<CheckFields {system} />
	{/if}
	<div class="max-w-xs">
		<Field
			label="Liquor that was caught"
			name="liquor"
			hint="It becomes a lot of its own; empty: it ran off"
		/>
	</div>
	<p class="quiet mt-1 max-w-prose text-sm">
		Thin it ten times or more, put it on soil within days, and keep it out of streams.
	</p>
	<ActFoot {actId} label="Log it as drained" quiet={!wantsCheck} />
</Form>
