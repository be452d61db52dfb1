<script lang="ts">
	import Answer from '$lib/components/answer/Answer.svelte';
	import Caution from '$lib/components/answer/Caution.svelte';
	import Figures from '$lib/components/answer/Figures.svelte';
	import Trace from '$lib/components/answer/Trace.svelte';
	import BedCutaway from '$lib/components/cutaway/BedCutaway.svelte';
	import ActFoot from '$lib/components/entry/ActFoot.svelte';
	import Choice from '$lib/components/entry/Choice.svelte';
	import Field from '$lib/components/entry/Field.svelte';
	import ShareGauge from '$lib/components/cutaway/ShareGauge.svelte';
	import Undo from '$lib/components/entry/Undo.svelte';
	import { rateForms, roomFigure, shareFigure } from '$lib/core/beds';
	import { sayDay } from '$lib/format/dates';
	import { joined, say, show, slip, typedAmount } from '$lib/format/figure';
	import {
		capital,
		drainageWords,
		limitWords,
		list,
		rateWords,
		reasonWords,
		textureWords,
		wantWords
	} from '$lib/format/words';
	import BedFields from '../BedFields.svelte';
	import { bedAnswer } from './answer';
	import RateForms from './RateForms.svelte';
	import SoFar from './SoFar.svelte';
	import { freshDose, leftOf, reckonDose } from './reckoning';
	let { data, form } = $props();
	const system = $derived(data.system);
	const bed = $derived(data.bed);
	const of = (name: string) => (form?.form === name ? form : undefined);
	// svelte-ignore state_referenced_locally
	let entry = $state(
		freshDose({ ...data.asked, ...of('spread')?.values }, data.bed, data.lots, data.system)
	);
	const reckoned = $derived(reckonDose(entry, bed, data.lots));
	const dose = $derived(reckoned?.dose);
	const errors = $derived(of('spread')?.errors ?? {});
	const percent = (value: number) => joined(show({ value, unit: 'share' }, system));
	const size = $derived(
		`${say(bed.length_m, 'm', system)} × ${say(bed.width_m, 'm', system)}, top ${say(bed.ground.depth * 100, 'cm', system)}`
	);
	const slips = $derived(
		reckoned && dose
			? [
					slip('Holds now', shareFigure(bed.char_l, bed.ground), system),
					slip('Then holds', shareFigure(bed.char_l + dose.charLitres, bed.ground), system),
					slip('To carry', dose.mixLitres, system),
					slip('Dry char in it', dose.charKg, system),
					slip(
						'Room left for good',
						roomFigure('ceiling', bed.char_l + dose.charLitres, bed.ground),
						system
					),
					slip(`${reckoned.lot.code} then holds`, leftOf(reckoned.lot, dose), system)
				]
			: [
					slip('Holds now', shareFigure(bed.char_l, bed.ground), system),
					slip('Room left for good', roomFigure('ceiling', bed.char_l, bed.ground), system)
				]
	);
	const urine = $derived(data.lots.find((lot) => lot.code === entry.lot)?.urineInside ?? false);
	const known = $derived({
		length: typedAmount(bed.length_m, 'm', system),
		width: typedAmount(bed.width_m, 'm', system),
		depth: typedAmount(bed.ground.depth, 'm', system),
		texture: bed.texture,
		drainage: bed.drainage,
		ph: bed.ph === undefined ? '' : String(bed.ph),
		crop: bed.crop,
		acidLover: bed.acidLover ? 'on' : '',
		eatenRaw: bed.eatenRaw ? 'on' : ''
	});
</script>

<Answer
	title={bed.name}
	answer={bedAnswer(bed.name, bed.share, reckoned, system, data.measures)}
	crumbs={[{ label: 'Beds', href: '/beds' }]}
>
	{#snippet reason()}
		<p>
			{capital(wantWords[bed.want])}: {list(bed.reasons.map((r) => reasonWords[r]))}. {capital(
				textureWords[bed.texture]
			)}, {drainageWords[bed.drainage]}{bed.ph === undefined ? '' : `, pH ${bed.ph}`}; {size}{bed.crop
				? `; ${bed.crop}`
				: ''}.
		</p>
		{#if data.lots.length === 0}<p class="mt-2">
				Nothing in stock can go on a bed yet. <a class="underline" href="/charging"
					>See what cures</a
				>.
			</p>{/if}
	{/snippet}
</Answer>

<div class="sheet">
	<div>
		<form method="get">
			<Figures {slips} />
			<div class="grid gap-x-8 gap-y-4 lg:grid-cols-[20rem_1fr]">
				<BedCutaway
					depth={bed.ground.depth}
					now={bed.share}
					after={dose?.shareAfter}
					caption="The working depth in section, char at its true share: {percent(
						bed.share
					)} now{dose ? `, ${percent(dose.shareAfter)} after` : ''}."
					{system}
				/>
				{#if data.lots.length > 0}
					<div>
						<Choice
							label="Lot"
							name="lot"
							bind:value={entry.lot}
							error={errors.lot}
							options={data.lots.map((lot) => ({
								value: lot.code,
								label: `${lot.code} ${lot.name}, ${say(lot.litresLeft, 'L', system)}${lot.warnings.length ? ' (not ready)' : ''}`
							}))}
						/>
						<div class="mt-3 grid grid-cols-[7rem_1fr] gap-3">
							<Field
								label="Rate"
								name="amount"
								inputmode="decimal"
								bind:value={entry.amount}
								error={errors.amount}
							/>
							<Choice
								label="in"
								name="form"
								bind:value={entry.form}
								error={errors.form}
								options={rateForms.map((value) => ({ value, label: rateWords[value] }))}
							/>
						</div>
						{#if reckoned}
							<RateForms dose={reckoned} depth={bed.ground.depth} {system} />
							<p class="quiet mt-2 text-sm">
								Only char counts: {reckoned.lot.code} is {percent(reckoned.lot.charShare.value)} char
								by volume.
							</p>
						{/if}
						<div class="mt-3 max-w-xs">
							<ShareGauge share={bed.share} after={dose?.shareAfter} />
							<p class="quiet text-sm">up to the ceiling of 10 %; dashed, the target of 5 %</p>
						</div>
					</div>
				{/if}
			</div>
			{#if data.lots.length > 0}
				{#if reckoned && reckoned.warnings.length > 0}
					<p class="mt-3 border-l-4 border-error py-1 pl-4" role="status">
						<strong
							>{capital(
								list(reckoned.warnings.map((w) => limitWords[w as keyof typeof limitWords]))
							)}.</strong
						>
						{reckoned.warnings.includes('stock') ? 'Choose a lower rate.' : 'It wants a reason.'}
					</p>
				{/if}
				{#if (reckoned?.warnings.length ?? 0) > 0 || errors.reason || entry.reason}
					<div class="mt-3">
						<Field
							label="Why it is right here"
							name="reason"
							bind:value={entry.reason}
							error={errors.reason}
						/>
					</div>
				{/if}
				{#if bed.acidLover || (bed.ph ?? 0) >= 7.2}<Caution
						>Char and its ash lift the pH: only low-ash, well charged char here, and read the pH
						before and after.</Caution
					>{/if}
				{#if urine}
					<Caution>
						Urine inside: {bed.eatenRaw
							? 'something here is eaten raw. Stored 6 months in the warm it may go where food is eaten raw; fresh, only from your own household, and '
							: 'from your own household '}stop a month before harvest (WHO 2006){bed.eatenRaw
							? `: nothing from here before ${sayDay(data.almanac.now_ms + 30 * 86_400_000, data.almanac)}`
							: ''}.
					</Caution>
				{/if}
				<p class="quiet mt-3 text-sm">
					Damp, with a mask; dig or rake it in, water it, and wait one to two weeks before sowing.
				</p>
				<noscript><button class="btn mt-4 min-h-12 btn-neutral">Work it out</button></noscript>
				<ActFoot
					actId={data.actId}
					action="?/spread"
					label="Log it spread"
					values={of('spread')?.values}
					{errors}
				/>
			{/if}
		</form>
		<details class="mt-8" open={form?.form === 'measure' || form?.form === 'undo'}>
			<summary class="inline-flex min-h-11 cursor-pointer items-center underline"
				>Measure this bed again</summary
			>
			<form method="post" action="?/measure" class="mt-3">
				<BedFields
					values={of('measure')?.values ?? known}
					errors={of('measure')?.errors ?? {}}
					{system}
					named={false}
				/>
				<ActFoot
					actId={data.measureId}
					action="?/measure"
					label="Keep these measures"
					values={of('measure')?.values}
					errors={of('measure')?.errors}
					noted={false}
				/>
			</form>
			<Undo
				act={bed.actId}
				actId={data.undoId}
				label="Take the last measuring back"
				explain="The measures before it stand again; a bed measured once is gone from the list."
				errors={of('undo')?.errors}
			/>
		</details>
	</div>
	<aside>
		<SoFar spreads={data.spreads} almanac={data.almanac} {system} />
		<Trace title="Where it came from" steps={data.back} almanac={data.almanac} />
	</aside>
</div>
