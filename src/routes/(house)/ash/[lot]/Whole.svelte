<script lang="ts">
	import Answer from '$lib/components/answer/Answer.svelte';
	import BooksLinks from '$lib/components/answer/BooksLinks.svelte';
	import SmallForm from '$lib/components/entry/SmallForm.svelte';
	import { elementOfOxide, materialOf, type Property } from '$lib/core/materials';
	import { inLitres } from '$lib/core/units';
	import { sayDay } from '$lib/format/dates';
	import { plain, say, saySpan } from '$lib/format/figure';
	import type { PageProps } from './$types';
	let { data, form }: Pick<PageProps, 'data' | 'form'> = $props();
	const system = $derived(data.system);
	const stock = $derived(data.stock);
	const sources = {
		hearth: 'a stove or hearth',
		boiler: 'a boiler',
		kiln: 'a kiln that burned over',
		bought: 'a bag'
	};
	/** Percent of an oxide, of an element in grams to the kilogram. */
	const oxide = ({ low, high }: Property, of: 'potassium' | 'phosphorus') =>
		`${plain(low / 10 / elementOfOxide[of], 1)} to ${plain(high / 10 / elementOfOxide[of], 1)} %`;
	const answer = $derived(
		stock.volume_ul <= 0
			? `${stock.code} is used up`
			: data.refused
				? `${stock.code} goes on no bed: it is of ${data.refused}`
				: data.held !== undefined
					? `${stock.code} is held: it goes nowhere but to the tip`
					: `${stock.code} has ${say(inLitres(stock.volume_ul), 'L', system)} of ash left, ${say(stock.mass_mg / 1e6, 'kg', system)}`
	);
	const who = (property: Property) => (property.origin === 'own' ? ' as told of it' : '');
</script>

<Answer title={stock.code} {answer} crumbs={[{ label: 'Ash', href: '/ash' }]}>
	{#snippet reason()}<p>
			{stock.name}, {materialOf(stock.material).name}{data.told
				? `, from ${sources[data.told.source]}${data.told.sifted ? ', sifted' : ''}`
				: ''}, brought in {sayDay(stock.broughtAt_ms, data.almanac)}.{data.told?.unsure
				? ' What else burned there is not known: metals gather in ash, so keep the doses small.'
				: ''}{data.held === undefined ? '' : ` Held because: ${data.held}.`}
		</p>{/snippet}
</Answer>

<div class="sheet">
	<div>
		<table class="ledger-table mb-6 max-w-xl">
			<tbody>
				<tr
					><td>Lime value, of pure calcium carbonate</td><td class="num"
						>{plain(stock.composition.lime.low * 100, 0)} to {plain(
							stock.composition.lime.high * 100,
							0
						)} %{who(stock.composition.lime)}</td
					></tr
				>
				<tr
					><td>Potash, as K₂O</td><td class="num"
						>{oxide(stock.composition.potassium, 'potassium')}{who(stock.composition.potassium)}</td
					></tr
				>
				<tr
					><td>Phosphate, as P₂O₅</td><td class="num"
						>{oxide(stock.composition.phosphorus, 'phosphorus')}</td
					></tr
				>
				<tr
					><td>How heavy it lies</td><td class="num"
						>{saySpan(
							stock.composition.density.low,
							stock.composition.density.high,
							'kg/L',
							system
						)}{who(stock.composition.density)}</td
					></tr
				>
				<tr
					><td>pH of a slurry</td><td class="num"
						>{plain(stock.composition.ph.low, 0)} to {plain(stock.composition.ph.high, 0)}</td
					></tr
				>
			</tbody>
		</table>
		{#if stock.volume_ul > 0 && !data.refused && data.held === undefined}<p>
				<a class="btn min-h-12 btn-primary" href="/ash">See which bed may have it</a>
			</p>{/if}
	</div>
	<aside>
		{#if !data.refused && stock.volume_ul > 0}<SmallForm
				verb="refuse-source"
				actId={data.actId}
				sent={form}
			/>{/if}
		<p class="quiet mt-4 text-sm">
			Dry, in a lidded metal pail, away from anything that burns. Charred bits that are sifted out
			later
			<a class="underline" href="/stock#charIn">come in as char</a>.
		</p>
		<BooksLinks code={stock.code} />
	</aside>
</div>
