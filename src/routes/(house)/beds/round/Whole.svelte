<script lang="ts">
	import Answer from '$lib/components/answer/Answer.svelte';
	import Rule from '$lib/components/answer/Rule.svelte';
	import SlipNote from '$lib/components/answer/SlipNote.svelte';
	import StripOffer from '$lib/components/trials/StripOffer.svelte';
	import Pager from '$lib/components/answer/Pager.svelte';
	import ShareGauge from '$lib/components/cutaway/ShareGauge.svelte';
	import ActFoot from '$lib/components/entry/ActFoot.svelte';
	import WorkOut from '$lib/components/entry/WorkOut.svelte';
	import Choice from '$lib/components/entry/Choice.svelte';
	import Field from '$lib/components/entry/Field.svelte';
	import Form from '$lib/components/entry/Form.svelte';
	import { askForms, isAsSold, type RateForm } from '$lib/core/beds';
	import { bestMeasure, inMeasures, say, sayOfSoil } from '$lib/format/figure';
	import { slip } from '$lib/format/slip';
	import { sayCaution } from '$lib/format/caution-words';
	import { askWords } from '$lib/format/rate-words';
	import { reasonWords, wantWords } from '$lib/format/words';
	import { roundAnswer } from './answer';
	import { fieldOf, filled, freshRound, reckonRound, roundFigures } from './reckoning';
	import type { PageProps } from './$types';
	let { data, form }: Pick<PageProps, 'data' | 'form'> = $props();
	const system = $derived(data.system);
	// svelte-ignore state_referenced_locally
	let entry = $state(freshRound(form?.values ?? data.asked, data.beds, data.lots, data.system));
	const context = $derived({ measures: data.measures, ...(system ? { system } : {}) });
	const round = $derived(reckonRound(entry, data.beds, data.lots, data.almanac.now_ms, context));
	const errors = $derived(form?.errors ?? {});
	const lot = $derived(data.lots.find(({ code }) => code === entry.lot));
	const inOwn = (litres: number) => {
		const measure = bestMeasure(litres, data.measures);
		return measure ? inMeasures(litres, measure) : '';
	};
	/** Slips that the answer points to. */
	const notes = $derived.by(() => {
		if (!round || round.stops.size === 0) return [];
		const { carried, left, beyond } = roundFigures(round);
		return [
			slip('To carry in all', carried, system),
			slip('Left of it', left, system),
			...(beyond.value > 0 ? [slip('Beyond what it holds', beyond, system)] : [])
		];
	});
	/** Told beside its bed; what is never right or asked. */
	const against = (bed: string) =>
		(round?.against.get(bed) ?? []).filter(({ weight }) => weight !== 'tell');
	const fill = (wish: 'to-the-target' | 'thin') => {
		if (lot) entry = filled(entry, data.beds, lot, wish);
	};
</script>

<Answer
	title="A round of the beds"
	answer={roundAnswer(round, system)}
	crumbs={[{ label: 'Beds', href: '/beds' }]}
>
	{#snippet reason()}
		{#if data.lots.length === 0}
			<p>
				Only char that is proven out, charged and free to move can go. <a
					class="underline"
					href="/charging">See what cures</a
				>, <a class="underline" href="/charging/plan">work out a charge</a>, or
				<a class="underline" href="/beds/plan">how much char a bed takes</a>: neither wants anything
				in the books.
			</p>
		{:else}
			<p>
				The beds stand in the order of their want; what is offered goes to the target, at most
				<Rule room="soil" figure="first">3 %</Rule> at first, until the lot is used up. Leave a bed empty
				to pass it by; write another lot before the amount, like C5 20 L, to give a bed that instead.
			</p>
		{/if}
	{/snippet}
</Answer>

{#each notes as note (note.label)}<SlipNote slip={note} />{/each}
{#if data.lots.length > 0 && data.beds.length > 0}
	<Form id="form" name="spread" method="get" sent={form}>
		<div class="form-grid mb-3">
			<Choice
				label="Lot"
				name="lot"
				rest={data.otherLots}
				bind:value={entry.lot}
				options={data.lots.map((one) => ({
					value: one.code,
					label: `${one.code} ${one.name}, ${say(one.litresLeft, 'L', system)}${one.isReady ? '' : ' (not ready)'}`
				}))}
			/>
			<Choice
				label="Amounts in"
				name="form"
				bind:value={entry.form}
				options={askForms.map((value) => ({ value, label: askWords(value, system) }))}
			/>
			{#if isAsSold(entry.form as RateForm) || errors.moisture}
				<Field
					label="Water in it, % of weight"
					name="moisture"
					inputmode="decimal"
					bind:value={entry.moisture}
				/>
			{/if}
		</div>
		<div class="live-only mb-4 flex flex-wrap items-center gap-3">
			<span class="quiet text-sm">Fill in for beds that gain:</span>
			<button type="button" class="btn min-h-12 btn-outline" onclick={() => fill('to-the-target')}
				>to the target</button
			>
			<button type="button" class="btn min-h-12 btn-outline" onclick={() => fill('thin')}
				>a thin coat, {say(2, 'L/m²', system)}</button
			>
		</div>
		<ul>
			{#each data.beds as bed (bed.name)}
				{@const stop = round?.stops.get(bed.name)}
				<li
					class="grid grid-cols-[1fr_7rem] items-center gap-x-5 gap-y-1 border-b border-base-300 py-2 lg:grid-cols-[13rem_7rem_1fr_9rem_9rem] print:grid-cols-[12rem_5rem_1fr_7rem_11rem] print:gap-y-0 print:py-0.5"
				>
					<div>
						<a
							class="inline-block min-h-11 content-center font-semibold underline print:min-h-0"
							href="/beds/{encodeURIComponent(bed.name)}">{bed.name}</a
						>
						<span class="quiet block text-sm"
							>{wantWords[bed.want]}: {reasonWords[bed.reasons[0] ?? 'holds-its-own']}</span
						>
					</div>
					<div>
						<input
							aria-label="Amount for {bed.name}"
							name={fieldOf(bed)}
							autocomplete="off"
							bind:value={entry.amounts[fieldOf(bed)]}
							class="input min-h-12 w-full border-base-content/60 bg-base-200 text-base print:h-7 print:min-h-0 {errors[
								`amount:${bed.name}`
							]
								? 'border-2 border-error'
								: ''}"
							aria-invalid={errors[`amount:${bed.name}`] ? 'true' : undefined}
						/>
					</div>
					<div class="col-span-2 lg:col-span-1 print:col-span-1">
						<ShareGauge share={bed.share} after={stop?.dose.shareAfter} />
					</div>
					<div class="lg:text-right">
						{#if stop}<strong>{sayOfSoil(stop.dose.shareAfter)}</strong>
							<span class="quiet block text-sm">from {sayOfSoil(bed.share)}</span>{:else}<span
								class="quiet">{sayOfSoil(bed.share)}</span
							>{/if}
					</div>
					<div class="text-right">
						{#if stop}<strong>{say(stop.dose.mix_l, 'L', system)}</strong>, {inOwn(stop.dose.mix_l)}
							<span class="quiet block text-sm"
								>{round?.others.get(bed.name) ?? entry.lot} then {say(
									stop.after,
									'L',
									system
								)}</span
							>{/if}
					</div>
					{#if errors[`amount:${bed.name}`]}<p class="col-span-full font-semibold text-error">
							{errors[`amount:${bed.name}`]}
						</p>
					{:else if round?.unread.includes(bed.name)}<p class="col-span-full text-error">
							This amount can’t be read yet, or is more than the bed has soil.
						</p>
					{:else if against(bed.name).length > 0 || stop?.dose.over.includes('stock')}<p
							class="col-span-full text-sm text-error"
						>
							{stop?.dose.over.includes('stock') ? 'More than the lot holds. ' : ''}{against(
								bed.name
							)
								.map((one) => sayCaution(one, system))
								.join(' ')}
						</p>{/if}
				</li>
			{/each}
		</ul>
		<Pager
			page={data.page}
			pages={data.pages}
			label="Beds that want more and less"
			before="Beds that want it more"
			after="Beds that want it less"
			href={(page) => `?lot=${encodeURIComponent(entry.lot)}&page=${page}`}
		/>
		<WorkOut />
		<ActFoot actId={data.actId} label="Log the round" cautions={round?.cautions ?? []} {system} />
	</Form>
	{#if data.strip}<StripOffer offer={data.strip} />{/if}
{/if}
