<script lang="ts">
	import { joined, type Slip } from '$lib/format/figure';
	import Sourced from './Sourced.svelte';
	/** The figures behind an answer, large; a tap on one shows its inputs and their sources. */
	let { slips }: { slips: readonly Slip[] } = $props();
</script>

<dl class="mb-6 flex flex-wrap gap-x-8 gap-y-3">
	{#each slips as slip (slip.label)}
		<div>
			<dt class="quiet text-sm">{slip.label}</dt>
			<dd>
				<Sourced {slip} hero />
				{#if slip.range}<div class="quiet text-sm">
						{joined({ text: slip.range, unit: slip.unit })}
					</div>{/if}
			</dd>
		</div>
	{/each}
</dl>
