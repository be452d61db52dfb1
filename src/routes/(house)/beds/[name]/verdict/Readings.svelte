<script lang="ts">
	import { sayDay, type Almanac } from '$lib/format/dates';
	import { plain } from '$lib/format/figure';
	import { count } from '$lib/format/words';
	import type { PageData } from './$types';
	/** What was read of its pH, newest first, told as in water. */
	let { readings, almanac }: { readings: PageData['readings']; almanac: Almanac } = $props();
	const by: Readonly<Record<string, string>> = {
		strip: 'test strip',
		probe: 'pocket probe',
		slurry: 'meter in a slurry',
		laboratory: 'laboratory',
		grower: 'how is not known'
	};
</script>

<h2 class="mt-4 mb-2 border-b-2 border-base-content text-lg">pH read</h2>
{#if readings.length === 0}<p class="quiet mb-2">Never yet.</p>{/if}
<ul class="mb-2">
	{#each readings as one, i (i)}<li class="py-0.5">
			pH {plain(one.ph, 1)} ± {plain(one.error, 1)}
			<span class="quiet text-sm"
				>{sayDay(one.at_ms, almanac)}, {by[one.method]}, {count(
					one.places,
					'place',
					'places'
				)}{one.in === 'cacl2' ? ', read in calcium chloride and lifted by 0.6' : ''}{one.isSoon
					? '; too soon after lime: of the wet surface, not of the bed'
					: ''}</span
			>
		</li>{/each}
</ul>
