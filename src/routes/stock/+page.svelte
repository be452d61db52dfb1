<script lang="ts">
	import { limitFields } from '$lib/components/entry/typing.svelte';
	import { limits } from '$lib/input/limits';
	import Answer from '$lib/components/answer/Answer.svelte';
	import Caution from '$lib/components/answer/Caution.svelte';
	import Figures from '$lib/components/answer/Figures.svelte';
	import ActFoot from '$lib/components/entry/ActFoot.svelte';
	import Choice from '$lib/components/entry/Choice.svelte';
	import Field from '$lib/components/entry/Field.svelte';
	import { brings, materialOf, readMeasure } from '$lib/core/materials';
	import { say } from '$lib/format/figure';
	import { slip } from '$lib/format/slip';
	import { capital } from '$lib/format/words';
	import { bringsWords, stockAnswer } from './answer';
	let { data, form } = $props();
	limitFields(limits.stock);
	const system = $derived(data.system);
	const of = (name: string) => (form?.form === name ? form : undefined);
	const options = $derived(
		data.known.map(({ material }) => ({
			value: material as string,
			label: capital(materialOf(material).name)
		}))
	);
	// svelte-ignore state_referenced_locally
	let material = $state(of('bring')?.values.material ?? data.known[0]?.material ?? '');
	let amount = $state(of('bring')?.values.amount ?? '');
	const composition = $derived(data.known.find((one) => one.material === material));
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
	const bringErrors = $derived(of('bring')?.errors ?? {});
	const analysis = $derived(of('analyse'));
	const analysisErrors = $derived(analysis?.errors ?? {});
	// svelte-ignore state_referenced_locally
	let analysed = $state(analysis?.values.analysed ?? data.known[0]?.material ?? '');
	const basis = $derived(
		data.known.find((one) => one.material === analysed)?.basis === 'L' ? 'g per L' : 'g per kg'
	);
	const dry = $derived(
		data.known.find((one) => one.material === analysed)?.basis === 'kg dry' ? ' dry' : ' as used'
	);
</script>

<Answer title="Stock" answer={stockAnswer(data.lots, system)}>
	{#snippet reason()}<p>
			What is brought in once is taken from here by batches and beds, and each of them gets its part
			of the nitrogen, potash and lime.
		</p>{/snippet}
</Answer>

<div class="sheet">
	<div>
		{#if data.lots.length > 0}
			<ul class="mb-8">
				{#each data.lots as lot (lot.code)}
					<li class="border-b border-base-300 py-3">
						<a
							class="inline-block min-h-11 content-center text-lg font-semibold underline"
							href="/stock/{lot.code}">{lot.code} {lot.name}</a
						>
						<span>{say(lot.volume_ml / 1000, 'L', system)} left</span>
						<span class="quiet block text-sm"
							>{lot.held === undefined
								? bringsWords(lot.contents, system)
								: `Held: ${lot.held}`}</span
						>
					</li>
				{/each}
			</ul>
		{/if}
		<form method="post" action="?/bring">
			<h2 class="mb-2 text-xl">Bring something in</h2>
			<div class="form-grid">
				<Choice
					label="What it is"
					name="material"
					bind:value={material}
					error={bringErrors.material}
					{options}
				/>
				<Field
					label="How much, as used"
					name="amount"
					bind:value={amount}
					error={bringErrors.amount}
					hint={system === 'us'
						? 'Like 30 gal, 60 lb or 2 barrows'
						: 'Like 120 L, 40 kg or 2 barrows'}
				/>
				<Field
					label="What you call it"
					name="name"
					value={of('bring')?.values.name ?? ''}
					error={bringErrors.name}
					hint="Empty: what it is"
				/>
			</div>
			{#if slips.length > 0}<div class="mt-4"><Figures {slips} /></div>{/if}
			{#if cautions.raw}<Caution
					>Raw manure and urine carry germs: gloves, wash, and months between it and food that is
					eaten raw. Some organic standards bar urine: ask the certifier.</Caution
				>{/if}
			{#if cautions.ash}<Caution
					>Only ash of clean wood. It burns eyes and skin: gloves, glasses, no wind. Keep it dry in
					a lidded metal pail, away from what burns, until it is cold for days.</Caution
				>{/if}
			<ActFoot
				actId={data.actId}
				action="?/bring"
				label="Bring it in"
				values={of('bring')?.values}
				errors={bringErrors}
			/>
		</form>
	</div>
	<aside>
		<details open={analysis !== undefined}>
			<summary class="inline-flex min-h-11 cursor-pointer items-center underline"
				>Keep an own measure or analysis</summary
			>
			<form method="post" action="?/analyse" class="grid gap-3 pb-4">
				<p class="quiet text-sm">
					From then on what is brought in goes by it; what is in the books keeps what was known
					then. Leave empty what was not measured.
				</p>
				<Choice
					label="Of"
					name="analysed"
					bind:value={analysed}
					error={analysisErrors.analysed}
					{options}
				/>
				<Field
					label="A filled measure"
					name="sampleVolume"
					value={analysis?.values.sampleVolume ?? ''}
					error={analysisErrors.sampleVolume}
					hint={system === 'us' ? 'Like 2 gal' : 'Like 10 L'}
				/>
				<Field
					label="Its weight, as used"
					name="sampleMass"
					value={analysis?.values.sampleMass ?? ''}
					error={analysisErrors.sampleMass}
					hint={system === 'us' ? 'Like 11 lb' : 'Like 5.4 kg'}
				/>
				<Field
					label="Water, % of the weight"
					name="water"
					inputmode="decimal"
					value={analysis?.values.water ?? ''}
					error={analysisErrors.water}
				/>
				<Field
					label="Total N, {basis}{dry}"
					name="nitrogen"
					inputmode="decimal"
					value={analysis?.values.nitrogen ?? ''}
					error={analysisErrors.nitrogen}
				/>
				<Field
					label="P, {basis}{dry}"
					name="phosphorus"
					inputmode="decimal"
					value={analysis?.values.phosphorus ?? ''}
					error={analysisErrors.phosphorus}
					hint="The element: P₂O₅ × 0.436"
				/>
				<Field
					label="K, {basis}{dry}"
					name="potassium"
					inputmode="decimal"
					value={analysis?.values.potassium ?? ''}
					error={analysisErrors.potassium}
					hint="The element: K₂O × 0.83"
				/>
				<Field
					label="Lime value, % calcium carbonate"
					name="lime"
					inputmode="decimal"
					value={analysis?.values.lime ?? ''}
					error={analysisErrors.lime}
				/>
				<Field
					label="pH"
					name="ph"
					inputmode="decimal"
					value={analysis?.values.ph ?? ''}
					error={analysisErrors.ph}
				/>
				<ActFoot
					actId={data.analysisId}
					action="?/analyse"
					label="Keep the measure"
					values={analysis?.values}
					errors={analysisErrors}
					quiet
				/>
			</form>
		</details>
	</aside>
</div>
