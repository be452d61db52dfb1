<script lang="ts">
	import { plain } from '$lib/format/figure';
	/** What a bed reads, would come to and should come to, over the likings of what grows there and comes next. */
	let {
		now,
		low,
		high,
		expected,
		wanted,
		likings
	}: {
		now: number | undefined;
		low: number | undefined;
		high: number | undefined;
		/** With the ash that would go on. */
		expected: number | undefined;
		wanted: number | undefined;
		likings: readonly { name: string; when: 'now' | 'next'; ph: readonly [number, number] }[];
	} = $props();
	const [from, to] = [4, 8.5];
	const left = 150;
	const width = 440;
	const at = (ph: number) =>
		left + ((Math.min(to, Math.max(from, ph)) - from) / (to - from)) * width;
	const row = 26;
	const top = 46;
	const height = $derived(top + likings.length * row + 64);
	const base = $derived(top + likings.length * row + 6);
	const ticks = [4, 4.5, 5, 5.5, 6, 6.5, 7, 7.5, 8, 8.5];
	const said = $derived(
		[
			now === undefined ? 'its pH is not known' : `now pH ${plain(now, 1)}`,
			...(expected === undefined ? [] : [`with the ash about ${plain(expected, 2)}`]),
			...(wanted === undefined ? [] : [`wanted ${plain(wanted, 1)}`]),
			...likings.map(({ name, ph }) => `${name} likes ${plain(ph[0], 1)} to ${plain(ph[1], 1)}`)
		].join('; ')
	);
</script>

<svg
	viewBox="0 0 610 {height}"
	class="mb-6 block w-full max-w-2xl"
	role="img"
	aria-label="Scale of pH: {said}."
>
	{#each likings as { name, when, ph }, i (name + when)}
		<text
			x={left - 8}
			y={top + i * row + 13}
			text-anchor="end"
			class="text-[17px] sm:text-[13px]"
			fill="currentColor">{name}{when === 'next' ? ', next' : ''}</text
		>
		<rect
			x={at(ph[0])}
			y={top + i * row}
			width={at(ph[1]) - at(ph[0])}
			height="17"
			fill="var(--moss)"
			opacity={when === 'next' ? 0.5 : 0.85}
		/>
	{/each}
	<path d="M{left} {base}h{width}" stroke="currentColor" stroke-width="2" />
	{#each ticks as tick (tick)}
		<path d="M{at(tick)} {base}v{tick % 1 === 0 ? 10 : 6}" stroke="currentColor" />
		{#if tick % 1 === 0}<text
				x={at(tick)}
				y={base + 26}
				text-anchor="middle"
				class="text-[17px] sm:text-[13px]"
				fill="currentColor">{tick}</text
			>{/if}
	{/each}
	<text x={left} y={base + 46} class="text-[17px] sm:text-[13px]" fill="currentColor">sour</text>
	<text
		x={left + width}
		y={base + 46}
		text-anchor="end"
		class="text-[17px] sm:text-[13px]"
		fill="currentColor">sweet</text
	>
	{#if now !== undefined && low !== undefined && high !== undefined}
		<rect
			x={at(low)}
			y={base - 6}
			width={Math.max(2, at(high) - at(low))}
			height="12"
			fill="var(--ember)"
			opacity="0.35"
		/>
		<path d="M{at(now)} 24V{base + 4}" stroke="var(--ember)" stroke-width="3" />
		<text
			x={at(now)}
			y="18"
			text-anchor="middle"
			class="text-[17px] font-bold sm:text-[13px]"
			fill="currentColor">now {plain(now, 1)}</text
		>
	{/if}
	{#if expected !== undefined}<path
			d="M{at(expected)} 30V{base + 4}"
			stroke="var(--ember)"
			stroke-width="2"
			stroke-dasharray="4 3"
		/>{/if}
	{#if wanted !== undefined}
		<path
			d="M{at(wanted)} 30V{base + 4}"
			stroke="currentColor"
			stroke-width="2"
			stroke-dasharray="1 4"
		/>
		<text
			x={at(wanted)}
			y={now !== undefined && Math.abs(at(wanted) - at(now)) < 70 ? 36 : 18}
			text-anchor={now !== undefined && wanted < now ? 'end' : 'start'}
			class="text-[17px] sm:text-[13px]"
			fill="currentColor">wanted {plain(wanted, 1)}</text
		>
	{/if}
</svg>
