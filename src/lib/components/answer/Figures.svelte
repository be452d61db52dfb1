<script lang="ts">
	import type { Slip } from '$lib/format/slip';
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
			</dd>
		</div>
	{/each}
</dl>
