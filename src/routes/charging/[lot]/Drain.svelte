<script lang="ts">
	import ActFoot from '$lib/components/entry/ActFoot.svelte';
	import type { System } from '$lib/core/units';
	import CheckFields from '$lib/components/entry/CheckFields.svelte';
	/** Taking a soak out of its tub, with the one check that char wants which was sunk before its fire was proven out. */
	let {
		wantsCheck,
		tub,
		actId,
		values,
		errors,
		system
	}: {
		wantsCheck: boolean;
		tub: string | undefined;
		actId: string;
		values: Readonly<Record<string, string>> | undefined;
		errors: Readonly<Record<string, string>>;
		system: System | undefined;
	} = $props();
</script>

<form method="post" action="?/drain" class="mt-8">
	<h2 class="mb-2 text-xl">Drain it</h2>
	<p class="quiet mb-2 max-w-prose text-sm">
		Char under its liquid is out of the air; drained, it is not.{tub
			? ` ${tub} is free from then on.`
			: ''}
	</p>
	{#if wantsCheck || errors.places}
		<p class="mb-2 max-w-prose font-semibold">
			It was sunk before the checks of its fire were walked to their end: check it once, now that it
			is drained.
		</p>
		<CheckFields values={values ?? {}} {errors} {system} />
	{/if}
	<ActFoot
		{actId}
		action="?/drain"
		label="Log it as drained"
		values={values ?? {}}
		{errors}
		quiet={!wantsCheck}
	/>
</form>
