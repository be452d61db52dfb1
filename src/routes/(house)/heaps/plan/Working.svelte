<script lang="ts">
	import Caution from '$lib/components/answer/Caution.svelte';
	import { deepestPath_m, pathDates, wanted } from '$lib/core/heaps';
	import type { System } from '$lib/core/units';
	import { sayDay, type Almanac } from '$lib/format/dates';
	import { plain, say, sayRange } from '$lib/format/figure';
	import { timberWords, underWords } from '$lib/format/heap-words';
	import { capital } from '$lib/format/words';
	import { mendWords } from './answer';
	import type { HeapReckoned } from './reckoning';
	import type { HeapEntry } from './told';
	/** What a heap that is planned is short of, what its way asks for, and when. */
	let {
		entry,
		reckoned,
		started,
		latitude,
		almanac,
		system
	}: {
		entry: HeapEntry;
		reckoned: HeapReckoned;
		/** When it is begun, ms. */
		started: number;
		latitude: number | undefined;
		almanac: Almanac;
		system: System | undefined;
	} = $props();
	const dates = $derived(pathDates(started, [], started, latitude));
</script>

{#if reckoned.mix && entry.heapWay === 'compost'}
	<p class="quiet mb-3 text-sm">
		Wanted: {wanted.cn.low} to {wanted.cn.high} : 1, {wanted.water.low * 100} to {wanted.water
			.high * 100} % water, a fifth to a half of it coarse ({plain(reckoned.mix.coarse * 100, 0)} % is).
	</p>
	{#if reckoned.mendings.length > 0}<h2 class="text-lg">To mend it</h2>
		<ul class="mb-3">
			{#each reckoned.mendings as one (one.what + one.material)}<li class="py-0.5">
					{capital(mendWords(one, system))}
				</li>{/each}
		</ul>{/if}
{/if}
{#if reckoned.urine && reckoned.urine.status === 'add'}<p class="mb-3">
		{say(Number(reckoned.urine.litres.toPrecision(2)), 'L', system)} of urine bring it to {reckoned
			.urine.target} : 1, over the cold months, a little at a time{reckoned.urine.manure_kg
			? `; or ${say(Number(reckoned.urine.manure_kg.toPrecision(2)), 'kg', system)} of cattle manure`
			: '; manure never would'}.
	</p>{:else if reckoned.urine?.status === 'never'}<p class="mb-3">
		No amount of urine brings it to {reckoned.urine.target} : 1.
	</p>{/if}
{#if reckoned.path}<p class="mb-3">
		{say(reckoned.path.filled_l, 'L', system)} filled; sums that take that as the harvest promise about
		double. {sayRange({ ...reckoned.path.out_l, unit: 'L' }, system)} mulch {sayRange(
			{ ...reckoned.path.mulches_m2, unit: 'm²' },
			system
		)} of bed {say(reckoned.path.mulch_m * 100, 'cm', system)} deep.
		{#if reckoned.path.wants}For {say(reckoned.path.wants.area_m2, 'm²', system)} fill it {sayRange(
				{
					value: reckoned.path.wants.fill_m.value * 100,
					low: reckoned.path.wants.fill_m.low * 100,
					high: reckoned.path.wants.fill_m.high * 100,
					unit: 'cm'
				},
				system
			)} deep{reckoned.path.wants.fill_m.value > deepestPath_m
				? `, deeper than anybody walks on: it takes ${reckoned.path.wants.paths} such paths`
				: ''}.{/if}
	</p>
	<p class="mb-3">
		{underWords[entry.under].asks}
		{entry.timber ? timberWords : ''} Seeding weeds stay out: a path never gets hot. Wet it, tread it,
		and strew old compost on it for the life in it. Turn it first on {sayDay(
			dates.turn_ms ?? started,
			almanac
		)}; lift the most trodden stretches first and refill them; the rest goes on the beds about {sayDay(
			dates.ends_ms,
			almanac
		)}.
	</p>{/if}
{#if reckoned.soak}<p class="mb-3">
		{sayRange({ ...reckoned.soak.nitrogen_g, unit: 'g' }, system)} of nitrogen stay; dry it is {sayRange(
			{ ...reckoned.soak.dry_kg, unit: 'kg' },
			system
		)}. Dry it thin, on a tray under a roof.
	</p>
	<Caution>
		Some do it every year; others warn of the ammonia. Both are right: fresh urine keeps while the
		ash holds it above pH 10, stored urine loses most. Outdoors, gloves and goggles.
	</Caution>{/if}
<h2 class="mt-4 text-lg">When</h2>
<p>
	Rough from {sayDay(reckoned.ready.usable_ms[0], almanac)} to {sayDay(
		reckoned.ready.usable_ms[1],
		almanac
	)}; done {sayDay(reckoned.ready.best_ms[0], almanac)} to {sayDay(
		reckoned.ready.best_ms[1],
		almanac
	)}.
</p>
{#if reckoned.lost}<p class="quiet mt-2 text-sm">
		Of the nitrogen {plain(reckoned.lost.low * 100, 0)} to {plain(reckoned.lost.high * 100, 0)} % goes
		to the air.
	</p>{/if}
