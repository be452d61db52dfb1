<script lang="ts">
	import { recipeOf, type StartBy } from '$lib/core/brews';
	import { days } from '$lib/core/time';
	import { sayDay, type Almanac } from '$lib/format/dates';
	import { list } from '$lib/format/words';
	/**
	 * Rounds and the brews for them on one axis: a round is a can, full where it was walked, crossed where it was
	 * missed; below each a bar from when its brew is set going until it is ripe, and under that what feeds it.
	 */
	let {
		rounds,
		from,
		to,
		almanac
	}: {
		rounds: readonly {
			readonly due: string;
			readonly at_ms: number;
			readonly state: 'done' | 'missed' | 'skipped' | 'due' | 'ahead';
			readonly starts: readonly StartBy[];
			readonly served?: string;
		}[];
		from: number;
		to: number;
		almanac: Almanac;
	} = $props();
	const width = 760;
	const at = (ms: number) => Number((((ms - from) / (to - from)) * width).toFixed(1));
	const rows = $derived(
		[
			...new Set(
				rounds.flatMap(({ starts }) =>
					starts.filter(({ uses }) => uses === undefined).map(({ recipe }) => recipe)
				)
			)
		].map((recipe, i) => ({ recipe, y: 76 + i * 32 }))
	);
	const height = $derived(56 + rows.length * 32);
	const weeks = $derived(
		Array.from({ length: Math.floor((to - from) / days(7)) + 1 }, (_, i) => from + days(7) * i)
	);
	const stateWords = {
		done: 'walked',
		missed: 'missed',
		skipped: 'let go by',
		due: 'due',
		ahead: 'to come'
	};
	const told = $derived(
		rounds.map(({ at_ms, state }) => `${sayDay(at_ms, almanac)} ${stateWords[state]}`)
	);
</script>

<!-- It scrolls sideways on a phone: a keyboard reaches it too. -->
<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
<div class="overflow-x-auto" tabindex="0" role="region" aria-label="Rounds on their days">
	<svg
		viewBox="-6 0 {width + 12} {height}"
		class="block w-full min-w-[46rem]"
		role="img"
		aria-label="Rounds: {list(told)}"
	>
		{#each weeks as week (week)}
			<path d="M{at(week)} 14V{height}" stroke="var(--color-base-300)" />
			{#if week < to - days(4)}<text x={at(week) + 3} y="11" font-size="11" fill="currentColor"
					>{sayDay(week, almanac)}</text
				>{/if}
		{/each}
		<path d="M0 48H{width}" stroke="var(--ink)" stroke-width="1.5" />
		{#each rows as row (row.recipe)}
			<text x="0" y={row.y - 8} font-size="11" fill="currentColor">{recipeOf(row.recipe).name}</text
			>
		{/each}
		{#each rounds as round (round.due)}
			{@const x = at(round.at_ms)}
			{#each round.starts.filter(({ uses }) => uses === undefined) as start (start.recipe)}
				{@const y = rows.find(({ recipe }) => recipe === start.recipe)?.y ?? 0}
				<rect
					x={Math.max(0, at(start.start_ms))}
					y={y - 4}
					width={Math.max(4, at(start.ripe_ms) - Math.max(0, at(start.start_ms)))}
					height="11"
					fill="var(--moss)"
				/>
				<circle cx={Math.max(0, at(start.start_ms))} cy={y + 1.5} r="5" fill="var(--ember)" />
			{/each}
			<path
				d="M{x - 7} 28h14v20h-14zM{x - 4} 28q4 -9 8 0"
				fill={round.state === 'done' ? 'var(--liquid)' : 'var(--color-base-100)'}
				stroke={round.state === 'due' ? 'var(--ember)' : 'var(--ink)'}
				stroke-width={round.state === 'due' ? 3 : 2}
			/>
			{#if round.state === 'missed'}<path
					d="M{x - 9} 26l18 24m0 -24l-18 24"
					stroke="var(--ember)"
					stroke-width="2.5"
				/>{/if}
		{/each}
		<path d="M{at(almanac.now_ms) - 5} 14h10l-5 7z" fill="var(--ink)" />
		<path d="M{at(almanac.now_ms)} 20V{height}" stroke="var(--ink)" stroke-width="1.5" />
	</svg>
</div>
