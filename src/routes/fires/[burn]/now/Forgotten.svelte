<script lang="ts">
	import type { Taps } from './tapping.svelte';
	/** A tap that was forgotten when it was done: its time is said first, then it is tapped as any other. */
	let { taps, code }: { taps: Taps; code: string } = $props();
	const choices = [0, 2, 5, 10, 20, 40];
</script>

<details class="live-only" open={taps.agoMin > 0}>
	<summary class="flex min-h-14 cursor-pointer items-center underline">A tap forgotten</summary>
	<fieldset>
		<legend>The next tap was done</legend>
		<div class="mt-1 grid grid-cols-3 gap-2">
			{#each choices as min (min)}<label class="pick"
					><input
						type="radio"
						name="ago-{code}"
						value={min}
						bind:group={taps.agoMin}
						class="sr-only"
					/>{min === 0 ? 'now' : `${min} min ago`}</label
				>{/each}
		</div>
	</fieldset>
</details>
