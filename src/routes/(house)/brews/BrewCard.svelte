<script lang="ts">
	import RipeningBand from '$lib/components/band/RipeningBand.svelte';
	import BrewCutaway from '$lib/components/cutaway/BrewCutaway.svelte';
	import { recipeOf, type BrewState, type RecipeId } from '$lib/core/brews';
	import { bandParts, hours, type Window } from '$lib/core/time';
	import type { System } from '$lib/core/units';
	import type { Almanac } from '$lib/format/dates';
	import { say } from '$lib/format/figure';
	import { brewWords } from '$lib/format/rooms/brews';
	import type { ComponentProps } from 'svelte';
	/** A brew in a list: drawn as it stands, how it is, what comes next. */
	let {
		line,
		almanac,
		system
	}: {
		line: {
			readonly code: string;
			readonly name: string;
			readonly recipe: RecipeId;
			readonly state: BrewState;
			readonly window: Window;
			readonly says: string;
			readonly held_l: number;
			readonly drawing?:
				| (Omit<ComponentProps<typeof BrewCutaway>, 'system' | 'small'> & { vessel: string })
				| undefined;
		};
		almanac: Almanac;
		system: System | undefined;
	} = $props();
	const now = $derived(almanac.now_ms);
	const [, high] = $derived(recipeOf(line.recipe).hours);
	/** Short brews by hours around now, long ones as far as they last. */
	const to = $derived(
		Math.max(
			now + hours(Math.max(12, high * 0.2)),
			Math.min(line.window.past_ms ?? 0, now + hours(Math.max(72, high * 2)))
		)
	);
</script>

<li class="grid grid-cols-[5.5rem_1fr] items-end gap-4">
	{#if line.drawing}<div class="border-b-2 border-base-content">
			<BrewCutaway {...line.drawing} small {system} />
		</div>{:else}<p class="quiet self-center text-sm">in no vessel that is measured</p>{/if}
	<div class="min-w-0">
		<a class="inline-block min-h-11 content-center hover:underline" href="/brews/{line.code}"
			><strong class="text-lg">{line.code}</strong>
			{line.name}</a
		>
		<p class="text-sm">
			{line.drawing?.vessel ? `${line.drawing.vessel}, ` : ''}{say(line.held_l, 'L', system)};
			<strong
				class={line.state === 'failed' ? 'text-error' : line.state === 'ripe' ? 'text-success' : ''}
				>{brewWords[line.state]}</strong
			>{line.says ? `; ${line.says}` : ''}
		</p>
		<RipeningBand
			parts={bandParts(line.window, line.window.start_ms, to)}
			from={line.window.start_ms}
			{to}
			{now}
			length={320}
		/>
	</div>
</li>
