<script lang="ts">
	import { askPower, type PowerPoint } from './power';
	/** How many of each it wants: the very design drawn ten thousand times for each number, in a worker. */
	let { arms, isBlocked, blocks }: { arms: number; isBlocked: boolean; blocks: number } = $props();
	let spread = $state(15);
	let difference = $state(25);
	let points = $state.raw<readonly PowerPoint[]>([]);
	let trouble = $state('');
	let end = $state.raw<(() => void) | undefined>();
	const enough = $derived(points.find(({ power }) => power >= 0.8));
	const here = $derived(points.find((one) => one.blocks === blocks));
	const percent = (share: number) => `${Math.round(share * 100)} %`;
	function ask() {
		end?.();
		points = [];
		trouble = '';
		end = askPower(
			{ arms, isBlocked, spread: spread / 100, difference: difference / 100 },
			(point) => {
				points = [...points, point];
				if (point.left === 0) end = undefined;
			},
			() => (trouble = 'This browser could not begin it.')
		);
	}
	function cancel() {
		end?.();
		end = undefined;
	}
	const [width, height] = [360, 170];
	const x = (n: number) => 34 + ((n - 2) / 14) * (width - 54);
	const y = (power: number) => 12 + (1 - power) * (height - 44);
</script>

<section class="live-only mt-6 max-w-xl" aria-label="How many of each">
	<h2 class="text-xl">How many of each?</h2>
	<div class="form-grid">
		<label class="block font-semibold"
			>Pots of one arm differ by, %<input
				type="number"
				min="1"
				max="200"
				bind:value={spread}
				class="input mt-1 min-h-12 w-full border-base-content/60 bg-base-200"
			/></label
		>
		<label class="block font-semibold"
			>A difference worth seeing, %<input
				type="number"
				min="1"
				max="300"
				bind:value={difference}
				class="input mt-1 min-h-12 w-full border-base-content/60 bg-base-200"
			/></label
		>
	</div>
	<p class="mt-3 flex gap-3">
		<button type="button" class="btn min-h-12 btn-outline" onclick={ask}>Work out how many</button>
		{#if end}<button type="button" class="btn min-h-12 btn-ghost" onclick={cancel}>Cancel</button
			>{/if}
	</p>
	<div aria-live="polite">
		{#if trouble}<p class="text-error">{trouble}</p>{/if}
		{#if points.length > 0}
			<p class="mt-2 font-semibold">
				{#if enough}{enough.blocks} of each show a difference of {difference} % four times in five.
				{:else if end}Still drawing: {points.at(-1)?.left} numbers to come.
				{:else}Even sixteen of each show it less than four times in five.{/if}
				{#if here}The {blocks} you plan: {percent(here.power)} of the time.{/if}
			</p>
			<svg
				viewBox="0 0 {width} {height}"
				class="mt-1 block w-full max-w-md"
				role="img"
				aria-label={points.map((one) => `${one.blocks} of each: ${percent(one.power)}`).join(', ')}
			>
				{#each [0, 0.5, 0.8, 1] as level (level)}
					<path
						d="M34 {y(level)}H{width - 12}"
						stroke="var(--ash)"
						stroke-width={level === 0.8 ? 1.6 : 0.7}
						stroke-dasharray={level === 0.8 ? '5 4' : undefined}
					/>
					<text x="28" y={y(level) + 4} text-anchor="end" font-size="11" fill="currentColor"
						>{Math.round(level * 100)}</text
					>
				{/each}
				<path
					d="M{points.map((one) => `${x(one.blocks)} ${y(one.power)}`).join('L')}"
					fill="none"
					stroke="currentColor"
					stroke-width="2"
				/>
				{#each points as one (one.blocks)}
					<circle cx={x(one.blocks)} cy={y(one.power)} r="3.5" fill="currentColor" />
					<text
						x={x(one.blocks)}
						y={height - 10}
						text-anchor="middle"
						font-size="11"
						fill="currentColor">{one.blocks}</text
					>
				{/each}
			</svg>
		{/if}
	</div>
</section>
