<script lang="ts">
	import { d50, fineEnough, type CharFinding } from '$lib/core/char';
	import { joined, plain, show } from '$lib/format/figure';
	import type { PageData } from './$types';
	/** How fine it is, by the newest sieving, and what that is fine enough for. */
	let { found }: { found: PageData['found'] } = $props();
	type Sieved = Extract<CharFinding, { kind: 'sieved' }>;
	const shares = $derived(
		found.map((one) => one.found).find((one): one is Sieved => one.kind === 'sieved')?.shares
	);
	const half = $derived(shares && d50(shares));
	const percent = (value: number) => joined(show({ value, unit: 'share' }, 'metric'));
	const bars = $derived(
		shares
			? ([
					['under 2', shares.under2],
					['2–10', shares.to10],
					['10–20', shares.to20],
					['over 20', shares.over20]
				] as const)
			: []
	);
</script>

{#if shares && half}
	<h2 class="mt-6 mb-1 text-xl">How fine it is</h2>
	<p class="max-w-prose">
		Half of it by dry mass is finer than {half.bound === 'over'
			? 'something over 20 mm'
			: half.bound === 'under'
				? '2 mm'
				: `${plain(half.mm, 1)} mm`}: {percent(fineEnough(shares, 'pots'))} is fine enough for pots,
		{percent(fineEnough(shares, 'beds'))} for beds; heaps and tree pits take all of it.
	</p>
	<svg viewBox="0 0 400 96" class="mt-2 w-full max-w-lg" role="img" aria-label="Shares by grain">
		{#each bars as [label, share], i (label)}
			<rect
				x={i * 100 + 8}
				y={64 - 60 * share}
				width="84"
				height={Math.max(1, 60 * share)}
				fill="var(--char-line)"
			/>
			<text x={i * 100 + 50} y="80" text-anchor="middle" font-size="13" fill="currentColor"
				>{label} mm</text
			>
			<text x={i * 100 + 50} y="94" text-anchor="middle" font-size="12" fill="currentColor"
				>{percent(share)}</text
			>
		{/each}
	</svg>
{/if}
