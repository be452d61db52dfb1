<script lang="ts">
	import SlipBody from '$lib/components/answer/SlipBody.svelte';
	import type { System } from '$lib/core/units';
	import { sayWhole } from '$lib/format/figure';
	import { toldSlip, type FigureOf } from '$lib/format/slip';
	/** What stands behind a figure that was tapped. */
	let { told, system }: { told: FigureOf; system: System | undefined } = $props();
	const slip = $derived(toldSlip(told, system));
</script>

<div class="slip-body">
	<h2 class="text-lg font-semibold">{slip.label}: {sayWhole(slip)}</h2>
	<SlipBody {slip} />
</div>
