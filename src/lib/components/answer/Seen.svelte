<script lang="ts">
	import type { System } from '$lib/core/units';
	import { sayMoment, type Almanac } from '$lib/format/dates';
	import { say } from '$lib/format/figure';
	/** What was seen at a lot, fire or bed: words and temperatures, newest first. */
	let {
		remarks,
		temperatures = [],
		almanac,
		system
	}: {
		remarks: readonly {
			readonly actId: string;
			readonly words: string;
			readonly at_ms: number;
			readonly person: string;
		}[];
		temperatures?: readonly {
			readonly actId: string;
			readonly temperature: number;
			readonly at_ms: number;
			readonly person: string;
		}[];
		almanac: Almanac;
		system: System | undefined;
	} = $props();
	const all = $derived(
		[
			...remarks,
			...temperatures.map(({ temperature, ...row }) => ({
				...row,
				words: say(temperature, '°C', system)
			}))
		].sort((a, b) => b.at_ms - a.at_ms)
	);
</script>

{#if all.length > 0}
	<section class="mb-6">
		<h2 class="mb-2 border-b-2 border-base-content text-lg">Seen</h2>
		<ul>
			{#each all as { actId, words, at_ms, person } (actId)}
				<li class="py-1">
					<span class="quiet text-sm">{sayMoment(at_ms, almanac)}, {person}</span>
					<span class="block">{words}</span>
				</li>
			{/each}
		</ul>
	</section>
{/if}
