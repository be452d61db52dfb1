<script lang="ts">
	/** One scale, by tens, on which every way an advice may be meant stands beside schools, own beds and the ceiling. */
	let {
		rows,
		unit
	}: {
		rows: readonly {
			readonly name: string;
			readonly low: number;
			readonly high: number;
			readonly says: string;
			readonly is: 'heard' | 'school' | 'own' | 'limit';
		}[];
		unit: string;
	} = $props();
	/** What lies lower than a thousandth of a litre is drawn there. */
	const floor = 1e-3;
	const shown = $derived(rows.filter(({ high }) => high > 0));
	const tens = (value: number) => Math.log10(Math.max(value, floor));
	const least = $derived(Math.min(...shown.map(({ low }) => tens(low))) - 0.1);
	const most = $derived(Math.max(...shown.map(({ high }) => tens(high))) + 0.1);
	const at = (value: number) => ((tens(value) - least) / Math.max(0.1, most - least)) * 100;
	const fills = { heard: '--ember', school: '--wood', own: '--char', limit: '--moss' };
</script>

<p class="quiet text-sm">{unit}, by tens: as far to the right again is as many times more.</p>
<ul class="max-w-2xl">
	{#each shown as { name, low, high, says, is }, i (i)}
		<li class="py-1">
			<span class="flex justify-between gap-4 text-sm">
				<span class={is === 'heard' ? 'font-semibold' : ''}>{name}</span><span>{says}</span>
			</span>
			<span class="relative block h-3 bg-base-300" aria-hidden="true">
				<span
					class="absolute h-full min-w-1.5"
					style:left="{at(low)}%"
					style:width="{at(high) - at(low)}%"
					style:background-color="var({fills[is]})"
				></span>
			</span>
		</li>
	{/each}
</ul>
