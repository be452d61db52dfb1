<script lang="ts">
	import Answer from '$lib/components/answer/Answer.svelte';
	import BooksLinks from '$lib/components/answer/BooksLinks.svelte';
	import Figures from '$lib/components/answer/Figures.svelte';
	import RipeningBand from '$lib/components/band/RipeningBand.svelte';
	import VesselCutaway from '$lib/components/cutaway/VesselCutaway.svelte';
	import { limits } from '$lib/input/limits';
	import ActFoot from '$lib/components/entry/ActFoot.svelte';
	import Field from '$lib/components/entry/Field.svelte';
	import Ticks from '$lib/components/entry/Ticks.svelte';
	import Form from '$lib/components/entry/Form.svelte';
	import { chargeFigures, coverWithLiquid, schoolOf, testPassed } from '$lib/core/charging';
	import { materialOf } from '$lib/core/materials';
	import { bandParts, days } from '$lib/core/time';
	import { litres } from '$lib/core/units';
	import { sayDay, sayMoment } from '$lib/format/dates';
	import { plain, say } from '$lib/format/figure';
	import { slip } from '$lib/format/slip';
	import { said, slipped } from '$lib/format/sentence';
	import { capital } from '$lib/format/words';
	import { chargeAnswer } from './answer';
	import Drain from './Drain.svelte';
	import Tend from './Tend.svelte';
	import WentIn from './WentIn.svelte';
	let { data, form } = $props();
	const system = $derived(data.system);
	const line = $derived(data.line);
	const charge = $derived(line.charge);
	const school = $derived(schoolOf(charge.school));
	const errors = $derived((form?.form === 'test' ? form.errors : undefined) ?? {});
	const values = $derived((form?.form === 'test' ? form.values : undefined) ?? {});
	// svelte-ignore state_referenced_locally
	let passed = $state(form?.values.passed ?? '');
	const from = $derived(line.window.start_ms);
	const to = $derived(
		Math.max(
			data.almanac.now_ms + days(7),
			Math.min(line.window.past_ms ?? Infinity, from + days(120))
		)
	);
	const question = $derived(
		school.test === 'earthy'
			? 'It smells earthy, not sour and not of ammonia'
			: 'Its pieces sink: the pores are full'
	);
	const inside = $derived(
		data.tub
			? coverWithLiquid(litres(charge.volume_ml / 1000), charge.density, 'dry', data.tub.shape)
			: undefined
	);
	const slips = $derived(
		chargeFigures(charge).map(([label, figure]) => slip(capital(label), figure, system))
	);
	const cress = [
		['germinated', 'Came up in extract'],
		['seeds', 'of seeds'],
		['root', 'mean root, mm'],
		['controlGerminated', 'Came up in water'],
		['controlSeeds', 'of seeds'],
		['controlRoot', 'mean root, mm']
	] as const;
	const cressLimits = Object.fromEntries(cress.map(([name]) => [name, limits.cress]));
</script>

<Answer
	title={charge.code}
	answer={chargeAnswer(
		{ code: charge.code, volume_ml: charge.volume_ml, state: line.state, window: line.window },
		system,
		data.almanac
	)}
	crumbs={[{ label: 'Charging', href: '/charging' }]}
>
	{#snippet reason()}
		<p>
			{capital(school.name)} since {sayDay(charge.startedAt_ms, data.almanac)} at {say(
				charge.temperature_c,
				'°C',
				system
			)}: {say(charge.char_l, 'L', system)} of char with {materialOf(charge.partner).name} and rain water.
			Ready is a date and a passed test:
			{question.toLowerCase()}.
			{#if charge.drainedAt_ms !== null}Drained {sayMoment(charge.drainedAt_ms, data.almanac)}.{/if}
			{#if charge.volume_ml > 0 && !data.mayLie}Its fire is not proven out by its whole series{school.kind ===
				'soak'
					? ': before it goes on a bed, drain it and check it once'
					: ': walk the checks to their end before it goes on a bed'}.{/if}
			{#if data.held !== undefined}Held because: {data.held}.{/if}
		</p>
		{#if line.state === 'ripe' && data.mayLie}<p class="mt-3">
				<a class="btn min-h-12 text-base btn-primary" href="/beds?lot={charge.code}"
					>Put it on a bed</a
				>
			</p>{/if}
	{/snippet}
</Answer>

<div class="sheet">
	<div>
		<RipeningBand
			parts={bandParts(line.window, from, to)}
			{from}
			{to}
			now={data.almanac.now_ms}
			words
			length={720}
		/>
		<div class="mt-4"><Figures {slips} /></div>
		{#if charge.volume_ml > 0}
			<Form name="test" sent={form} limits={cressLimits}>
				<h2 class="mb-2 text-xl">Log the test</h2>
				<Ticks
					legend={question}
					name="passed"
					bind:value={passed}
					options={[
						{ value: 'yes', label: 'yes' },
						{ value: 'no', label: 'no' }
					]}
				/>
				<details
					class="mt-3"
					open={Boolean(errors.cress || values.germinated || cress.some(([name]) => errors[name]))}
				>
					<summary class="inline-flex min-h-11 cursor-pointer items-center underline"
						>With a cress test</summary
					>
					<p class="quiet max-w-prose text-sm">
						20 seeds or more in each, dark, about {say(25, '°C', system)}, two or three days. Above
						80 is good, 50–80 wait, below 50 harmful.
					</p>
					{#if errors.cress}<p class="font-semibold text-error">{errors.cress}</p>{/if}
					<div class="mt-2 grid grid-cols-3 gap-3">
						{#each cress as [name, label] (name)}<Field {label} {name} inputmode="decimal" />{/each}
					</div>
				</details>
				<ActFoot actId={data.actId} label="Log the test" />
			</Form>
		{/if}
		{#if charge.volume_ml > 0 && school.kind === 'soak' && charge.drainedAt_ms === null}
			<Drain wantsCheck={!data.mayLie} tub={data.tub?.name} actId={data.drainId} {form} {system} />
		{/if}
		<WentIn ingredients={charge.ingredients} almanac={data.almanac} {system} />
		{#if charge.volume_ml > 0}<Tend {data} {form} almanac={data.almanac} {system} />{/if}
		{#if line.tests.length > 0}
			<h2 class="mt-8 mb-1 text-xl">Tests so far</h2>
			<ul>
				{#each line.tests as test (test.actId)}
					<li class="border-b border-base-300 py-2">
						<strong>{testPassed(test) ? '✓ passed' : '✕ not passed'}</strong>
						{sayMoment(test.at_ms, data.almanac)}, {test.person}{test.germinationIndex === undefined
							? ''
							: `, germination index ${plain(test.germinationIndex, 0)} %`}{test.note
							? `: ${test.note}`
							: ''}
					</li>
				{/each}
			</ul>
		{/if}
	</div>
	<aside>
		{#if data.tub && inside && charge.drainedAt_ms === null}
			<VesselCutaway
				shape={data.tub.shape}
				depth={inside.charDepth}
				liquidDepth={inside.liquidDepth ?? 0}
				caption={said`${data.tub.name}: ${slipped(say(charge.volume_ml / 1000, 'L', system), 'In it')} of char under its liquid line.`}
				{system}
			/>
		{/if}
		<div class="mt-4"><BooksLinks code={charge.code} /></div>
	</aside>
</div>
