<script lang="ts">
	import { inLitres } from '$lib/core/units';
	import { materialOf, type MaterialId } from '$lib/core/materials';
	import type { System } from '$lib/core/units';
	import { sayDay, type Almanac } from '$lib/format/dates';
	import { say } from '$lib/format/figure';
	import { capital } from '$lib/format/words';
	import type { PageData } from './$types';
	/** What really went into a batch, beside what its recipe asked for. */
	let {
		ingredients,
		almanac,
		system
	}: {
		ingredients: PageData['line']['charge']['ingredients'];
		almanac: Almanac;
		system: System | undefined;
	} = $props();
	const nameOf = (material: string) =>
		material === 'char'
			? 'Char'
			: material === 'batch'
				? 'Another batch'
				: capital(materialOf(material as MaterialId).name);
	const litres = (ul: number) => say(inLitres(ul), 'L', system);
</script>

<h2 class="mt-8 mb-1 text-xl">What went in</h2>
<table class="ledger-table">
	<thead
		><tr><th>What</th><th>When</th><th class="num">Asked</th><th class="num">Really</th></tr></thead
	>
	<tbody>
		{#each ingredients as one, i (i)}
			<tr>
				<td
					>{nameOf(one.material)}
					{#if one.fromCode}<a class="underline" href="/ledger/lot/{one.fromCode}">{one.fromCode}</a
						>{/if}</td
				>
				<td>{sayDay(one.at_ms, almanac)}</td>
				<td class="num">{one.planned_ul === null ? '–' : litres(one.planned_ul)}</td>
				<td class="num">{litres(one.volume_ul)}</td>
			</tr>
		{/each}
	</tbody>
</table>
