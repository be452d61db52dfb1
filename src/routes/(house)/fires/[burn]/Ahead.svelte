<script lang="ts">
	import Say from '$lib/components/answer/Say.svelte';
	import type { ProofState } from '$lib/core/fires';
	import type { System } from '$lib/core/units';
	import { sayMoment, type Almanac } from '$lib/format/dates';
	import { say } from '$lib/format/figure';
	import { nextCheckWords, proofReason } from '$lib/format/proof-words';
	import { slipped } from '$lib/format/sentence';
	import type { PageProps } from './$types';
	/** What of a fire is still to come: planned, burning, or put out and not measured. */
	let {
		burn,
		proof,
		almanac,
		system
	}: {
		burn: PageProps['data']['line']['burn'];
		proof: ProofState | undefined;
		almanac: Almanac;
		system: System | undefined;
	} = $props();
</script>

{#if burn.lit}<p>
		Lit {sayMoment(burn.lit.litAt_ms, almanac)}.
		{#if burn.lit.gaveUp_ms === undefined}{proof
				? `${proofReason(proof)} ${nextCheckWords(proof, almanac)}`
				: 'Whoever stands beside it has it on one page.'}
			<span class="mt-2 block"
				><a class="btn min-h-12 text-base btn-primary" href="/fires/{burn.code}/now">To the fire</a
				></span
			>{/if}
	</p>
{:else}<p>
		Set down for {sayMoment(burn.plan?.plannedFor_ms ?? 0, almanac)}. Have
		<Say
			sentence={[slipped(say(burn.plan?.figures.waterOnSite_l ?? 0, 'L', system), 'Water on site')]}
		/> of water on site before the match.
	</p>
	<p class="mt-2">
		<a class="btn min-h-12 text-base btn-primary" href="/fires/{burn.code}/now"
			>Light it and tend it</a
		>
	</p>{/if}
