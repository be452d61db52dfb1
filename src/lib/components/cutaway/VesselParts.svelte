<script lang="ts">
	import type { VesselUse } from '$lib/core/vessels';
	import { round, type Section } from './geometry';
	/** What makes a kind of vessel known at a glance: the ground, holes in a floor, a lid, a handle. */
	let {
		use,
		section,
		depth,
		small
	}: { use: VesselUse; section: Section; depth: number; small: boolean } = $props();
	const stroke = $derived(small ? 7 : 3);
	const [left, right] = $derived(section.xAt(depth).map(round) as [number, number]);
	const [floorLeft, floorRight] = $derived(section.xAt(0).map(round) as [number, number]);
	const top = $derived(round(section.yAt(depth)));
	const floor = $derived(round(section.yAt(0)));
	const holes = $derived(
		Array.from({ length: 5 }, (_, i) => floorLeft + ((floorRight - floorLeft) * (i + 0.5)) / 5)
	);
</script>

{#if use === 'trench'}
	<path
		d="M-8 {top}H{left}M{right} {top}H268"
		stroke="var(--soil)"
		stroke-width={stroke * 2}
		fill="none"
	/>
{:else if use === 'open-pile'}
	<path d="M-8 {floor}H268" stroke="var(--soil)" stroke-width={stroke * 2} fill="none" />
{:else if use === 'barrel'}
	{#each holes as x (x)}<path
			d="M{round(x)} {floor - stroke}v{stroke * 2.4}"
			stroke="var(--ember)"
			stroke-width={stroke}
		/>{/each}
{:else if use === 'retort'}
	<path
		d="M{left - stroke * 2} {top}H{right + stroke * 2}"
		stroke="var(--ink)"
		stroke-width={stroke * 2}
	/>
	<path
		d="M{floorLeft} {floor + stroke}q{(floorRight - floorLeft) / 8} {-stroke * 4} {(floorRight -
			floorLeft) /
			4} 0t{(floorRight - floorLeft) / 4} 0t{(floorRight - floorLeft) / 4} 0t{(floorRight -
			floorLeft) /
			4} 0"
		stroke="var(--ember)"
		stroke-width={stroke}
		fill="none"
	/>
{:else if use === 'stove'}
	<path
		d="M{left} {top}C{left} {top - 34} {right} {top - 34} {right} {top}"
		stroke="var(--ink)"
		stroke-width={stroke}
		fill="none"
	/>
{/if}
