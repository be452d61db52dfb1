<script lang="ts">
	import type { System } from '$lib/core/units';
	import { sayMoment, type Almanac } from '$lib/format/dates';
	import { plain, say } from '$lib/format/figure';
	/** Beds that had of a brew: how much of it, and thinned by how much. */
	let {
		drenches,
		almanac,
		system
	}: {
		drenches: readonly {
			readonly actId: string;
			readonly bed: string;
			readonly brew_l: number;
			readonly water_l: number;
			readonly parts: number;
			readonly onto: 'soil' | 'leaves';
			readonly at_ms: number;
		}[];
		almanac: Almanac;
		system: System | undefined;
	} = $props();
</script>

{#if drenches.length > 0}
	<section class="mt-6">
		<h2 class="mb-1 text-lg">Where it went</h2>
		<table class="ledger-table">
			<thead
				><tr
					><th>bed</th><th class="num">brew</th><th class="num">diluted</th><th class="num">at</th
					><th>when</th></tr
				></thead
			>
			<tbody>
				{#each drenches as drench (drench.actId)}<tr>
						<td
							><a class="underline" href="/beds/{encodeURIComponent(drench.bed)}">{drench.bed}</a>
							{#if drench.onto === 'leaves'}<span class="quiet text-sm">leaves</span>{/if}</td
						>
						<td class="num">{say(drench.brew_l, 'L', system)}</td>
						<td class="num">{say(drench.brew_l + drench.water_l, 'L', system)}</td>
						<td class="num">1 : {plain(drench.parts, 1)}</td>
						<td>{sayMoment(drench.at_ms, almanac)}</td>
					</tr>{/each}
			</tbody>
		</table>
	</section>
{/if}
