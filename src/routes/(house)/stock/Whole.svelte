<script lang="ts">
	import { inLitres } from '$lib/core/units';
	import { limits } from '$lib/input/limits';
	import Answer from '$lib/components/answer/Answer.svelte';
	import Caution from '$lib/components/answer/Caution.svelte';
	import Figures from '$lib/components/answer/Figures.svelte';
	import ActFoot from '$lib/components/entry/ActFoot.svelte';
	import Choice from '$lib/components/entry/Choice.svelte';
	import Field from '$lib/components/entry/Field.svelte';
	import Fold from '$lib/components/entry/Fold.svelte';
	import Form from '$lib/components/entry/Form.svelte';
	import {
		brings,
		compositionOf,
		isManure,
		isMaterial,
		materialOf,
		readMeasure
	} from '$lib/core/materials';
	import { say } from '$lib/format/figure';
	import { slip } from '$lib/format/slip';
	import { capital } from '$lib/format/words';
	import Pager from '$lib/components/answer/Pager.svelte';
	import AnalysisFields from './AnalysisFields.svelte';
	import CharIn from './CharIn.svelte';
	import { bringsWords, chargesWords } from './answer';
	import type { PageProps } from './$types';
	let { data, form }: Pick<PageProps, 'data' | 'form'> = $props();
	const system = $derived(data.system);
	const of = (name: string) => (form?.form === name ? form : undefined);
	const options = $derived(
		data.known.map((material) => ({
			value: material as string,
			label: capital(materialOf(material).name)
		}))
	);
	// svelte-ignore state_referenced_locally
	let material = $state(of('bring')?.values.material ?? data.known[0] ?? '');
	let amount = $state(of('bring')?.values.amount ?? '');
	const composition = $derived(
		isMaterial(material) ? compositionOf(material, data.analyses[material]) : undefined
	);
	/** What is typed, as it would stand in the books. */
	const brought = $derived.by(() => {
		const read = readMeasure(amount, data);
		return composition && read.status === 'ok' ? brings(composition, read.measure) : undefined;
	});
	const slips = $derived(
		brought
			? [
					slip('Volume', brought.volume, system),
					slip('Weight as used', brought.mass, system),
					slip('Total N', brought.nitrogen, system),
					slip('Mineral N', brought.mineralNitrogen, system),
					slip('P', brought.phosphorus, system),
					slip('K', brought.potassium, system),
					...(brought.lime.value > 0 ? [slip('Lime', brought.lime, system)] : [])
				]
			: []
	);
	const cautions = $derived(
		composition
			? {
					raw: composition.germs === 'raw-manure' || composition.germs === 'urine',
					ash: materialOf(composition.material).sort === 'ash'
				}
			: { raw: false, ash: false }
	);
	const analysis = $derived(of('analyse'));
	// svelte-ignore state_referenced_locally
	let analysed = $state(analysis?.values.analysed ?? data.known[0] ?? '');
</script>

<Answer title="Stock" answer={data.answer}>
	{#snippet reason()}<p>
			What is brought in once is taken from here by batches and beds, and each of them gets its part
			of the nitrogen, potash and lime.
		</p>{/snippet}
</Answer>

<div class="sheet">
	<div>
		{#if data.lots.n > 0}
			<ul>
				{#each data.lots.rows as lot (lot.code)}
					<li class="border-b border-base-300 py-3">
						<a
							class="inline-block min-h-11 content-center text-lg font-semibold underline"
							href="/stock/{lot.code}">{lot.code} {lot.name}</a
						>
						<span>{say(inLitres(lot.volume_ul), 'L', system)} left</span>
						<span class="quiet block text-sm"
							>{lot.held === undefined
								? bringsWords(lot.contents, system)
								: `Held: ${lot.held}`}</span
						>
						{#if chargesWords(lot, system)}<span class="block text-sm"
								>{chargesWords(lot, system)}</span
							>{/if}
					</li>
				{/each}
			</ul>
			<Pager
				page={data.lots.page}
				pages={data.lots.pages}
				label="More stock"
				href={(page) => `/stock?page=${page}`}
			/>
			<div class="mb-8"></div>
		{/if}
		<Form id="form" name="bring" sent={form}>
			<h2 class="mb-2 text-xl">Bring something in</h2>
			<p class="mb-2">
				Ash has <a class="underline" href="/ash">a page of its own</a>: who may have it, and how
				much.
			</p>
			<div class="form-grid">
				<Choice label="What it is" name="material" bind:value={material} {options} />
				<Field
					label="How much, as used"
					name="amount"
					bind:value={amount}
					hint={system === 'us'
						? 'Like 30 gal, 60 lb or 2 barrows'
						: 'Like 120 L, 40 kg or 2 barrows'}
				/>
				<Field label="What you call it" name="name" hint="Empty: what it is" />
				<Field
					label="Bought: so many bags of that"
					name="bags"
					inputmode="decimal"
					hint="Empty: your own"
				/>
				<Field
					label="What one cost{data.currency ? `, ${data.currency}` : ''}"
					name="bagPrice"
					inputmode="decimal"
				/>
				{#if isMaterial(material) && isManure(material)}<Field
						label="Char in it, % of its litres"
						name="charTold"
						inputmode="decimal"
						hint="Strewn as bedding, or fed; empty: none told"
					/>{/if}
			</div>
			<Fold
				name="bag"
				label="What its bag says"
				open={['bagN', 'bagP', 'bagK'].some((one) => of('bring')?.values[one])}
			>
				<div class="form-grid">
					<Field label="N, %" name="bagN" inputmode="decimal" />
					<Field label="Phosphorus, %" name="bagP" inputmode="decimal" />
					<Field label="Potassium, %" name="bagK" inputmode="decimal" />
					<Choice
						label="These two are told as"
						name="bagAs"
						options={[
							{ value: 'oxide', label: 'oxides (P₂O₅, K₂O), as bags do' },
							{ value: 'element', label: 'the elements (P, K)' }
						]}
					/>
				</div>
			</Fold>
			{#if slips.length > 0}<div class="mt-4"><Figures {slips} /></div>{/if}
			{#if cautions.raw}<Caution
					>Raw manure and urine carry germs: gloves, wash, and months between it and food that is
					eaten raw. Some organic standards bar urine: ask the certifier.</Caution
				>{/if}
			{#if isMaterial(material) && isManure(material)}<Caution
					>Char that animals lie on or eat is for the vet and the feed law of your place to say; no
					amount is given here.</Caution
				>{/if}
			{#if cautions.ash}<Caution
					>Only ash of clean wood. It burns eyes and skin: gloves, glasses, no wind. Keep it dry in
					a lidded metal pail, away from what burns, until it is cold for days.</Caution
				>{/if}
			<ActFoot actId={data.actId} label="Bring it in" />
		</Form>
	</div>
	<aside>
		<CharIn actId={data.charId} {form} currency={data.currency} />
		<details open={analysis !== undefined}>
			<summary class="inline-flex min-h-11 cursor-pointer items-center underline"
				>Keep an own measure or analysis</summary
			>
			<Form name="analyse" sent={form} limits={limits.stock} class="grid gap-3 pb-4">
				<p class="quiet text-sm">
					From then on what is brought in goes by it; what is in the books keeps what was known
					then. Leave empty what was not measured.
				</p>
				<Choice label="Of" name="analysed" bind:value={analysed} {options} />
				<AnalysisFields material={isMaterial(analysed) ? analysed : undefined} />
				<ActFoot actId={data.analysisId} label="Keep the measure" quiet />
			</Form>
		</details>
	</aside>
</div>
