<script lang="ts">
	import { limits } from '$lib/input/limits';
	import Answer from '$lib/components/answer/Answer.svelte';
	import Caution from '$lib/components/answer/Caution.svelte';
	import Figures from '$lib/components/answer/Figures.svelte';
	import Rule from '$lib/components/answer/Rule.svelte';
	import Say from '$lib/components/answer/Say.svelte';
	import Sourced from '$lib/components/answer/Sourced.svelte';
	import ActFoot from '$lib/components/entry/ActFoot.svelte';
	import Choice from '$lib/components/entry/Choice.svelte';
	import Field from '$lib/components/entry/Field.svelte';
	import Taps from '$lib/components/entry/Taps.svelte';
	import Form from '$lib/components/entry/Form.svelte';
	import { nitrogenLimits, schools } from '$lib/core/charging';
	import { materialOf } from '$lib/core/materials';
	import { bestMeasure, inMeasures, joined, say, show } from '$lib/format/figure';
	import { slip } from '$lib/format/slip';
	import { figured, said, slipped } from '$lib/format/sentence';
	import { momentOf } from '$lib/core/time';
	import { capital, nitrogenWords } from '$lib/format/words';
	import { chargePlanAnswer } from './answer';
	import Beside from './Beside.svelte';
	import CharLots from './CharLots.svelte';
	import ReallyIn from './ReallyIn.svelte';
	import RecipeStrip from './RecipeStrip.svelte';
	import SchoolCards from './SchoolCards.svelte';
	import { mostCharOf } from './tub';
	import { freshCharge, partnersOf, reckonPlan, type ReckonedPlan } from './reckoning';
	let { data, form } = $props();
	// svelte-ignore state_referenced_locally
	let entry = $state(
		freshCharge(
			form?.values ?? data.asked,
			data.chars,
			data.tubs,
			data.system === 'us' ? '59 °F' : '15 °C'
		)
	);
	const system = $derived(data.system);
	// svelte-ignore state_referenced_locally
	let happenedAt = $state(form?.values.happenedAt ?? data.asked.happenedAt ?? '');
	/** Dates count from when it was really set going. */
	const started = $derived(momentOf(happenedAt, data.almanac.timeZone) ?? data.almanac.now_ms);
	const errors = $derived(form?.errors ?? {});
	/** The same char, part and warmth in every school. */
	const plans = $derived(
		new Map<string, ReckonedPlan | undefined>(
			schools.map(({ id }) => [id, reckonPlan({ ...entry, school: id }, data, started)])
		)
	);
	const plan = $derived(plans.get(entry.school));
	const soak = $derived(plan?.charge.soak);
	const { full, wanted, most } = nitrogenLimits;
	const usualN = [full, wanted, most].map((n) => ({ value: String(n), label: String(n) }));
	const usualRatios = [
		{ value: '0.5', label: '½' },
		{ value: '1', label: '1' },
		{ value: '2', label: '2' }
	];
	const isSoak = $derived(schools.find(({ id }) => id === entry.school)?.kind === 'soak');
	const options = $derived([
		...data.stock
			.filter(({ material }) => partnersOf(entry.school).includes(material))
			.map((lot) => ({
				value: `lot:${lot.code}:${lot.material}`,
				label: `${lot.code} ${lot.name}, ${say(lot.volume_ml / 1000, 'L', system)} left`
			})),
		...partnersOf(entry.school).map((id) => ({
			value: id as string,
			label: `${materialOf(id).name}, brought in now`
		}))
	]);
	// A school brings its own partners; one that no longer fits gives way to the first that does.
	const partner = $derived(
		options.some(({ value }) => value === entry.partner) ? entry.partner : (options[0]?.value ?? '')
	);
	const carried = (litres: number) => {
		const measure = bestMeasure(litres, data.measures);
		return measure ? ` (${inMeasures(litres, measure)})` : '';
	};
</script>

<Answer
	title="Plan a charge"
	answer={chargePlanAnswer(plan, data.chars.length > 0, system, data.almanac)}
	crumbs={[{ label: 'Charging', href: '/charging' }]}
>
	{#snippet reason()}
		{#if plan}
			<div>
				<Say sentence={[slipped(joined(show(plan.charge.nitrogen.perKg, system)), 'Mineral N')]} /> mineral
				N per kg of dry char: {nitrogenWords[plan.charge.nitrogen.verdict]}.
				{#if soak}A full soak offers <Rule room="nitrogen" figure="full"
						>{nitrogenLimits.full}–{nitrogenLimits.most} g/kg</Rule
					>. {#if !plan.tub}Which tub it will stand in is not said yet.{:else if plan.tub.holds}{plan
							.tub.name} holds
						<a class="underline" href="/charging/{plan.tub.holds}">{plan.tub.holds}</a> still: drain that
						first.{:else if soak.fits}It fits {plan.tub.name}.{:else}It does not fit the tub, which
						takes <Sourced slip={slip('Char the tub takes', mostCharOf(plan), system)} /> of char at most.{/if}{/if}
				Ready is a date and a passed test.
			</div>
		{:else if data.chars.length === 0}<a class="btn min-h-12 btn-primary" href="/fires"
				>To the fires</a
			>{/if}
	{/snippet}
</Answer>

{#if data.chars.length > 0}
	<Form name="charge" method="get" sent={form} limits={limits.charge} class="sheet">
		<div>
			{#if plan}
				<RecipeStrip {plan} {system} />
				<Figures
					slips={[
						slip(capital(materialOf(plan.partner).name), plan.charge.partner, system),
						slip('Rain water', plan.charge.water, system),
						...(soak
							? [slip('Liquid to cover', soak.liquid, system)]
							: [slip('The mix', plan.charge.mix, system)]),
						slip('Mineral N', plan.charge.nitrogen.perKg, system),
						slip('Total N', plan.charge.nitrogen.total, system)
					]}
				/>
				<div class="mb-5">
					Carry <Say
						sentence={said`${slipped(say(plan.charge.partner.value, 'L', system), capital(materialOf(plan.partner).name))} of ${materialOf(plan.partner).name}${carried(plan.charge.partner.value)} to ${figured(say(plan.volume, 'L', system), 'lot', plan.char.code, 'litres')} of char${carried(plan.volume)}.`}
					/>
					{#if plan.charge.partnerShare !== undefined}The liquid is <Sourced
							slip={slip('Share of the liquid', plan.charge.partnerShare, system)}
						/> urine{plan.charge.partnerShare.value > (nitrogenLimits.usualShare[1] ?? 1)
							? ', stronger than usual'
							: ''}.{/if}
					{#if soak && soak.heldWater.value > 0.5}The char already holds about <Sourced
							slip={slip('Water already in the char', soak.heldWater, system)}
						/> of water, which thins it.{/if}
				</div>
			{/if}
			<SchoolCards
				{plans}
				bind:value={entry.school}
				error={errors.school}
				almanac={data.almanac}
				{system}
			/>
			<div class="my-6">
				<CharLots
					chars={data.chars}
					bind:value={entry.char}
					bind:part={entry.part}
					{errors}
					measures={data.measures}
					{system}
				/>
			</div>
			<div class="form-grid">
				<div class="sm:col-span-2">
					<Choice
						label="Partner"
						name="partner"
						bind:value={() => partner, (value) => (entry.partner = value)}
						{options}
					/>
				</div>
				{#if isSoak}
					<div>
						<Field
							label="Mineral N wanted, g per kg dry char"
							name="wantedN"
							inputmode="decimal"
							bind:value={entry.wantedN}
						/>
						<Taps label="Usual amounts of nitrogen" bind:value={entry.wantedN} options={usualN} />
					</div>
					<Choice
						label="Tub"
						name="tub"
						bind:value={entry.tub}
						options={data.tubs.map((tub) => ({
							value: tub.name,
							label: `${tub.name}, ${say(tub.capacity_l, 'L', system)}${tub.holds ? `, holds ${tub.holds}` : ''}`
						}))}
						hint={data.tubs.length ? '' : 'None measured yet'}
					/>
				{:else}
					<div>
						<Field
							label="Parts of partner to 1 of char, by volume"
							name="ratio"
							inputmode="decimal"
							bind:value={entry.ratio}
							hint="Usual 1, from ½ to 2"
						/>
						<Taps label="Usual parts of partner" bind:value={entry.ratio} options={usualRatios} />
					</div>
				{/if}
				<Field
					label="How warm it will stand"
					name="temperature"
					bind:value={entry.temperature}
					hint={system === 'us'
						? 'Biology halves its speed per 18 °F fall; none below 39 °F'
						: 'Biology halves its speed per 10 °C fall; none below 4 °C'}
				/>
			</div>
			<ReallyIn bind:entry {plan} {errors} {system} />
			{#if isSoak}
				<p class="mt-3">
					<a class="inline-block min-h-11 content-center underline" href="/vessels/new?usedFor=tub"
						>Measure a tub</a
					>
				</p>
				<Caution>
					Urine of your own household, on your own garden; not of unknown people. Keep ash and lime
					out: ammonia goes off. Under a lid, outdoors, away from children. Its use on food eaten
					raw has waiting times, and some organic standards bar it: ask the certifier.
				</Caution>
			{:else}<Caution
					>Compost carries moulds and Legionella: damp, mask, wash. People with weak lungs or
					immunity keep away.</Caution
				>{/if}
			<noscript><button class="btn mt-4 min-h-12 btn-neutral">Work it out</button></noscript>
			<ActFoot actId={data.actId} label="Set it going" bind:happenedAt />
		</div>
		<aside>
			{#if plan}<Beside {plan} almanac={data.almanac} {system} />{/if}
		</aside>
	</Form>
{/if}
