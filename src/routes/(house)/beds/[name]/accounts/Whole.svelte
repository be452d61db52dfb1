<script lang="ts">
	import Answer from '$lib/components/answer/Answer.svelte';
	import BooksLinks from '$lib/components/answer/BooksLinks.svelte';
	import Figures from '$lib/components/answer/Figures.svelte';
	import SmallForm from '$lib/components/entry/SmallForm.svelte';
	import { asElement, firstYearSource, type Ranged, type SeasonAccount } from '$lib/core/accounts';
	import { nitrogenCaps } from '$lib/core/applying';
	import { takesSource } from '$lib/core/crops';
	import { shareFigure } from '$lib/core/beds';
	import { say, show, unitName } from '$lib/format/figure';
	import { figurePath } from '$lib/format/paths';
	import { slip } from '$lib/format/slip';
	import HarvestDate from '../HarvestDate.svelte';
	import { accountSlips, accountsAnswer, balanceWords } from './answer';
	import YearStrip from './YearStrip.svelte';
	import type { PageProps } from './$types';
	let { data, form }: Pick<PageProps, 'data' | 'form'> = $props();
	const system = $derived(data.system);
	const area = $derived(data.bed.area_m2);
	/** Two digits: what is brought and taken is known no better. The unit stands over the table. */
	const each = (grams: number) =>
		show({ value: Number((grams / area).toPrecision(2)), unit: 'g/m²' }, system).text;
	const unit = $derived(unitName('g/m²', system));
	const span = ({ value, low, high }: Ranged) =>
		high <= 0 ? '–' : high - low < value / 50 ? each(value) : `${each(low)}–${each(high)}`;
	const oxide = (of: 'p2o5' | 'k2o', grams: number) =>
		data.asElement ? asElement(of, grams) : grams;
	const ranged = (of: 'p2o5' | 'k2o', { value, low, high }: Ranged): Ranged => ({
		value: oxide(of, value),
		low: oxide(of, low),
		high: oxide(of, high)
	});
	const named = $derived(data.asElement ? { p2o5: 'P', k2o: 'K' } : { p2o5: 'P₂O₅', k2o: 'K₂O' });
	const rows = $derived([...data.seasons, data.ever]);
	const nameOf = ({ season }: SeasonAccount) => (season === 'ever' ? 'For ever' : season);
	const slips = $derived(data.seasons[0] ? accountSlips(data.seasons[0], area, system) : []);
	const share = $derived(shareFigure(data.bed.char, data.bed.ground));
	const here = $derived(`/beds/${encodeURIComponent(data.bed.name)}`);
	/** The grower's own limit goes before the common one. */
	const most = $derived(data.limit ?? nitrogenCaps.manure_g_m2);
	const overManure = $derived(data.seasons.find(({ manureN_g }) => manureN_g / area > most));
</script>

<Answer
	title="{data.bed.name}: accounts"
	answer={accountsAnswer(data.bed.name, data.seasons[0]?.season, slips)}
	crumbs={[
		{ label: 'Beds', href: '/beds' },
		{ label: data.bed.name, href: here }
	]}
>
	{#snippet reason()}<p>
			{#if data.seasons[0]}{balanceWords(data.seasons[0])}{:else}What is spread, poured, laid and
				harvested from now on stands here by itself.{/if}
			{#if overManure}In {overManure.season} it had {each(overManure.manureN_g)}
				{unit} of nitrogen from manures;
				{say(most, 'g/m²', system)} is {data.limit === undefined
					? 'the most in many places'
					: 'what you hold it to'}.{/if}
		</p>
		{#if data.bed.crop}<p class="mt-2">It grows {data.bed.crop}.</p>{/if}
		<HarvestDate
			harvest={data.harvest}
			eatenRaw={data.bed.eatenRaw}
			almanac={data.almanac}
		/>{/snippet}
</Answer>

<div class="sheet">
	<div>
		{#if slips.length > 0}<Figures
				slips={[
					...slips,
					slip('Char it holds', share, system, figurePath('bed', data.bed.name, 'share'))
				]}
			/>{/if}
		{#if data.year}
			<h2 class="mb-1 text-xl">{data.year}</h2>
			<YearStrip year={data.year} went={data.went} came={data.came} />
			<p class="mb-6 print:hidden">
				{#each data.seasons as { season } (season)}{#if season !== data.year}<a
							class="mr-5 inline-block min-h-11 content-center underline"
							href="?season={season}{data.asElement ? '&as=element' : ''}">{season}</a
						>{/if}{/each}
			</p>
		{/if}
		{#if data.seasons.length > 0}
			<h2 class="mb-1 text-xl">On each part of it, in {unit}</h2>
			<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
			<div
				class="mb-2 overflow-x-auto"
				tabindex="0"
				role="region"
				aria-label="By season: nitrogen, phosphate, potash"
			>
				<table class="ledger-table min-w-[44rem]">
					<thead
						><tr
							><th>Season</th><th class="num">N in all</th><th class="num">N likely there</th><th
								class="num">N taken</th
							><th class="num">{named.p2o5} on</th><th class="num">{named.p2o5} taken</th><th
								class="num">{named.k2o} on</th
							><th class="num">{named.k2o} taken</th></tr
						></thead
					>
					<tbody>
						{#each rows as row (row.season)}<tr>
								<td>{nameOf(row)}</td>
								<td class="num">{each(row.nitrogen_g)}</td>
								<td class="num">{span(row.available_g)}</td>
								<td class="num">{span(row.taken.nitrogen)}</td>
								<td class="num">{each(oxide('p2o5', row.p2o5_g))}</td>
								<td class="num">{span(ranged('p2o5', row.taken.p2o5))}</td>
								<td class="num">{each(oxide('k2o', row.k2o_g))}</td>
								<td class="num">{span(ranged('k2o', row.taken.k2o))}</td>
							</tr>{/each}
					</tbody>
				</table>
			</div>
			<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
			<div
				class="mb-2 overflow-x-auto"
				tabindex="0"
				role="region"
				aria-label="By season: char, ash, lime, harvest"
			>
				<table class="ledger-table min-w-[32rem]">
					<thead
						><tr
							><th>Season</th><th class="num">Char, dry</th><th class="num">Ash, dry</th><th
								class="num">Lime, as CaCO₃</th
							><th class="num">N of manures</th><th class="num">Harvest, all of it</th></tr
						></thead
					>
					<tbody>
						{#each rows as row (row.season)}<tr>
								<td>{nameOf(row)}</td>
								<td class="num">{each(row.char_kg * 1000)}</td>
								<td class="num">{each(row.ash_g)}</td>
								<td class="num">{each(row.lime_g)}</td>
								<td class="num">{each(row.manureN_g)}</td>
								<td class="num">{say(row.harvest_kg.value, 'kg', system)}</td>
							</tr>{/each}
					</tbody>
				</table>
			</div>
			<p class="quiet mb-4 max-w-prose text-sm">
				Phosphorus and potassium as {data.asElement
					? 'elements'
					: 'oxides, as bags and tables have them'}:
				<a class="underline" href="?{data.asElement ? '' : 'as=element&'}season={data.year ?? ''}"
					>show them as {data.asElement ? 'oxides' : 'elements'}</a
				>. {firstYearSource}. {takesSource}.
			</p>
		{/if}
	</div>
	<aside>
		<SmallForm verb="harvest" actId="{data.smallId}-harvest" sent={form} folded={false} />
		<div class="mt-6"></div>
		<SmallForm verb="sow" actId="{data.smallId}-sow" sent={form} />
		<SmallForm verb="clear" actId="{data.smallId}-clear" sent={form} />
		<SmallForm verb="limit-nitrogen" actId="{data.smallId}-limit" sent={form} />
		<p class="mt-4 grid">
			<a class="inline-block min-h-11 content-center underline" href="{here}/verdict"
				>Char, ash, both or neither?</a
			>
			<a class="inline-block min-h-11 content-center underline" href="{here}/accounts.csv" download
				>All of it as a sheet</a
			>
		</p>
		<BooksLinks code={data.bed.name} of="bed" />
	</aside>
</div>
