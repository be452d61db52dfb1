<script lang="ts">
	import Answer from '$lib/components/answer/Answer.svelte';
	import Caution from '$lib/components/answer/Caution.svelte';
	import Pager from '$lib/components/answer/Pager.svelte';
	import Rule from '$lib/components/answer/Rule.svelte';
	import ActFoot from '$lib/components/entry/ActFoot.svelte';
	import Choice from '$lib/components/entry/Choice.svelte';
	import Field from '$lib/components/entry/Field.svelte';
	import Form from '$lib/components/entry/Form.svelte';
	import Tick from '$lib/components/entry/Tick.svelte';
	import { ashCap } from '$lib/core/beds';
	import { passedOn, refusedFuels } from '$lib/core/materials';
	import { inLitres } from '$lib/core/units';
	import { limits } from '$lib/input/limits';
	import { sayCaution } from '$lib/format/caution-words';
	import { sayDay } from '$lib/format/dates';
	import { plain, say } from '$lib/format/figure';
	import { pathOf } from '$lib/format/paths';
	import { capital } from '$lib/format/words';
	import { ashAnswer } from './answer';
	import type { PageProps } from './$types';
	let { data, form }: Pick<PageProps, 'data' | 'form'> = $props();
	const system = $derived(data.system);
	const percents = ({ low, high }: { low: number; high: number }) =>
		low === high
			? `${plain(low * 100, 0)} %`
			: `${plain(low * 100, 0)} to ${plain(high * 100, 0)} %`;
</script>

<Answer
	title="Ash"
	answer={ashAnswer(data, data.beds.rows, system)}
	crumbs={[{ label: 'Stock', href: '/stock' }]}
>
	{#snippet reason()}<p>
			Ash is lime first and potash second, and every route counts: straight on, in compost, in teas,
			round plants, in ashy char. At most <Rule room="soil" figure="ash"
				>{say(ashCap.g_per_m2, 'g/m²', system)}</Rule
			> of dry ash within twelve months.
		</p>{/snippet}
</Answer>

<div class="sheet">
	<div>
		{#if data.lots.n > 0}
			<ul class="mb-6">
				{#each data.lots.rows as lot (lot.code)}<li class="border-b border-base-300 py-2">
						<a
							class="inline-block min-h-11 content-center text-lg font-semibold underline"
							href="/ash/{lot.code}">{lot.code} {lot.name}</a
						>
						{say(inLitres(lot.volume_ul), 'L', system)}, {say(lot.mass_mg / 1e6, 'kg', system)}
						<span class="quiet block text-sm"
							>{lot.barred === undefined
								? `${percents(lot.lime)} of pure lime`
								: `Goes on no bed: ${lot.barred}`}</span
						>
					</li>{/each}
			</ul>
			<Pager
				page={data.lots.page}
				pages={data.lots.pages}
				label="More ash"
				href={(page) => `/ash?lots=${page}`}
			/>
		{/if}
		{#if data.beds.n > 0}
			<h2 class="mb-1 text-xl">Who may have it</h2>
			<p class="quiet mb-2 text-sm">The sourest first.</p>
			<div class="overflow-x-auto">
				<table class="ledger-table mb-2 min-w-[30rem]">
					<thead><tr><th>Bed</th><th class="num">pH</th><th>Ash now</th></tr></thead>
					<tbody>
						{#each data.beds.rows as bed (bed.name)}<tr>
								<td
									><a
										class="inline-block min-h-11 content-center font-semibold underline"
										href="{pathOf('bed', bed.name)}/verdict">{bed.name}</a
									>
									<span class="quiet block text-sm">{bed.crop}</span></td
								>
								<td class="num">{bed.ph === undefined ? '' : plain(bed.ph, 1)}</td>
								<td
									>{#if bed.gate}<span class="quiet"
											>{sayCaution(bed.gate, system)}{bed.gate.lifts_ms
												? ` From ${sayDay(bed.gate.lifts_ms, data.almanac)}.`
												: ''}</span
										>{:else if bed.grams > 0}<strong
											>{say(bed.grams * bed.area_m2, 'g', system)}</strong
										>,
										{say(bed.grams, 'g/m²', system)}{:else}<span class="quiet">wants none</span
										>{/if}</td
								>
							</tr>{/each}
					</tbody>
				</table>
			</div>
			<Pager
				page={data.beds.page}
				pages={data.beds.pages}
				label="More beds"
				href={(page) => `/ash?page=${page}`}
			/>
		{/if}
		<Form
			id="form"
			name="bring"
			sent={form}
			class="mt-8"
			known={{ source: 'hearth', wood: 'hardwood', kept: 'dry', alsoBurned: 'none' }}
			limits={{
				sampleVolume: limits.stock.sampleVolume,
				sampleMass: limits.stock.sampleMass,
				bits: limits.charIn.volume,
				bitsWeight: limits.charIn.weight,
				cce: limits.stock.lime,
				k2o: limits.stock.k2o
			}}
		>
			<h2 class="mb-2 text-xl">Bring ash in</h2>
			<div class="form-grid">
				<Choice
					label="Where it comes from"
					name="source"
					options={[
						{ value: 'hearth', label: 'Stove or hearth' },
						{ value: 'boiler', label: 'Boiler' },
						{ value: 'kiln', label: 'A kiln that burned over' },
						{ value: 'bought', label: 'Bought' }
					]}
				/>
				<Choice
					label="Of what wood"
					name="wood"
					options={[
						{ value: 'hardwood', label: 'Hardwood' },
						{ value: 'softwood', label: 'Softwood, mixed or not known' }
					]}
				/>
				<Choice
					label="What else burned there"
					name="alsoBurned"
					options={[
						{ value: 'none', label: 'Clean wood alone' },
						{ value: 'unsure', label: 'Not sure' },
						...refusedFuels.map(({ id, name }) => ({ value: id, label: capital(name) }))
					]}
				/>
				<Choice
					label="How it was kept"
					name="kept"
					options={[
						{ value: 'dry', label: 'Dry' },
						{ value: 'rained-on', label: 'Rained on' }
					]}
				/>
				<Field
					label="How much"
					name="amount"
					hint={system === 'us' ? 'Like 5 gal, 20 lb or 3 scoops' : 'Like 21 L, 9 kg or 3 scoops'}
				/>
				<Field label="What you call it" name="name" hint="Empty: what it is" />
				<Field
					label="Weighed scoop: its litres"
					name="sampleVolume"
					hint="Empty: 0.4 to 0.7 kg/L is taken"
				/>
				<Field label="and its weight" name="sampleMass" />
				<Field
					label="Lime value, CCE %"
					name="cce"
					hint="As the bag or a laboratory has it"
					inputmode="decimal"
				/>
				<Field label="K₂O %" name="k2o" hint="The same" inputmode="decimal" />
			</div>
			<Tick name="sifted" label="Sifted: charred bits were taken out" />
			<div class="form-grid mt-2">
				<Field label="Charred bits, to the char" name="bits" hint="Empty: none, or not measured" />
				<Field label="and their weight, dry" name="bitsWeight" hint="Empty: as small char weighs" />
			</div>
			<ActFoot actId={data.actId} label="Bring it in" {system} />
		</Form>
	</div>
	<aside>
		<Caution>
			Cold for days before it goes near anything that burns, in a lidded metal pail. Caustic dust:
			gloves, goggles, mask, and not in wind.
		</Caution>
		<h2 class="mt-6 mb-2 border-b-2 border-base-content text-lg">What people say of it</h2>
		<ul class="mb-4 grid gap-2">
			{#each passedOn as { says, measured } (says)}<li>
					“{says}” <span class="quiet block text-sm">measured: {measured}</span>
				</li>{/each}
		</ul>
		<p class="quiet text-sm">
			Refused for soil: {refusedFuels.map(({ name }) => name).join('; ')}; walnut where what grows
			can’t bear it. Metals gather in ash: small doses, clean wood.
		</p>
	</aside>
</div>
