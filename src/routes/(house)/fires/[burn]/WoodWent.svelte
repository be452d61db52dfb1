<script lang="ts">
	import Say from '$lib/components/answer/Say.svelte';
	import SlipNote from '$lib/components/answer/SlipNote.svelte';
	import type { Estimate, System } from '$lib/core/units';
	import { joined, say, show } from '$lib/format/figure';
	import { slip } from '$lib/format/slip';
	import { slipped } from '$lib/format/sentence';
	import type { PageData } from './$types';
	/** Dry matter in and out of a burn: it closes, and what is missing went up. */
	let {
		record,
		sources,
		charCode,
		brands,
		loss,
		lossShare,
		system
	}: {
		record: NonNullable<PageData['line']['burn']['record']>;
		sources: PageData['sources'];
		charCode: string | undefined;
		brands: PageData['brands'];
		loss: Estimate;
		lossShare: Estimate;
		system: System | undefined;
	} = $props();
	const kg = (value: number) => say(value, 'kg', system);
	const percent = (value: number) => joined(show({ value, unit: 'share' }, system));
</script>

<SlipNote slip={slip('Gas and ash of the wood', lossShare, system)} />
<h2 class="mb-1 text-xl">Where the wood went</h2>
<table class="ledger-table mb-6">
	<tbody>
		{#each sources as source (source.code)}<tr
				><td
					>in: <a class="underline" href="/woodyard/{source.code}">{source.code} {source.name}</a
					></td
				><td class="num">{kg(source.taken_g / 1000)}</td></tr
			>{/each}
		<tr
			><td>out: char <a class="underline" href="/char/{charCode}">{charCode}</a></td><td class="num"
				><Say sentence={[slipped(kg(record.charKg), 'Char, dry')]} /></td
			></tr
		>
		{#if brands}<tr
				><td
					>out: brands <a class="underline" href="/woodyard/{brands.code}">{brands.code}</a>, back
					to the yard</td
				><td class="num">{kg(record.brandsKg)}</td></tr
			>{/if}
		<tr
			><td
				>gas and ash, <Say
					sentence={[slipped(percent(lossShare.value), 'Gas and ash of the wood')]}
				/> of the wood</td
			><td class="num"><Say sentence={[slipped(kg(loss.value), 'Gas and ash')]} /></td></tr
		>
	</tbody>
</table>
