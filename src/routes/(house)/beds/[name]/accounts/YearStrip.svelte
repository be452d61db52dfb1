<script lang="ts">
	import { days } from '$lib/core/time';
	import { count } from '$lib/format/words';
	import type { PageData } from './$types';
	/** The year of a bed on one axis: above it what went on, below it what came off. */
	let { year, went, came }: Pick<PageData, 'year' | 'went' | 'came'> = $props();
	const names = ['J', 'F', 'M', 'A', 'M', 'J', 'J', 'A', 'S', 'O', 'N', 'D'];
	const [left, width, line] = [20, 560, 92];
	const start = $derived(Date.UTC(Number(year), 0, 1));
	const at = (day: string) => left + ((Date.parse(`${day}T12:00:00Z`) - start) / days(366)) * width;
	const most = $derived(Math.max(1, ...came.map(({ kg }) => kg)));
	const colours: Readonly<Record<string, string>> = {
		char: 'var(--char-line)',
		ash: 'var(--ash)',
		lime: 'var(--side)',
		feed: 'var(--moss)'
	};
	const words: Readonly<Record<string, string>> = {
		char: 'char',
		ash: 'ash',
		lime: 'lime',
		feed: 'feed and compost'
	};
	const kinds = $derived([...new Set(went.map(({ of }) => of))]);
	/** Of one day one stands on the other. */
	const levelOf = (i: number) => went.slice(0, i).filter((one) => one.day === went[i]?.day).length;
</script>

<svg
	viewBox="0 0 600 190"
	class="mb-2 block w-full max-w-3xl"
	role="img"
	aria-label="{year}: {count(went.length, 'thing', 'things')} went on, {count(
		came.length,
		'harvest',
		'harvests'
	)} came off."
>
	<text x={left} y="16" class="text-[17px] sm:text-[13px]" fill="currentColor">went on</text>
	<text x={left} y="184" class="text-[17px] sm:text-[13px]" fill="currentColor">came off</text>
	<path d="M{left} {line}h{width}" stroke="currentColor" stroke-width="2" />
	{#each names as name, i (i)}
		<path d="M{left + (i * width) / 12} {line - 5}v10" stroke="currentColor" />
		<text
			x={left + ((i + 0.5) * width) / 12}
			y={line + 16}
			text-anchor="middle"
			class="text-[16px] sm:text-[12px]"
			fill="var(--ash)">{name}</text
		>
	{/each}
	{#each went as one, i (i)}
		<rect
			x={at(one.day) - 5}
			y={line - 18 - levelOf(i) * 14}
			width="10"
			height="12"
			fill={colours[one.of]}
			stroke="currentColor"><title>{one.day} {one.name}</title></rect
		>
	{/each}
	{#each came as one, i (i)}
		<rect
			x={at(one.day) - 4}
			y={line + 22}
			width="8"
			height={6 + (36 * one.kg) / most}
			fill="var(--straw)"
			stroke="currentColor"><title>{one.day} {one.name}</title></rect
		>
	{/each}
</svg>
{#if kinds.length > 0}<p class="mb-6 flex flex-wrap gap-x-5 text-sm">
		{#each kinds as kind (kind)}<span class="inline-flex items-center gap-2"
				><svg viewBox="0 0 12 12" class="size-3" role="presentation"
					><rect width="12" height="12" fill={colours[kind]} stroke="currentColor" /></svg
				>{words[kind]}</span
			>{/each}
		<span>the longer below, the heavier the harvest</span>
	</p>{/if}
