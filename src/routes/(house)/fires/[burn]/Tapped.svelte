<script lang="ts">
	import FireCourse from '$lib/components/cutaway/FireCourse.svelte';
	import { courseOf, timings } from '$lib/core/tending';
	import type { System } from '$lib/core/units';
	import { besideBest, courseWords } from '$lib/format/tending-words';
	import type { TappedFire } from './tapped.server';
	/** What was tapped beside it, drawn and told against one's best fire of its way. */
	let { tapped, system }: { tapped: TappedFire; system: System | undefined } = $props();
	const course = $derived(courseOf(tapped.taps, tapped.lit_ms));
	const came = $derived(timings(course.layers, tapped.start));
</script>

<section class="mb-8">
	<h2 class="mb-2 border-b-2 border-base-content text-lg">How it went</h2>
	<p class="mb-2">
		{courseWords(tapped.sums, system)}
		{#if tapped.best}{besideBest(tapped.best, system)}{/if}
	</p>
	<FireCourse
		{course}
		timings={came}
		end_ms={tapped.end_ms}
		caption="Layers until their edges were white (wood) and until the next (grey); a mark in red came early, in grey late. Smoke, gusts, heat and water below."
		{system}
	/>
</section>
