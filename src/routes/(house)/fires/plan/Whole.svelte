<script lang="ts">
	import { onTheSpot, spotWays } from '$lib/input/spot';
	import { limits } from '$lib/input/limits';
	import Answer from '$lib/components/answer/Answer.svelte';
	import Figures from '$lib/components/answer/Figures.svelte';
	import Say from '$lib/components/answer/Say.svelte';
	import VesselCutaway from '$lib/components/cutaway/VesselCutaway.svelte';
	import ActFoot from '$lib/components/entry/ActFoot.svelte';
	import WorkOut from '$lib/components/entry/WorkOut.svelte';
	import Choice from '$lib/components/entry/Choice.svelte';
	import Field from '$lib/components/entry/Field.svelte';
	import Ticks from '$lib/components/entry/Ticks.svelte';
	import Form from '$lib/components/entry/Form.svelte';
	import { wayOf } from '$lib/core/fires';
	import { momentOf } from '$lib/core/time';
	import { depthAtVolume } from '$lib/core/vessels';
	import { known, litres, reckon, type Estimate, type Litres } from '$lib/core/units';
	import { say, sayRange } from '$lib/format/figure';
	import { slip } from '$lib/format/slip';
	import { said, slipped } from '$lib/format/sentence';
	import { count } from '$lib/format/words';
	import BurntFields from '../BurntFields.svelte';
	import LoadPicker from '../LoadPicker.svelte';
	import WoodFrom from '../WoodFrom.svelte';
	import Conduct from './Conduct.svelte';
	import GoList from './GoList.svelte';
	import KeepForBurn from './KeepForBurn.svelte';
	import PlanMore from './PlanMore.svelte';
	import WaterTerms from './WaterTerms.svelte';
	import { planAnswer } from './answer';
	import {
		freshPlan,
		isSpotExample,
		loadOf,
		reckonPlan,
		spotStackOf,
		spotVesselOf
	} from './reckoning';
	import type { PageProps } from './$types';
	let { data, form }: Pick<PageProps, 'data' | 'form'> = $props();
	// svelte-ignore state_referenced_locally
	let entry = $state(
		freshPlan(form?.values ?? data.asked, data.proposed, data.stacks, data.system)
	);
	// svelte-ignore state_referenced_locally
	let burnt = $state(form?.form === 'record' || data.asked.burnt === 'yes' ? 'yes' : 'no');
	// svelte-ignore state_referenced_locally
	let woodFrom = $state(form?.values.woodFrom ?? data.asked.woodFrom ?? 'stacks');
	// svelte-ignore state_referenced_locally
	let plannedFor = $state(form?.values.plannedFor ?? data.asked.plannedFor ?? '');
	const day = $derived({
		at_ms: momentOf(plannedFor, data.almanac.timeZone) ?? data.almanac.now_ms,
		now_ms: data.almanac.now_ms,
		nights: data.nights
	});
	const typed = $derived({
		vessel: spotVesselOf(entry, data.spot, data),
		stack: spotStackOf(entry, data)
	});
	const vessels = $derived([...data.vessels, ...(typed.vessel ? [typed.vessel] : [])]);
	const stacks = $derived([...data.stacks, ...(typed.stack ? [typed.stack] : [])]);
	const plan = $derived(reckonPlan(entry, vessels, stacks, day, data));
	const isSpotVessel = $derived(entry.vessel === onTheSpot);
	const isSpot = $derived(isSpotVessel || entry.loads.includes(onTheSpot));
	const isExample = $derived(
		isSpotVessel && entry.loads.join() === onTheSpot && isSpotExample(entry, data.system)
	);
	const vesselName = $derived(isSpotVessel ? 'A vessel like this' : (plan?.vessel.name ?? ''));
	const errors = $derived(form?.errors ?? {});
	const system = $derived(data.system);
	const forecast = $derived(plan?.forecast);
	const depthOf = (volume: number) => {
		const at = plan && depthAtVolume(plan.vessel.shape, volume as Litres);
		return at?.status === 'holds' ? at.depth : (plan?.vessel.shape.depth ?? 0) + 1;
	};
	const capacityOf = (value: Litres): Estimate<Litres> =>
		reckon(
			litres,
			known(
				plan?.vessel.name ?? 'vessel',
				value,
				'L',
				'measured',
				'h/6 × (floor + 4 × middle + top section) of its measures, on its own page'
			),
			{ unit: 'L', basis: 'to the rim' }
		);
</script>

<Answer
	title="Plan a burn"
	answer={planAnswer(plan, { isExample, system })}
	crumbs={[{ label: 'Fires', href: '/fires' }]}
>
	{#snippet reason()}
		{#if plan && forecast}
			<p>
				{vesselName}, {wayOf(plan.vessel.way).name}: <Say
					sentence={said`${slipped(sayRange({ ...plan.load, unit: 'kg' }, system), 'Dry wood in')} of dry wood at a yield of ${slipped(sayRange(forecast.massYield, system), 'Yield')} gives ${slipped(sayRange(forecast.charKg, system), 'Char, dry')} of char.`}
				/> It rests on {plan.vessel.ownYields.count === 0
					? 'the published mean alone'
					: `${count(plan.vessel.ownYields.count, 'own burn', 'own burns')} and the published mean`}.
				Water is ruled by {forecast.water.ruledBy}, with half as much again in hand.
			</p>
		{/if}
	{/snippet}
</Answer>

<Form
	name={burnt === 'yes' ? 'record' : isSpot ? 'keep' : 'plan'}
	method="get"
	sent={form}
	known={data.asked}
	limits={{ ...limits.plan, ...limits.burn, ...limits.told }}
	class="sheet"
>
	<div>
		{#if plan && forecast}
			<Figures
				slips={[
					slip('Char', forecast.charLitres, system),
					slip('Char, dry', forecast.charKg, system),
					slip('Water on site', forecast.water.onSite, system),
					slip('Quench takes', forecast.water.need, system),
					slip('Dry wood in', loadOf(plan), system),
					slip('Yield', forecast.massYield, system),
					slip('Vessel holds', capacityOf(forecast.capacity), system)
				]}
			/>
		{/if}
		{#if isExample}<p class="max-w-prose">
				This is an example: put in the vessel and the wood that you have. Nothing is written down by
				it.
			</p>{/if}
		<div id="form" class="form-grid mb-5">
			<Choice
				label="Vessel"
				name="vessel"
				bind:value={entry.vessel}
				options={[
					...data.vessels.map(({ name, way }) => ({
						value: name,
						label: `${name}, ${wayOf(way).name}`
					})),
					...(burnt === 'yes' ? [] : [{ value: onTheSpot, label: 'not in the books yet' }])
				]}
			/>
			{#if isSpotVessel}
				<Choice
					label="It burns as"
					name="spotWay"
					bind:value={entry.spotWay}
					options={spotWays.map((way) => ({ value: way, label: wayOf(way).name }))}
				/>
				<Field label="Across the rim" name="spotWide" bind:value={entry.spotWide} />
				<Field label="Deep, inside" name="spotDeep" bind:value={entry.spotDeep} />
			{/if}
			<Field
				label="Water on site"
				name="waterOnSite"
				bind:value={entry.waterOnSite}
				hint="In tanks and barrels"
			/>
		</div>
		<PlanMore bind:entry {plan} {system} />
		{#if woodFrom === 'stacks'}<LoadPicker
				spot={burnt === 'yes' ? undefined : entry}
				stacks={data.stacks}
				rest={data.otherStacks}
				bind:loads={entry.loads}
				bind:parts={entry.parts}
				error={errors.loads}
				{system}
			/>{/if}

		<div class="mt-6">
			<Ticks
				legend="This burn"
				name="burnt"
				bind:value={burnt}
				options={[
					{ value: 'no', label: 'is still to come' },
					{ value: 'yes', label: 'is burnt and quenched' }
				]}
			/>
		</div>
		{#if burnt === 'yes'}
			<div class="mt-4"><WoodFrom bind:value={woodFrom} /></div>
			<h2 class="mt-6 mb-3 text-xl">What came out</h2>
			<BurntFields />
			<ActFoot actId={data.actId} label="Set it down as burnt" />
		{:else}
			{#if plan}<Conduct
					{plan}
					sunsets={data.nights.slice(1).map(([from]) => from)}
					{plannedFor}
					almanac={data.almanac}
					{system}
				/>{/if}
			<GoList {plan} bind:entry {system} />
			<div class="mt-4 max-w-xs">
				<Field
					label="Planned for"
					name="plannedFor"
					hint="Empty means now"
					type="datetime-local"
					bind:value={plannedFor}
				/>
			</div>
			<WorkOut />
			{#if isSpot}<KeepForBurn
					actId={data.actId}
					{isExample}
					vessel={isSpotVessel}
					wood={entry.loads.includes(onTheSpot)}
				/>
			{:else}<ActFoot
					actId={data.actId}
					label="Set it down as planned"
					cautions={plan?.cautions ?? []}
					{system}
					noted={false}
				/>{/if}
		{/if}
	</div>
	<aside>
		{#if plan && forecast}
			<VesselCutaway
				shape={plan.vessel.shape}
				use={plan.vessel.way}
				depth={forecast.fill.status === 'holds' ? forecast.fill.depth : plan.vessel.shape.depth}
				range={[depthOf(forecast.charLitres.low), depthOf(forecast.charLitres.high)]}
				caption={said`${vesselName} with the char to expect, ${slipped(sayRange(forecast.charLitres, system), 'Char')} of ${slipped(say(forecast.capacity, 'L', system), 'Vessel holds')}; dashed lines are the ends of the range.`}
				{system}
			/>
			<WaterTerms water={forecast.water} {system} />
		{/if}
		<p class="mt-4">
			<a class="inline-block min-h-11 content-center underline" href="/vessels/new"
				>Measure another vessel</a
			>
		</p>
	</aside>
</Form>
