<script lang="ts">
	/** Amounts as bars from nought, each with its doubt as a thin line at its end; the words stand beside it. */
	let {
		rows,
		label
	}: {
		rows: readonly {
			readonly name: string;
			readonly says: string;
			readonly value: number;
			readonly low: number;
			readonly high: number;
		}[];
		label: string;
	} = $props();
	const most = $derived(Math.max(1e-9, ...rows.map(({ high }) => high)));
	const at = (value: number) => Math.round((value / most) * 1000) / 10;
</script>

<dl class="mb-4 grid max-w-2xl gap-y-2" aria-label={label}>
	{#each rows as { name, says, value, low, high } (name)}
		<div
			class="grid grid-cols-[minmax(0,1fr)_auto] gap-x-4 sm:grid-cols-[11rem_minmax(0,1fr)_auto]"
		>
			<dt class="min-w-0">{name}</dt>
			<dd class="order-3 col-span-2 sm:order-none sm:col-span-1" aria-hidden="true">
				<svg viewBox="0 0 100 8" preserveAspectRatio="none" class="block h-4 w-full">
					<rect x="0" y="0" width={at(value)} height="8" fill="var(--ember)" />
					{#if high > low}<path
							d="M{at(low)} 4H{at(high)}"
							stroke="currentColor"
							stroke-width="2"
							vector-effect="non-scaling-stroke"
						/>{/if}
				</svg>
			</dd>
			<dd class="text-right font-semibold whitespace-nowrap">{says}</dd>
		</div>
	{/each}
</dl>
