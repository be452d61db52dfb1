<script lang="ts">
	import Choice from '$lib/components/entry/Choice.svelte';
	import SideBySide from '$lib/components/year/SideBySide.svelte';
	import Form from '$lib/components/entry/Form.svelte';
	import type { PageData } from './$types';
	/** Any two burns side by side. */
	let { data }: { data: PageData } = $props();
	const options = $derived(data.codes.map((value) => ({ value, label: value })));
	const pair = $derived(data.pair);
</script>

{#if data.codes.length > 1}
	<h2 class="mb-2 text-xl">Two side by side</h2>
	<Form
		name="pair"
		method="get"
		sent={null}
		known={{ a: pair?.a ?? data.codes[0] ?? '', b: pair?.b ?? data.codes[1] ?? '' }}
		class="mb-4 grid gap-3"
	>
		<div class="grid grid-cols-2 gap-3">
			<Choice label="One" name="a" {options} />
			<Choice label="The other" name="b" {options} />
		</div>
		<p><button class="btn min-h-12 btn-outline">Lay them side by side</button></p>
	</Form>
	{#if pair}
		<p class="mb-2 font-semibold" role="status">{pair.says}</p>
		<SideBySide names={[pair.a, pair.b]} lines={pair.lines} label="Two burns side by side" />
	{/if}
{/if}
