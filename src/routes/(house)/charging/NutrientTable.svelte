<script lang="ts">
	import type { NutrientLine } from '$lib/core/charging';
	import type { System } from '$lib/core/units';
	import { inUnit, plain, unitName } from '$lib/format/figure';
	/** N, P and K by where they go: each line closes. */
	let {
		lines,
		isSoak,
		system
	}: { lines: readonly NutrientLine[]; isSoak: boolean; system: System | undefined } = $props();
	const weight = (grams: number) => {
		const value = inUnit(grams, 'g', system);
		return grams < 0.05 ? '–' : plain(value, value < 1 ? 2 : value < 10 ? 1 : 0);
	};
	const columns = $derived(
		(
			[
				['offered', 'Offered'],
				['sorbed', 'On the char'],
				...(isSoak ? ([['pores', 'In its pores']] as const) : []),
				['solids', isSoak ? 'In the solids' : 'In what it cures with'],
				['drained', 'Drains'],
				['air', 'To the air']
			] as readonly (readonly [keyof Omit<NutrientLine, 'of'>, string])[]
		).filter(([key]) => key === 'offered' || lines.some((line) => line[key] >= 0.05))
	);
</script>

<div class="overflow-x-auto">
	<table class="ledger-table">
		<thead
			><tr
				><th>{unitName('g', system)}</th>{#each columns as [key, label] (key)}<th class="num"
						>{label}</th
					>{/each}</tr
			></thead
		>
		<tbody>
			{#each lines as line (line.of)}<tr
					><td><strong>{line.of}</strong></td>{#each columns as [key] (key)}<td class="num"
							>{weight(line[key])}</td
						>{/each}</tr
				>{/each}
		</tbody>
	</table>
</div>
<p class="quiet mt-1 max-w-prose text-sm">
	{system === 'us' ? 'Ounces' : 'Grams'} of the element, by the middle of each range; the columns make
	up what was offered.
</p>
