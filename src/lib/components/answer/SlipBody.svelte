<script lang="ts">
	import type { Slip } from '$lib/format/slip';
	import { capital } from '$lib/format/words';
	/** What stands behind a figure: its basis and formula, then each input and where it comes from. */
	let { slip }: { slip: Slip } = $props();
</script>

<p>{capital(slip.basis)}: {slip.formula}.</p>
{#if slip.range && !slip.bounds}<p>Eight times in ten it lies in this range.</p>{/if}
<ul>
	{#each slip.lines as line, i (i)}
		<li>
			{line.name}<b>{line.amount}</b>
			<p>{capital(line.origin)}: {line.source}</p>
		</li>
	{/each}
</ul>
