<script lang="ts">
	/**
	 * Amounts with their doubt, one under the other, the words beside them: as bars from nought, or as ranges, which
	 * cross nought where they do and are of another colour below it.
	 */
	let {
		rows,
		label,
		as = 'bars'
	}: {
		rows: readonly {
			readonly name: string;
			readonly says: string;
			readonly value: number;
			readonly low: number;
			readonly high: number;
		}[];
		label: string;
		as?: 'bars' | 'ranges';
	} = $props();
	const least = $derived(Math.min(0, ...rows.map(({ low }) => low)));
	const most = $derived(Math.max(1e-9, ...rows.map(({ high }) => high)));
	const at = (value: number) => Math.round(((value - least) / (most - least)) * 1000) / 10;
</script>

<dl class="mb-4 grid max-w-2xl gap-y-2" aria-label={label}>
	{#each rows as { name, says, value, low, high } (name)}
		<div
			class="grid grid-cols-[minmax(0,1fr)_auto] gap-x-4 sm:grid-cols-[10rem_minmax(0,1fr)_9rem]"
		>
			<dt class="min-w-0 truncate">{name}</dt>
			<dd class="order-3 col-span-2 sm:order-none sm:col-span-1" aria-hidden="true">
				<svg viewBox="0 0 100 12" preserveAspectRatio="none" class="block h-5 w-full">
					{#if as === 'bars'}
						<rect x="0" y="1" width={at(value)} height="10" fill="var(--ember)" />
						{#if high > low}<path
								d="M{at(low)} 6H{at(high)}"
								stroke="currentColor"
								stroke-width="2"
								vector-effect="non-scaling-stroke"
							/>{/if}
					{:else}
						<rect
							x={at(low)}
							y="3"
							width={Math.max(0.5, at(high) - at(low))}
							height="6"
							fill="var(--moss)"
							opacity="0.75"
						/>
						{#if low < 0}<rect
								x={at(low)}
								y="3"
								width={at(Math.min(0, high)) - at(low)}
								height="6"
								fill="var(--ember)"
							/>{/if}
						<path d="M{at(0)} 0V12" stroke="currentColor" vector-effect="non-scaling-stroke" />
						<path
							d="M{at(value)} 1V11"
							stroke="currentColor"
							stroke-width="3"
							vector-effect="non-scaling-stroke"
						/>
					{/if}
				</svg>
			</dd>
			<dd class="text-right font-semibold whitespace-nowrap">{says}</dd>
		</div>
	{/each}
</dl>
