<script lang="ts">
	import Answer from '$lib/components/answer/Answer.svelte';
	import BooksLinks from '$lib/components/answer/BooksLinks.svelte';
	import Figures from '$lib/components/answer/Figures.svelte';
	import ActFoot from '$lib/components/entry/ActFoot.svelte';
	import Fold from '$lib/components/entry/Fold.svelte';
	import Form from '$lib/components/entry/Form.svelte';
	import { limits } from '$lib/input/limits';
	import SmallForm from '$lib/components/entry/SmallForm.svelte';
	import { brings, materialOf, type GermClass } from '$lib/core/materials';
	import { litres, inLitres } from '$lib/core/units';
	import { sayDay } from '$lib/format/dates';
	import { joined, say, show } from '$lib/format/figure';
	import { slip } from '$lib/format/slip';
	import { said, slipped } from '$lib/format/sentence';
	import AnalysisFields from '../AnalysisFields.svelte';
	import type { PageProps } from './$types';
	let { data, form }: Pick<PageProps, 'data' | 'form'> = $props();
	const system = $derived(data.system);
	const stock = $derived(data.stock);
	const left = $derived(litres(inLitres(stock.volume_ul)));
	const brought = $derived(brings(stock.composition, { litres: left }));
	const slips = $derived([
		slip('Left', brought.volume, system),
		slip('Weight as used', brought.mass, system),
		slip('Dry in it', brought.dry, system),
		slip('Total N', brought.nitrogen, system),
		slip('Mineral N', brought.mineralNitrogen, system),
		slip('P', brought.phosphorus, system),
		slip('K', brought.potassium, system),
		slip('Lime', brought.lime, system)
	]);
	/** What one brings it for: its nitrogen, and of what has none, its lime or potassium. */
	const chief = $derived(
		(
			[
				['nitrogen', 'Total N'],
				['lime', 'Lime'],
				['potassium', 'K']
			] as const
		).find(([of]) => brought[of].value > 0)
	);
	const worth = $derived(
		chief && said`${slipped(joined(show(brought[chief[0]], system)), chief[1])} of ${chief[0]}`
	);
	const germWords: Readonly<Record<GermClass, string>> = {
		none: 'no germs of its own are counted',
		aged: 'aged: keep it off what is eaten raw for some weeks',
		urine: 'urine: keep it off what is eaten raw',
		'sugar-fed': 'what is brewed with it stays off what is eaten raw',
		'raw-manure': 'raw: months between it and what is eaten raw'
	};
	const answer = $derived(
		stock.volume_ul <= 0
			? `${stock.code} is used up`
			: data.held !== undefined
				? `${stock.code} is held: it goes nowhere but to the tip`
				: said`${stock.code} has ${slipped(say(left, 'L', system), 'Left')} of ${stock.name} left${worth ? said`, with ${worth}` : ''}`
	);
</script>

<Answer title={stock.code} {answer} crumbs={[{ label: 'Stock', href: '/stock' }]}>
	{#snippet reason()}<p>
			{materialOf(stock.material).name}, brought in {sayDay(stock.broughtAt_ms, data.almanac)}; {germWords[
				stock.composition.germs
			]}.{data.held === undefined ? '' : ` Held because: ${data.held}.`}
		</p>{/snippet}
</Answer>

<div class="sheet">
	<div>
		{#if stock.volume_ul > 0}<Figures {slips} />{/if}
		{#if stock.volume_ul > 0 && data.held === undefined && !data.refused && data.beds.length > 0}
			<h2 class="mb-2 text-xl">Put it on a bed</h2>
			<ul class="mb-6 flex flex-wrap gap-3">
				{#each data.beds as bed (bed)}<li>
						<a
							class="btn min-h-12 btn-outline"
							href="/beds/{encodeURIComponent(bed)}?putLot={stock.code}#put">{bed}</a
						>
					</li>{/each}
			</ul>
		{/if}
	</div>
	<aside>
		{#if materialOf(stock.material).sort === 'ash'}<p class="mb-4">
				<a class="btn min-h-12 btn-outline" href="/ash/{stock.code}">Its page as ash</a>
			</p>{/if}
		{#if data.refused}<p class="mb-4 border-l-4 border-error pl-3">
				Refused for soil: {data.refused}. It goes on no bed.
			</p>{:else if stock.volume_ul > 0}<SmallForm
				verb="refuse-source"
				actId={data.actId}
				sent={form}
			/>{/if}
		{#if stock.volume_ul > 0 && data.held === undefined}<Fold
				name="analyse"
				label="Enter an analysis of this lot"
				open={form?.form === 'analyse'}
			>
				<Form name="analyse" sent={form} limits={limits.stock} class="grid gap-3 pb-4">
					<p class="quiet text-sm">
						What is left of it goes by this from then on; what went on beds keeps what it went with.
						Leave empty what was not measured.
					</p>
					<AnalysisFields material={stock.material} />
					<ActFoot actId={data.analysisId} label="Keep the analysis" quiet />
				</Form>
			</Fold>{/if}
		<BooksLinks code={stock.code} />
	</aside>
</div>
