<script lang="ts">
	import Answer from '$lib/components/answer/Answer.svelte';
	import BooksLinks from '$lib/components/answer/BooksLinks.svelte';
	import Caution from '$lib/components/answer/Caution.svelte';
	import Figures from '$lib/components/answer/Figures.svelte';
	import Rule from '$lib/components/answer/Rule.svelte';
	import Say from '$lib/components/answer/Say.svelte';
	import VesselCutaway from '$lib/components/cutaway/VesselCutaway.svelte';
	import { limits } from '$lib/input/limits';
	import ActFoot from '$lib/components/entry/ActFoot.svelte';
	import CheckFields from '$lib/components/entry/CheckFields.svelte';
	import { booksPath } from '$lib/format/paths';
	import {
		proofLimits,
		wayOf,
		burnFigures,
		lossShareOf,
		plannedFigures,
		volumeYieldOf
	} from '$lib/core/fires';
	import type { Litres } from '$lib/core/units';
	import { depthAtVolume } from '$lib/core/vessels';
	import { joined, say, show } from '$lib/format/figure';
	import { slip } from '$lib/format/slip';
	import { said, slipped } from '$lib/format/sentence';
	import { allowedWords, nextCheckWords, proofReason } from '$lib/format/proof-words';
	import { capital } from '$lib/format/words';
	import Undo from '$lib/components/entry/Undo.svelte';
	import Form from '$lib/components/entry/Form.svelte';
	import { burnAnswer } from './answer';
	import Ahead from './Ahead.svelte';
	import Checks from './Checks.svelte';
	import Water from './Water.svelte';
	import Relit from './Relit.svelte';
	import SetDown from './SetDown.svelte';
	import Tapped from './Tapped.svelte';
	import Told from './Told.svelte';
	import Seen from '$lib/components/answer/Seen.svelte';
	import ThreeMeasures from './ThreeMeasures.svelte';
	import WoodWent from './WoodWent.svelte';
	import type { PageProps } from './$types';
	let { data, form }: Pick<PageProps, 'data' | 'form'> = $props();
	const system = $derived(data.system);
	const burn = $derived(data.line.burn);
	const record = $derived(burn.record);
	const proof = $derived(data.line.proof);
	const outcome = $derived(data.line.outcome);
	const errorsOf = (name: string) => (form?.form === name ? form.errors : {});
	const reckoned = $derived(
		record && data.char && outcome ? burnFigures(record, data.char.density, outcome) : undefined
	);
	const planned = $derived(burn.plan && plannedFigures(burn.plan));
	const figures = $derived(
		reckoned
			? [
					slip('Char', reckoned.volume, system),
					slip('Char, dry', reckoned.char, system),
					...(record?.woodFrom === 'reckoned'
						? []
						: [
								slip('Yield', reckoned.massYield, system),
								...(reckoned.overall ? [slip('Yield overall', reckoned.overall, system)] : []),
								slip('Wood loaded', reckoned.wood, system),
								slip('Gas and ash', reckoned.loss, system)
							]),
					slip('Density', reckoned.density, system),
					...(reckoned.water ? [slip('Water to char', reckoned.water, system)] : [])
				]
			: []
	);
	const depth = $derived.by(() => {
		const at = record
			? depthAtVolume(data.line.vessel.shape, record.charLitres as Litres)
			: undefined;
		return at?.status === 'holds' ? at.depth : data.line.vessel.shape.depth;
	});
	const answer = $derived(
		burnAnswer(
			{
				code: burn.code,
				...(planned ? { expected: planned.char } : {}),
				...(record ? { charLitres: record.charLitres } : {}),
				...(outcome ? { outcome } : {}),
				...(reckoned ? { massYield: reckoned.massYield } : {}),
				isAbout: data.line.isAbout,
				isReckoned: record?.woodFrom === 'reckoned',
				...(proof ? { proof } : {}),
				lit:
					record || !burn.lit
						? undefined
						: burn.lit.gaveUp_ms !== undefined
							? 'gave-up'
							: burn.lit.quenched
								? 'quenched'
								: 'burns'
			},
			system
		)
	);
	const percent = (value: number) => joined(show({ value, unit: 'share' }, system));
</script>

<Answer title={burn.code} {answer} crumbs={[{ label: 'Fires', href: '/fires' }]}>
	{#snippet reason()}
		{#if record && proof && outcome}
			<p>
				{#if proof.stage === 'unproven' && !data.line.isAbout}
					Its series of checks was not walked to the end, and none of its char lies about any more.
				{:else}
					{proof.stage === 'unproven' ? proofReason(proof) : ''}
					{nextCheckWords(proof, data.almanac)}
					<Say sentence={allowedWords(proof, data.almanac, system)} />
				{/if}
				This way, {wayOf(record.way).name}, usually gives
				<Rule room="yield" figure={record.way}
					>{percent(wayOf(record.way).massYield.low)} to {percent(
						wayOf(record.way).massYield.high
					)}</Rule
				>.
			</p>
		{:else}<Ahead {burn} {proof} almanac={data.almanac} {system} />{/if}
	{/snippet}
</Answer>

<div class="sheet">
	<div>
		{#if data.tapped && !record}<Tapped tapped={data.tapped} {system} />{/if}
		{#if record && proof && outcome}
			{#if proof.stage !== 'stored' && data.line.isAbout}
				<Form
					id="form"
					name="check"
					sent={form}
					limits={limits.check}
					class="mb-8 {proof.stage === 'unproven' ? 'border-l-4 border-error pl-4' : ''}"
				>
					<h2 class="mb-2 text-xl">Log a check</h2>
					<CheckFields {system} withAir={proof.stage === 'series'} />
					<ActFoot actId={data.actId} label="Log the check" />
				</Form>
			{/if}
			<Figures slips={figures} />
			{#if data.tapped}<Tapped tapped={data.tapped} {system} />{/if}
			{#if reckoned && record.woodFrom !== 'reckoned'}<WoodWent
					{record}
					sources={data.sources}
					charCode={data.line.charCode}
					brands={data.brands}
					loss={reckoned.loss}
					lossShare={lossShareOf(reckoned.wood, reckoned.loss)}
					{system}
				/>{/if}
			{#if data.measures3 && reckoned}<ThreeMeasures
					check={data.measures3}
					volumeYield={volumeYieldOf(reckoned.volume, data.sources)}
					{system}
				/>{/if}
			<Told
				{record}
				{outcome}
				own={data.own}
				others={data.others}
				beside={data.beside}
				code={burn.code}
				almanac={data.almanac}
				{system}
			/>
			{#if record.oddReason}<p class="mb-4">Odd figures, kept because: {record.oddReason}</p>{/if}
			<Checks checks={data.checks} almanac={data.almanac} {system} />
			{#if data.line.isAbout}<Relit actId={data.relitId} {form} />{/if}
		{:else if burn.plan && planned}
			<Figures
				slips={[
					slip('Char to expect', planned.char, system),
					slip('Water on site', planned.water, system)
				]}
			/>
			{@render setDown()}
			<div class="mt-8">
				<Undo
					act={burn.actId}
					actId={data.undoId}
					label="Call it off"
					explain="Not going to happen? The plan is taken back; the stacks were never touched."
					errors={errorsOf('undo')}
				/>
			</div>
		{/if}
		{#if !record && burn.lit && !burn.plan}{@render setDown()}{/if}
	</div>
	<aside>
		<VesselCutaway
			shape={data.line.vessel.shape}
			use={data.line.vessel.usedFor}
			depth={record ? depth : 0}
			hot={data.line.isAbout && proof?.stage === 'unproven'}
			caption={record
				? said`${data.line.vessel.name} with ${slipped(say(record.charLitres, 'L', system), 'Char')} of char.`
				: `${data.line.vessel.name}, empty.`}
			{system}
		/>
		<Seen remarks={data.remarks} temperatures={data.temperatures} almanac={data.almanac} {system} />
		{#if record}
			<dl class="mt-4 text-sm">
				<dt class="quiet">Water used</dt>
				<dd>
					{#if record.water_l === null}not noted{:else}<Say
							sentence={said`${slipped(say(record.water_l, 'L', system), 'Water to char')}${outcome?.waterPerLitre === undefined ? '' : said`: ${slipped(show({ value: outcome.waterPerLitre, unit: 'L/L' }, 'metric').text, 'Water to char')} to one of char`}`}
						/>{/if}
				</dd>
				<dt class="quiet mt-2">Visible smoke</dt>
				<dd>{record.smoke_min === null ? 'not noted' : `${record.smoke_min} min`}</dd>
				<dt class="quiet mt-2">Own burns of this way</dt>
				<dd>{capital(String(data.ownBurns + 1))}</dd>
			</dl>
			<Water actId={data.waterId} noted={record.water_l !== null} {form} />
			{#if data.line.charCode}<div class="mt-4"><BooksLinks code={data.line.charCode} /></div>{/if}
			<a
				class="inline-block min-h-11 content-center underline print:hidden"
				href={booksPath('fire', data.line.burn.code)}>The books of {data.line.burn.code}</a
			>
		{/if}
		<Caution
			>Proof means no smoke, no white spots, and under <Rule room="fires" figure="cold"
				>{say(proofLimits.probe_C, '°C', system)}</Rule
			> or no heat on the back of the hand in at least {proofLimits.places} places, dug to the floor.
			Steam is not smoke; a cool surface is not a cold heap.</Caution
		>
	</aside>
</div>

{#snippet setDown()}
	<SetDown
		code={burn.code}
		vessel={data.line.vessel.name}
		loads={burn.plan?.loads}
		stacks={data.stacks}
		known={data.known}
		actId={data.actId}
		sent={form}
		{system}
	/>
{/snippet}
