<script lang="ts">
	import Answer from '$lib/components/answer/Answer.svelte';
	import SlipBody from '$lib/components/answer/SlipBody.svelte';
	import { sayWhole } from '$lib/format/figure';
	import { toldSlip } from '$lib/format/slip';
	let { data } = $props();
	const shown = $derived(toldSlip(data.told, data.system));
</script>

<Answer
	title={shown.label}
	answer="{shown.label}: {sayWhole(shown)}"
	crumbs={[{ label: data.told.of, href: data.told.href }]}
/>
<div class="slip-body max-w-prose"><SlipBody slip={shown} /></div>
