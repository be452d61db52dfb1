<script lang="ts">
	import Answer from '$lib/components/answer/Answer.svelte';
	import SlipBody from '$lib/components/answer/SlipBody.svelte';
	import { sayWhole, slip } from '$lib/format/figure';
	let { data } = $props();
	const shown = $derived(slip(data.told.label, data.told.figure, data.system));
</script>

<Answer
	title={shown.label}
	answer="{shown.label}: {sayWhole(shown)}"
	crumbs={[{ label: data.told.of, href: data.told.href }]}
/>
<div class="slip-body max-w-prose"><SlipBody slip={shown} /></div>
