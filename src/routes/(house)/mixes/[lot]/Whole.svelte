<script lang="ts">
	import Answer from '$lib/components/answer/Answer.svelte';
	import BooksLinks from '$lib/components/answer/BooksLinks.svelte';
	import Figures from '$lib/components/answer/Figures.svelte';
	import Seen from '$lib/components/answer/Seen.svelte';
	import ActFoot from '$lib/components/entry/ActFoot.svelte';
	import Choice from '$lib/components/entry/Choice.svelte';
	import Field from '$lib/components/entry/Field.svelte';
	import Fold from '$lib/components/entry/Fold.svelte';
	import Form from '$lib/components/entry/Form.svelte';
	import SmallForm from '$lib/components/entry/SmallForm.svelte';
	import WorkOut from '$lib/components/entry/WorkOut.svelte';
	import { brings } from '$lib/core/materials';
	import { airWanted, pasteBorne, usualFeed_g } from '$lib/core/mixes';
	import { litres } from '$lib/core/units';
	import { page } from '$app/state';
	import { sayDay } from '$lib/format/dates';
	import { bestMeasure, inMeasures, plain, say } from '$lib/format/figure';
	import { useWords } from '$lib/format/mix-words';
	import { slip } from '$lib/format/slip';
	import { capital } from '$lib/format/words';
	import { limits } from '$lib/input/limits';
	import { amountIn } from '$lib/input/read-field';
	import PotFields from '../PotFields.svelte';
	import { mixAnswer } from './answer';
	import type { PageProps } from './$types';
	let { data, form }: Pick<PageProps, 'data' | 'form'> = $props();
	const system = $derived(data.system);
	const mix = $derived(data.mix);
	const brought = $derived(brings(mix.composition, { litres: litres(data.left_l) }));
	const slips = $derived([
		slip('Left', brought.volume, system),
		slip('Total N', brought.nitrogen, system),
		slip('P', brought.phosphorus, system),
		slip('K', brought.potassium, system)
	]);
	const litresOf = (kg: number) => Number((kg / mix.composition.density.value).toPrecision(2));
	/** Plants on a square metre, as typed: their part of the dose. */
	let plants = $state(page.url.searchParams.get('plants') ?? '');
	const perM2 = $derived(
		amountIn(plants, limits.mix.plants, { measures: data.measures, ...(system ? { system } : {}) })
	);
	/** In the scoop that takes it in the fewest scoops. */
	const scoops = (volume: number) => {
		const measure = bestMeasure(volume, data.measures);
		return measure && volume > 0 ? inMeasures(volume, measure) : '';
	};
	const eachOf = (dose: { kg: number; g_m2: number }, pieces: number | undefined) => {
		const g = pieces ? (dose.kg * 1000) / pieces : perM2 ? dose.g_m2 / perM2 : undefined;
		if (g === undefined) return '';
		const ml = g / mix.composition.density.value;
		return `${say(Number(g.toPrecision(2)), 'g', system)} (${say(Number((ml / 1000).toPrecision(2)), 'L', system)}) for each ${pieces ? 'of them' : 'plant'}`;
	};
	const salt = $derived(
		mix.use === 'feed' || data.paste === null
			? ''
			: `Its paste conducts ${plain(data.paste, 1)} dS/m; ${mix.use === 'seed' ? 'seedlings' : 'potted plants'} bear ${plain(pasteBorne[mix.use], 1)}.`
	);
	const air = $derived(
		mix.use !== 'feed' && data.air
			? `Measured it holds ${plain(data.air.value * 100, 0)} % air; ${airWanted[mix.use].map((one) => one * 100).join(' to ')} % is wanted.`
			: ''
	);
</script>

<Answer
	title="{mix.code} {mix.name}"
	answer={mixAnswer(data, system)}
	crumbs={[{ label: 'Mixes', href: '/mixes' }]}
>
	{#snippet reason()}<p>
			{capital(useWords[mix.use])}, mixed {sayDay(mix.broughtAt_ms, data.almanac)}, {say(
				mix.made_l,
				'L',
				system
			)} then. {air}
			{salt}{data.held === undefined ? '' : ` Held: ${data.held}.`}
		</p>{/snippet}
</Answer>

<div class="sheet">
	<div class="min-w-0">
		{#if data.left_l > 0}<Figures {slips} />{/if}
		<h2 class="mb-1 text-xl">What went in</h2>
		<table class="ledger-table mb-4 max-w-xl">
			<thead><tr><th>Part</th><th class="num">Litres</th><th class="num">Weight</th></tr></thead>
			<tbody>
				{#each data.parts as part (part.code)}<tr>
						<td
							>{capital(part.name)},
							<a class="underline" href="/ledger/lot/{part.code}">{part.code}</a></td
						>
						<td class="num whitespace-nowrap">{say(part.litres, 'L', system)}</td>
						<td class="num whitespace-nowrap">{say(part.kg, 'kg', system)}</td>
					</tr>{/each}
			</tbody>
		</table>
		<p class="mb-4">
			<a
				class="btn min-h-12 btn-outline text-base"
				href={mix.use === 'feed' ? `/mixes/plan?like=${mix.code}` : `/mixes/pots?like=${mix.code}`}
				>Mix it again</a
			>
		</p>
		{#if data.left_l > 0 && data.held === undefined && data.beds.length > 0 && mix.use === 'feed'}
			<h2 class="mb-1 text-xl">For the beds, by what their crops want</h2>
			<p class="quiet mb-2 text-sm">
				The nitrogen that a first season is likely to find; where no crop is known, {usualFeed_g} g on
				a square metre.
			</p>
			<form class="mb-2 max-w-60">
				<Field
					label="Plants on a square metre"
					name="plants"
					bind:value={plants}
					hint="For each its part"
				/>
				<WorkOut />
			</form>
			<ul class="mb-6 max-w-xl">
				{#each data.beds as bed (bed.name)}<li
						class="thing-row grid min-h-14 grid-cols-[1fr_auto] items-center gap-x-6 py-1"
					>
						<span
							><a
								class="row-link font-semibold"
								href="/beds/{encodeURIComponent(bed.name)}?putLot={mix.code}{bed.dose
									? `&putPart=${litresOf(bed.dose.kg)}+L`
									: ''}#put">{bed.name}</a
							>{bed.isKnown ? '' : ', no crop known'}</span
						>
						<span class="text-right"
							>{#if bed.dose}{@const litres = litresOf(bed.dose.kg)}<strong class="block"
									>{say(litres, 'L', system)}{scoops(litres) ? `, ${scoops(litres)}` : ''}</strong
								>
								<span class="quiet text-sm"
									>{say(Number(bed.dose.g_m2.toPrecision(2)), 'g', system)} on a square metre{eachOf(
										bed.dose,
										bed.pieces
									)
										? `, ${eachOf(bed.dose, bed.pieces)}`
										: ''}{litres > data.left_l ? ', more than is left' : ''}</span
								>{:else}no nitrogen to speak of{/if}</span
						>
					</li>{/each}
			</ul>
		{/if}
	</div>
	<aside>
		{#if data.left_l > 0 && data.held === undefined}
			<Fold name="pot" line="font-semibold" label="Fill pots with it" open={form?.form === 'pot'}>
				<Form name="pot" sent={form} limits={limits.mix} class="mt-2 grid gap-3">
					<PotFields />
					<Choice
						label="They are"
						name="onto"
						options={[
							{ value: '', label: 'pots in no books' },
							...data.beds
								.filter(({ isPots }) => isPots)
								.map(({ name }) => ({ value: name, label: name }))
						]}
					/>
					<ActFoot actId={data.ids.pot} label="They are filled" {system} quiet />
				</Form>
			</Fold>
			{#if mix.use !== 'feed'}<SmallForm
					verb="drain-mix"
					actId="{data.ids.small}-drain"
					sent={form}
				/><SmallForm verb="read-mix-salt" actId="{data.ids.small}-salt" sent={form} />{/if}
			<SmallForm verb="bean-test" actId="{data.ids.small}-beans" sent={form} />
		{/if}
		<p class="my-2">
			<a class="inline-flex min-h-11 items-center underline" href="/stock/{mix.code}"
				>Its page in stock: an analysis of it</a
			>
		</p>
		<Seen remarks={data.remarks} almanac={data.almanac} {system} />
		<BooksLinks code={mix.code} />
	</aside>
</div>
