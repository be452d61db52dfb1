<script lang="ts">
	import type { Stage, Timetable } from '$lib/core/days';
	import { stageWords } from '$lib/format/way-words';
	/** Each barrel a lane along the day, its stages to scale; who is at it stands in the block. */
	let {
		timetable,
		clock,
		hands
	}: {
		timetable: Timetable;
		/** The time of day at a minute of the plan. */
		clock: (minute: number) => string;
		hands: readonly string[];
	} = $props();
	const names = $derived([...new Set(timetable.steps.map(({ barrel }) => barrel))]);
	const width = 900;
	const left = 92;
	const lane = 44;
	const x = $derived(
		(minute: number) => left + (minute / Math.max(1, timetable.end)) * (width - left - 8)
	);
	const every = $derived(timetable.end > 600 ? 120 : 60);
	const ticks = $derived(
		Array.from({ length: Math.floor(timetable.end / every) + 1 }, (_, i) => i * every)
	);
	const height = $derived(names.length * lane + 34);
	const fills: Readonly<Record<Stage, string>> = {
		fill: 'var(--ash)',
		light: 'var(--soil)',
		burn: 'var(--ember)',
		cap: 'var(--soil)',
		cool: 'var(--char)',
		tip: 'var(--liquid)'
	};
	const initial = (hand: number | undefined) =>
		hand === undefined ? '' : (hands[hand] ?? String(hand + 1)).slice(0, 1);
</script>

<figure>
	<!-- It scrolls on the phone: by the keyboard too. -->
	<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
	<div class="overflow-x-auto" tabindex="0" role="region" aria-label="The lanes of the day">
		<svg
			viewBox="0 0 {width} {height}"
			class="block w-full min-w-[40rem]"
			role="img"
			aria-label="{names.length} barrels in lanes from {clock(0)} to {clock(
				timetable.end
			)}; the list says the same, step by step."
		>
			{#each ticks as minute (minute)}
				<path d="M{x(minute)} 18V{height}" stroke="var(--ash)" stroke-width="1" opacity="0.5" />
				<text x={x(minute)} y="12" font-size="12" fill="currentColor" text-anchor="middle"
					>{clock(minute)}</text
				>
			{/each}
			{#each names as name, row (name)}
				<text x="0" y={row * lane + 46} font-size="15" font-weight="600" fill="currentColor"
					>{name}</text
				>
				{#each timetable.steps.filter(({ barrel }) => barrel === name) as step (step.round + step.stage)}
					{@const thin = step.stage === 'cool' || step.stage === 'burn'}
					<rect
						x={x(step.from)}
						y={row * lane + (thin ? 32 : 24)}
						width={Math.max(1, x(step.to) - x(step.from) - 0.5)}
						height={thin ? 16 : 32}
						fill={fills[step.stage]}
					/>
					{#if step.hand !== undefined && x(step.to) - x(step.from) > 9}<text
							x={(x(step.from) + x(step.to)) / 2}
							y={row * lane + 45}
							font-size="11"
							fill={step.stage === 'tip' || step.stage === 'fill' ? 'white' : 'var(--char)'}
							text-anchor="middle">{initial(step.hand)}</text
						>{/if}
				{/each}
			{/each}
		</svg>
	</div>
	<figcaption class="quiet mt-1 flex flex-wrap gap-x-4 text-sm">
		{#each Object.entries(fills) as [stage, fill] (stage)}<span
				class="inline-flex items-center gap-1"
				><span class="inline-block size-3" style:background={fill}></span>{stageWords[
					stage as Stage
				]}</span
			>{/each}
	</figcaption>
</figure>
