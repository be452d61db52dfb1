<script lang="ts">
	import { inLitres } from '$lib/core/units';
	import Answer from '$lib/components/answer/Answer.svelte';
	import BooksLinks from '$lib/components/answer/BooksLinks.svelte';
	import Figures from '$lib/components/answer/Figures.svelte';
	import Rule from '$lib/components/answer/Rule.svelte';
	import Say from '$lib/components/answer/Say.svelte';
	import SlipNote from '$lib/components/answer/SlipNote.svelte';
	import Sourced from '$lib/components/answer/Sourced.svelte';
	import StackCutaway from '$lib/components/cutaway/StackCutaway.svelte';
	import ActFoot from '$lib/components/entry/ActFoot.svelte';
	import Field from '$lib/components/entry/Field.svelte';
	import Ticks from '$lib/components/entry/Ticks.svelte';
	import Form from '$lib/components/entry/Form.svelte';
	import {
		judgeMoisture,
		looseVolume,
		moistureFigures,
		moistureLimits,
		solidVolume,
		woodClass,
		type MoistureState,
		leftFigure
	} from '$lib/core/woodyard';
	import { sayMoment } from '$lib/format/dates';
	import { say, sayRange, sayWater } from '$lib/format/figure';
	import { slip } from '$lib/format/slip';
	import { figured, said, slipped, type Sentence } from '$lib/format/sentence';
	import { momentOf } from '$lib/core/time';
	import { moistureWords } from '$lib/format/words';
	import { faceOf } from '../reckoning';
	import { readPieces } from './reckoning';
	import Kept from './Kept.svelte';
	import Shift from './Shift.svelte';
	import type { PageProps } from './$types';
	let { data, form }: Pick<PageProps, 'data' | 'form'> = $props();
	// svelte-ignore state_referenced_locally
	let method = $state(form?.values.method ?? 'pin');
	// svelte-ignore state_referenced_locally
	let pieces = $state(form?.form === 'read' ? (form.values.pieces ?? '') : '');
	// svelte-ignore state_referenced_locally
	let happenedAt = $state(form?.form === 'read' ? (form.values.happenedAt ?? '') : '');
	/** What is being typed counts at once, unless it was read before the newest; before that the newest. */
	const reading = $derived.by(() => {
		const [newest] = data.readings;
		const read_ms = momentOf(happenedAt, data.almanac.timeZone) ?? data.almanac.now_ms;
		const typed = newest && read_ms < newest.at_ms ? undefined : readPieces(method, pieces);
		return typed ?? newest;
	});
	const moisture = $derived(reading && judgeMoisture(reading));
	const water = $derived(reading && moistureFigures(reading));
	const loose = $derived(looseVolume(data.stack.measure));
	const bound = $derived(moisture?.bound);
	const percent = (value: number | undefined) =>
		value === undefined ? '–' : sayWater(value, bound);
	/** Beyond the meter a figure is only a bound, and stands as one. */
	const bounded = (label: string, figure: Parameters<typeof slip>[1], of = bound) => ({
		...slip(label, figure, data.system),
		...(of ? { text: sayWater(figure.value, of).replace(/ %$/, '') } : {})
	});
	const left = $derived(leftFigure(data.stack.measured, data.left));
	const valuesOf = (name: string) => (form?.form === name ? form.values : {});
	function sentence(): Sentence | string {
		const dry = slipped(sayRange(left, data.system), 'Dry wood left');
		const amount = said`${data.stack.code} holds ${dry} of dry wood`;
		if (data.held !== undefined) return said`${amount}, and is quarantined: it may not burn`;
		if (data.burnable === 'empty') return `${data.stack.code} is used up`;
		const wet =
			moisture?.mean === undefined
				? ''
				: said` at ${slipped(percent(moisture.mean), 'Water, mean')} water`;
		const verdicts: Record<string, string> = {
			ready: 'and may burn now',
			slower: 'and will burn, slower',
			'hold-back': 'but is too wet to load',
			'wont-burn': 'but is far too wet',
			undecided: 'but wants an oven test',
			'too-few': 'but wants three readings or more'
		};
		return said`${amount}${wet}, ${verdicts[moisture?.verdict ?? ''] ?? 'but nobody has read its moisture yet'}`;
	}
	const why = (s: MoistureState) =>
		said`Mean ${slipped(percent(s.mean), 'Water, mean')}, highest ${slipped(percent(s.highest), 'Wettest piece')} on wet basis (${water ? slipped(percent(water.meanDry.value), 'Mean, dry basis') : '–'} dry basis), ${s.count} ${s.count === 1 ? 'piece' : 'pieces'}${s.spread === undefined ? '' : said`, spread ± ${slipped(percent(s.spread), 'Spread between pieces')}`}: ${moistureWords[s.verdict]}.`;
</script>

<Answer
	title={data.stack.code}
	answer={sentence()}
	crumbs={[{ label: 'Woodyard', href: '/woodyard' }]}
>
	{#snippet reason()}
		<p>
			{#if moisture}<Say sentence={why(moisture)} />{:else}Ready means a mean of <Rule
					room="wood"
					figure="mean">{moistureLimits.readyMean * 100} %</Rule
				> or less on wet basis and the wettest piece at <Rule room="wood" figure="highest"
					>23.1 %</Rule
				> or less, on at least three pieces.{/if}
		</p>
	{/snippet}
</Answer>

{#if water}
	<SlipNote slip={bounded('Mean, dry basis', water.meanDry)} />
	{#if water.spread}<SlipNote
			slip={slip('Spread between pieces', water.spread, data.system)}
		/>{/if}
{/if}
<div class="sheet">
	<div>
		<Figures
			slips={[
				slip('Dry wood left', left, data.system),
				...(water
					? [bounded('Water, mean', water.mean), bounded('Wettest piece', water.highest)]
					: []),
				slip('Solid wood, as measured', solidVolume(data.stack.measure), data.system),
				slip('Pile, as measured', loose, data.system)
			]}
		/>
		{#if data.burnable !== 'empty'}
			<Form id="form" name="read" sent={form}>
				<h2 class="mb-3 text-xl">Log a reading</h2>
				<div class="form-grid">
					<Ticks
						legend="Read with"
						name="method"
						bind:value={method}
						options={[
							{ value: 'pin', label: 'pin meter, dry basis' },
							{ value: 'oven', label: 'oven, wet basis' }
						]}
					/>
					<Field
						label="Percent of each piece"
						name="pieces"
						bind:value={pieces}
						hint="Such as 19 22 24, the thickest among them; >30 beyond the meter"
					/>
				</div>
				<p class="quiet mt-2 max-w-prose text-sm">
					Split a piece and read the fresh face, along the grain, in the heart. For the oven: weigh
					a slice, 24 h at {say(103, '°C', data.system)}, weigh again; attended, aired, never
					hotter; lost weight over wet weight is the wet-basis figure.
				</p>
				<ActFoot actId={data.actId} label="Log the reading" bind:happenedAt />
			</Form>
		{/if}
		{#if data.readings.length > 0}
			<h2 class="mt-8 mb-2 text-xl">Readings so far</h2>
			<table class="ledger-table">
				<thead
					><tr
						><th>When</th><th>As read</th><th class="num">Mean, wet basis</th><th class="num"
							>Highest</th
						></tr
					></thead
				>
				<tbody>
					{#each data.readings as reading (reading.actId)}
						{@const figures = moistureFigures(reading)}
						<tr>
							<td>{sayMoment(reading.at_ms, data.almanac)}, {reading.person}</td>
							<td
								>{reading.pieces
									.map(
										(p) => `${p.end === 'over' ? '>' : p.end === 'under' ? '<' : ''}${p.percent}`
									)
									.join(' · ')} % {reading.method === 'pin' ? 'dry basis' : 'wet basis'}</td
							>
							{#if figures}
								<td class="num"
									><Sourced
										slip={bounded(
											`Mean, ${sayMoment(reading.at_ms, data.almanac)}`,
											figures.mean,
											judgeMoisture(reading).bound
										)}
									/></td
								>
								<td class="num"
									><Sourced
										slip={bounded(
											`Highest, ${sayMoment(reading.at_ms, data.almanac)}`,
											figures.highest,
											judgeMoisture(reading).bound
										)}
									/></td
								>
							{/if}
						</tr>
					{/each}
				</tbody>
			</table>
		{/if}
	</div>
	<aside>
		<StackCutaway
			{...faceOf(data.stack.measure, loose.value)}
			solidShare={solidVolume(data.stack.measure).value / loose.value}
			leftShare={inLitres(data.stack.volume_ul) / loose.value}
			caption={said`${data.stack.name}, ${woodClass(data.stack.measure.wood).name}: ${figured(say(inLitres(data.stack.volume_ul), 'L bulk', data.system), 'lot', data.stack.code, 'litres')} left of ${slipped(say(loose.value, 'L bulk', data.system), 'Pile, as measured')}.`}
			system={data.system}
		/>
		<div class="mt-4"><BooksLinks code={data.stack.code} /></div>
		{#if data.stack.volume_ul > 0}<Kept {data} {form} />{/if}
		{#if data.stack.volume_ul > 0 && data.held === undefined}<Shift {data} {form} />{/if}
		<Form name="hold" sent={form} class="mt-6">
			<h2 class="mb-2 text-lg">{data.held === undefined ? 'Suspect after all?' : 'Quarantined'}</h2>
			{#if data.held !== undefined}<p class="mb-2 text-sm">
					Because: {data.held}. Everything made of it is held too.
				</p>{/if}
			<input type="hidden" name="held" value={data.held === undefined ? 'yes' : 'no'} />
			<Field label={data.held === undefined ? 'Why hold it' : 'Why release it'} name="reason" />
			<input type="hidden" name="actId" value={valuesOf('hold').actId || data.holdId} />
			<button class="btn mt-3 min-h-12 btn-outline"
				>{data.held === undefined ? 'Quarantine it' : 'Release it'}</button
			>
		</Form>
	</aside>
</div>
