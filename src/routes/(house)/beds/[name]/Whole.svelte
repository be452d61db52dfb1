<script lang="ts">
	import Fold from '$lib/components/entry/Fold.svelte';
	import Form from '$lib/components/entry/Form.svelte';
	import Answer from '$lib/components/answer/Answer.svelte';
	import BooksLinks from '$lib/components/answer/BooksLinks.svelte';
	import Figures from '$lib/components/answer/Figures.svelte';
	import Say from '$lib/components/answer/Say.svelte';
	import Seen from '$lib/components/answer/Seen.svelte';
	import Trace from '$lib/components/answer/Trace.svelte';
	import { bedFigures, charAfter } from '$lib/core/beds';
	import { figurePath } from '$lib/format/paths';
	import { slip } from '$lib/format/slip';
	import {
		capital,
		drainageWords,
		list,
		reasonWords,
		textureWords,
		wantWords
	} from '$lib/format/words';
	import ByWeight from './ByWeight.svelte';
	import { momentOf } from '$lib/core/time';
	import { sayDay, sayLocalDay } from '$lib/format/dates';
	import OwnResults from '$lib/components/trials/OwnResults.svelte';
	import StripOffer from '$lib/components/trials/StripOffer.svelte';
	import DoseForm from './DoseForm.svelte';
	import Schools from './Schools.svelte';
	import Wants from './Wants.svelte';
	import { bedAnswer, phOf, sizeOf } from './answer';
	import HarvestDate from './HarvestDate.svelte';
	import Again from './Again.svelte';
	import HadApart from './HadApart.svelte';
	import MayHave from './MayHave.svelte';
	import Parts from './Parts.svelte';
	import PutElse from './PutElse.svelte';
	import SoFar from './SoFar.svelte';
	import Told from './Told.svelte';
	import { freshDose, leftOf, reckonDose } from './reckoning';
	import type { PageProps } from './$types';
	let { data, form }: Pick<PageProps, 'data' | 'form'> = $props();
	const system = $derived(data.system);
	const bed = $derived(data.bed);
	const of = (name: string) => (form?.form === name ? form : undefined);
	// svelte-ignore state_referenced_locally
	let entry = $state(
		freshDose(
			{ ...data.asked, ...of('spread')?.values },
			data.bed,
			data.lots,
			data.system,
			data.did !== undefined
		)
	);
	// svelte-ignore state_referenced_locally
	let happenedAt = $state(of('spread')?.values.happenedAt ?? data.asked.happenedAt ?? '');
	const done_ms = $derived(momentOf(happenedAt, data.almanac.timeZone));
	/** A dose that is written down afterwards is told as what was done. */
	const day = $derived(
		done_ms !== undefined && done_ms < data.almanac.now_ms ? sayDay(done_ms, data.almanac) : ''
	);
	const context = $derived({ measures: data.measures, ...(system ? { system } : {}) });
	const lot = $derived(data.lots.find(({ code }) => code === entry.lot));
	const reckoned = $derived(
		reckonDose(entry, bed, data.lots, done_ms ?? data.almanac.now_ms, context)
	);
	const dose = $derived(reckoned?.dose);
	const size = $derived(sizeOf(bed, system));
	const here = $derived(`/beds/${encodeURIComponent(bed.name)}`);
	const left = $derived(data.told.find(({ what }) => what === 'untreated'));
	const slips = $derived.by(() => {
		const now = bedFigures(bed);
		const held = slip('Holds now', now.share, system, figurePath('bed', bed.name, 'share'));
		if (!reckoned || !dose)
			return [
				held,
				slip('Room left for good', now.good, system, figurePath('bed', bed.name, 'good'))
			];
		const then = bedFigures({ ...bed, char: charAfter(bed.char, reckoned.lot, dose) });
		return [
			held,
			slip('Then holds', then.share, system),
			slip('To carry, as it lies', dose.mixLitres, system),
			slip('Dry char in it', dose.charKg, system),
			slip('Room left for good', then.good, system),
			slip(`${reckoned.lot.code} then holds`, leftOf(reckoned.lot, dose), system)
		];
	});
</script>

<Answer
	title={bed.name}
	answer={bedAnswer(bed.name, bed.share, reckoned, system, data.measures, day, bed.want)}
	crumbs={[
		{ label: 'Beds', href: '/beds' },
		...(bed.within
			? [{ label: bed.within.name, href: `/beds/${encodeURIComponent(bed.within.name)}` }]
			: [])
	]}
>
	{#snippet reason()}
		<p>
			{capital(wantWords[bed.want])}: {list(bed.reasons.map((r) => reasonWords[r]))}. {capital(
				textureWords[bed.texture]
			)}, {drainageWords[bed.drainage]}{#if bed.ph !== undefined}, <Say
					sentence={[phOf(bed.name, bed.ph)]}
				/>{/if}; {size}.{bed.passedOver.length > 0
				? ` One passes over ${bed.passedOver.join(' and ')}, left untreated.`
				: ''}
		</p>
		{#if left?.firstDay}<p class="mt-2 font-semibold">
				Left untreated from {sayLocalDay(left.firstDay, data.almanac)}{left.lastDay
					? ` to ${sayLocalDay(left.lastDay, data.almanac)}`
					: ''}: what is put on {bed.within?.name ?? 'the whole'} passes over it.
			</p>{/if}
		{#if data.heap}<p class="mt-2">
				Filled as a compost path: <a class="underline" href="/heaps/{data.heap}">{data.heap}</a>.
			</p>{/if}
		{#if data.ended}<p class="mt-2 font-semibold">
				{bed.name} is used no longer.
			</p>{/if}
		<MayHave may={data.may} {here} almanac={data.almanac} {system} />
		<HarvestDate harvest={data.harvest} eatenRaw={bed.eatenRaw} almanac={data.almanac} />
		{#if data.lots.length === 0}<p class="mt-2">
				Nothing in stock can go on a bed yet. <a class="underline" href="/charging"
					>See what cures</a
				>.
			</p>{/if}
	{/snippet}
</Answer>

<div class="sheet">
	<div>
		{#if data.did && entry.amount === ''}<p class="mb-4">
				<a
					class="btn min-h-12 btn-outline"
					data-sveltekit-reload
					href="/beds/{encodeURIComponent(bed.name)}">Work out the next dose</a
				>
			</p>{/if}
		<Form id="form" name="spread" method="get" sent={form}>
			<Figures {slips} />
			<DoseForm
				bind:entry
				{bed}
				lots={data.lots}
				rest={data.otherLots}
				{reckoned}
				actId={data.actId}
				{system}
				bind:happenedAt
			/>
		</Form>
		{#if data.strip}<StripOffer offer={data.strip} />{/if}
		<Fold name="why" class="mt-8" line="text-xl" label="Should it have char at all">
			<Wants {bed} />
		</Fold>
		{#if lot}
			<Fold name="schools" line="text-xl" label="What each school would put here">
				<Schools {bed} {lot} measures={data.measures} {system} />
				<OwnResults results={data.own} />
			</Fold>
			<Fold name="by-weight" line="text-xl" label="What a rate by weight comes to here">
				<ByWeight code={lot.code} density={lot.density.value} depth={bed.ground.depth} {system} />
			</Fold>
		{/if}
		<PutElse
			stock={data.stock}
			rest={data.otherStock}
			{bed}
			now_ms={data.almanac.now_ms}
			measures={data.measures}
			actId={data.putId}
			chosen={data.asked.putLot ?? ''}
			askedPart={data.asked.putPart ?? ''}
			{form}
			{system}
		/>
		{#if data.ring}<Again
				ring={data.ring}
				actId={data.ids.again}
				{form}
				almanac={data.almanac}
				{system}
			/>{/if}
		<Parts {data} {form} almanac={data.almanac} {system} />
		<p class="mt-8 flex flex-wrap gap-x-6 print:hidden">
			<a
				class="inline-flex min-h-11 items-center underline"
				href="/beds/{encodeURIComponent(bed.name)}/measure">Measure this bed again</a
			>
			<a
				class="inline-flex min-h-11 items-center underline"
				href="/ledger/bed/{encodeURIComponent(bed.name)}#name">Rename, retire or merge it</a
			>
		</p>
	</div>
	<aside>
		<Told {data} {form} almanac={data.almanac} />
		<Seen remarks={data.remarks} almanac={data.almanac} {system} />
		<SoFar
			href="/trace/bed/{encodeURIComponent(data.bed.name)}"
			spreads={data.spreads}
			earlier={data.earlier}
			almanac={data.almanac}
			{system}
		/>
		{#if data.had.length > 0}<Fold name="had" label="What it has had, and where from">
				<HadApart had={data.had} yearAsh={data.yearAsh} {system} />
				<Trace title="Where it came from" way={data.back} almanac={data.almanac} />
			</Fold>{/if}
		<BooksLinks code={data.bed.name} of="bed" />
		{#if data.back.steps.length > 0}<a
				class="inline-block min-h-11 content-center underline print:hidden"
				href="/trace/bed/{encodeURIComponent(data.bed.name)}">Its trace as a picture</a
			>{/if}
	</aside>
</div>
