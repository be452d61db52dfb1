<script lang="ts">
	import { inLitres } from '$lib/core/units';
	import LineageTree from '$lib/components/cutaway/LineageTree.svelte';
	import type { Leaf, WaterTold, Smell } from '$lib/core/brews';
	import type { BrewIngredientShown } from './shown';
	import { kindByCode } from '$lib/core/kinds';
	import type { System } from '$lib/core/units';
	import { smellWords, stuffName, waterWords } from '$lib/format/brew-words';
	import { sayDay, sayMoment, type Almanac } from '$lib/format/dates';
	import { plain, say } from '$lib/format/figure';
	import { pathOf } from '$lib/format/paths';
	/** Beside a brew: where it comes from, what went in, what was found of it. */
	let {
		code,
		kin,
		earlier,
		wentIn,
		water,
		smells,
		findings,
		almanac,
		system
	}: {
		code: string;
		kin: readonly Leaf[];
		/** Of its line, not drawn. */
		earlier: number;
		wentIn: readonly BrewIngredientShown[];
		water: WaterTold | undefined;
		smells: readonly {
			readonly actId: string;
			readonly smell: Smell;
			readonly at_ms: number;
			readonly person: string;
		}[];
		findings: readonly {
			readonly actId: string;
			readonly kind: string;
			readonly at_ms: number;
			readonly person: string;
			readonly why?: string;
			readonly dS_m?: number;
			readonly of?: string;
		}[];
		almanac: Almanac;
		system: System | undefined;
	} = $props();
	const said = (one: (typeof findings)[number]): string => {
		if (one.kind === 'doubt') return `doubted: ${one.why ?? ''}`;
		if (one.kind === 'salt')
			return `${plain(one.dS_m ?? 0, 1)} dS/m, ${one.of === 'brew' ? 'the brew itself' : 'as poured'}`;
		return one.kind === 'lid-leaks' ? 'its lid leaks' : 'its lid is mended';
	};
	const asked = ({ planned_ul, volume_ul }: BrewIngredientShown) =>
		planned_ul !== null && Math.abs(planned_ul - volume_ul) > Math.max(1, planned_ul * 0.02);
</script>

{#if kin.length > 0}
	<h2 class="mb-1 text-lg">Where it comes from</h2>
	<LineageTree
		leaves={kin}
		here={code}
		say={(leaf) => `${leaf.name}, ${sayDay(leaf.at_ms, almanac)}`}
	/>
	{#if earlier > 0}<p class="quiet text-sm">
			{earlier} earlier of it have pages of their own.
		</p>{/if}
	<p class="mb-4">
		<a class="inline-block min-h-11 content-center text-sm underline" href="/brews/lines"
			>All lines</a
		>
	</p>
{/if}
<h2 class="mb-1 text-lg">What went in</h2>
<ul class="mb-5">
	{#each wentIn as one, i (i)}
		<li class="border-b border-base-300 py-2">
			<strong>{say(inLitres(one.volume_ul), 'L', system)}</strong>
			{one.material === 'rain-water' && water
				? `${waterWords[water.source].name.toLowerCase()} water`
				: stuffName(one.material)}{#if one.fromCode},
				<a class="underline" href={pathOf(kindByCode(one.fromCode)?.id ?? 'stock', one.fromCode)}
					>{one.fromCode}</a
				>{/if}
			{#if asked(one)}<span class="quiet block text-sm"
					>the recipe’s middle is {say(inLitres(one.planned_ul ?? 0), 'L', system)}</span
				>{/if}
			{#if one.material === 'rain-water' && water?.ascorbic}<span class="quiet block text-sm"
					>ascorbic acid stirred in</span
				>{/if}
		</li>
	{/each}
</ul>
{#if smells.length > 0}
	<h2 class="mb-1 text-lg">What noses said</h2>
	<ul class="mb-5">
		{#each smells as one (one.actId)}<li class="border-b border-base-300 py-2">
				<strong>{smellWords[one.smell].name}</strong>
				<span class="quiet block text-sm">{sayMoment(one.at_ms, almanac)}, {one.person}</span>
			</li>{/each}
	</ul>
{/if}
{#if findings.length > 0}
	<h2 class="mb-1 text-lg">What was found</h2>
	<ul class="mb-5">
		{#each findings as one (one.actId)}<li class="border-b border-base-300 py-2">
				{said(one)}
				<span class="quiet block text-sm">{sayMoment(one.at_ms, almanac)}, {one.person}</span>
			</li>{/each}
	</ul>
{/if}
