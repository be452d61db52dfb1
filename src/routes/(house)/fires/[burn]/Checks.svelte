<script lang="ts">
	import { failingsOf } from '$lib/core/fires';
	import type { System } from '$lib/core/units';
	import { sayMoment, type Almanac } from '$lib/format/dates';
	import { say } from '$lib/format/figure';
	import { failingWords, list } from '$lib/format/words';
	import type { PageData } from './$types';
	/** Every walk around a quenched fire, what was felt or probed, and whether it passed. */
	let {
		checks,
		almanac,
		system
	}: {
		checks: PageData['checks'];
		almanac: Almanac;
		system: System | undefined;
	} = $props();
	const felt = ({ probe, heatFelt }: PageData['checks'][number]['places'][number]) =>
		[
			probe === undefined ? '' : say(probe, '°C', system),
			heatFelt === undefined ? '' : heatFelt ? 'heat felt' : 'no heat'
		]
			.filter(Boolean)
			.join(' and ');
</script>

{#if checks.length > 0}
	<h2 class="mb-1 text-xl">Checks</h2>
	<ul class="mb-6">
		{#each checks as check (check.actId)}
			{@const failings = failingsOf(check)}
			<li class="border-b border-base-300 py-2">
				<strong>{failings.length === 0 ? '✓ passed' : '✕ not passed'}</strong>
				{sayMoment(check.at_ms, almanac)}, {check.person}: {check.places
					.map(felt)
					.join(', ')}{failings.length > 0
					? `; ${list(failings.map((failing) => failingWords[failing]))}`
					: ''}
			</li>
		{/each}
	</ul>
{/if}
