<script lang="ts">
	import Answer from '$lib/components/answer/Answer.svelte';
	import BooksLinks from '$lib/components/answer/BooksLinks.svelte';
	import Figures from '$lib/components/answer/Figures.svelte';
	import Say from '$lib/components/answer/Say.svelte';
	import Trace from '$lib/components/answer/Trace.svelte';
	import { kgDry, known, litres, reckon, times, inLitres } from '$lib/core/units';
	import { woodClass } from '$lib/core/woodyard';
	import { bestMeasure } from '$lib/format/figure';
	import { slip } from '$lib/format/slip';
	import { allowedWords } from '$lib/format/proof-words';
	import { wetnessWords } from '$lib/format/words';
	import MeasuresCutaway from '$lib/components/cutaway/MeasuresCutaway.svelte';
	import Seen from '$lib/components/answer/Seen.svelte';
	import { charAnswer } from './answer';
	import { originWords } from '$lib/format/char-words';
	import { verdictWords } from '$lib/format/charge-words';
	import Finish from './Finish.svelte';
	import Grain from './Grain.svelte';
	import Crush from './Crush.svelte';
	import SmallForm from '$lib/components/entry/SmallForm.svelte';
	import Sample from './Sample.svelte';
	import Pool from './Pool.svelte';
	import type { PageProps } from './$types';
	let { data, form }: Pick<PageProps, 'data' | 'form'> = $props();
	const system = $derived(data.system);
	const char = $derived(data.char);
	const went = $derived(
		data.trace.forward.steps.filter((step) => step.depth === 1).map((step) => step.code)
	);
	/** Findings stand newest first. */
	const rinsedLast = $derived.by(() => {
		const rinsed = data.found.findIndex(({ found }) => found.kind === 'rinsed');
		const read = data.found.findIndex(
			({ found }) => found.kind === 'quality' && found.ph !== undefined
		);
		return rinsed >= 0 && (read >= 0 ? rinsed < read : char.origin.ph !== undefined);
	});
	const volume = $derived(litres(inLitres(char.volume_ul)));
	const measure = $derived(bestMeasure(volume, data.measures));
	const slips = $derived([
		slip(
			'Volume',
			reckon(
				litres,
				known('its books', volume, 'L', 'computed', 'what came in less what went out'),
				{ unit: 'L', basis: char.state }
			),
			system
		),
		slip(
			'Dry char',
			reckon(
				kgDry,
				times(
					known('its volume', volume, 'L', 'computed', 'by its books'),
					known(
						'dry char per litre',
						volume > 0 ? char.dry_g / 1000 / volume : 0,
						'kg/L',
						'computed',
						'carried through every act, to the milligram'
					)
				),
				{ unit: 'kg', basis: 'oven-dry char' }
			),
			system
		),
		slip('Density', char.density, system)
	]);
</script>

<Answer
	title={char.code}
	answer={charAnswer({ ...char, went }, data.use, system)}
	crumbs={[{ label: 'Charging', href: '/charging' }]}
>
	{#snippet reason()}
		<p>
			{#if char.burnCode}From <a class="underline" href="/fires/{char.burnCode}">{char.burnCode}</a
				>{:else}{originWords(char.origin, system, data.currency)}{/if}, {woodClass(char.wood).name}, {wetnessWords[
				char.wetness
			]}. {#if rinsedLast}Rinsed since its pH was read: ash, potash and pH are lower now; read it
				again.
			{/if}{#if data.quality.verdict !== 'untried'}By what was tried it is {verdictWords[
					data.quality.verdict
				]}.{/if} Whole and crushed volumes are different measures; the kilograms stay.
			{#if data.proof.stage === 'once'}<Say
					sentence={allowedWords(data.proof, data.almanac, system)}
				/>{/if}
			{#if data.held !== undefined}Held because: {data.held}.{/if}
		</p>
		{#if data.use === 'charge-first'}
			<p class="mt-3">
				<a class="btn min-h-12 text-base btn-primary" href="/charging/plan?char={char.code}"
					>Charge it</a
				>
			</p>
		{:else if data.use === 'not-proven'}
			<p class="mt-3">
				<a class="btn min-h-12 text-base btn-primary" href="/fires/{char.burnCode}"
					>Check the fire</a
				>
			</p>
		{/if}
	{/snippet}
</Answer>

<div class="sheet">
	<div>
		{#if data.use !== 'gone'}
			<Figures {slips} />
			{#if measure}<MeasuresCutaway
					told="Volume"
					litres={volume}
					{measure}
					of="of {char.state} char"
					{system}
				/>{/if}
		{/if}
		<Grain found={data.found} />
		{#if data.use === 'crush-first' || data.use === 'charge-first'}<Crush
				again={char.state === 'crushed'}
				{volume}
				actId={data.actId}
				{form}
				measures={data.measures}
				{system}
			/>{/if}
		{#if data.use !== 'gone' && data.held === undefined && data.others.length > 0}<Pool
				{data}
				{form}
				{system}
			/>{/if}
		{#if data.use !== 'gone' && data.held === undefined}
			<Finish {data} {form} />
			<Sample {char} actId={data.sampleId} {form} {system} />
			<SmallForm verb="read-char-ash" actId={data.ashId} sent={form} />
		{/if}
	</div>
	<aside>
		<Seen remarks={data.remarks} temperatures={data.temperatures} almanac={data.almanac} {system} />
		<Trace title="Came of" way={data.trace.back} almanac={data.almanac} />
		<Trace title="Went into" way={data.trace.forward} almanac={data.almanac} />
		<BooksLinks code={char.code} />
	</aside>
</div>
