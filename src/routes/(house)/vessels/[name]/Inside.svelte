<script lang="ts">
	import type { System } from '$lib/core/units';
	import { sayDay, sayMoment, type Almanac } from '$lib/format/dates';
	import { say } from '$lib/format/figure';
	import type { PageData } from './$types';
	/** What a vessel holds since when, and what was or is to be in it. */
	let {
		inside,
		isTub,
		almanac,
		system
	}: {
		inside: NonNullable<PageData['inside']>;
		isTub: boolean;
		almanac: Almanac;
		system: System | undefined;
	} = $props();
</script>

<section class="mt-6">
	<h2 class="mb-2 border-b-2 border-base-content text-lg">What is in it</h2>
	{#if inside.now}
		{@const now = inside.now}
		<p>
			<a class="font-semibold underline" href={now.href}>{now.code}</a>,
			{say(now.litres ?? 0, 'L', system)}{now.does === 'soaks'
				? `, soaks in it since ${sayMoment(now.from_ms, almanac)}. It is free once that is drained.`
				: ` of char, lay in it when it was dipped ${sayMoment(now.from_ms, almanac)}, and is still whole.`}
		</p>
	{:else}<p class="quiet">
			{isTub ? 'Nothing: it is free for a soak.' : 'Nothing that the books know of.'}
		</p>{/if}
	{#if inside.others.length > 0}
		<ul class="mt-3">
			{#each inside.others as one (one.code + one.does)}
				<li class="border-b border-base-300 py-1">
					<a class="inline-block min-h-11 content-center underline" href={one.href}>{one.code}</a>
					<span class="quiet text-sm">
						{#if one.does === 'planned'}planned for {sayMoment(one.from_ms, almanac)}
						{:else if one.does === 'burnt'}quenched {sayMoment(one.from_ms, almanac)}
						{:else}{sayDay(one.from_ms, almanac)} to {sayDay(
								one.to_ms ?? one.from_ms,
								almanac
							)}{/if}
					</span>
				</li>
			{/each}
		</ul>
	{/if}
</section>
