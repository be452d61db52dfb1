<script lang="ts">
	import Answer from '$lib/components/answer/Answer.svelte';
	import BooksLinks from '$lib/components/answer/BooksLinks.svelte';
	import Figures from '$lib/components/answer/Figures.svelte';
	import RipeningBand from '$lib/components/band/RipeningBand.svelte';
	import VesselCutaway from '$lib/components/cutaway/VesselCutaway.svelte';
	import { chargeFigures, coverWithLiquid, schoolOf, testPassed } from '$lib/core/charging';
	import { stuffName } from '$lib/format/brew-words';
	import { bandParts, days } from '$lib/core/time';
	import { litres, inLitres } from '$lib/core/units';
	import { sayDay, sayMoment } from '$lib/format/dates';
	import { plain, say } from '$lib/format/figure';
	import { slip } from '$lib/format/slip';
	import { said, slipped } from '$lib/format/sentence';
	import { capital, list } from '$lib/format/words';
	import { chargeAnswer } from './answer';
	import Drain from './Drain.svelte';
	import Nutrients from './Nutrients.svelte';
	import ReadyTest from './ReadyTest.svelte';
	import Tasks from './Tasks.svelte';
	import Tend from './Tend.svelte';
	import WentIn from './WentIn.svelte';
	import type { PageProps } from './$types';
	let { data, form }: Pick<PageProps, 'data' | 'form'> = $props();
	const system = $derived(data.system);
	const line = $derived(data.line);
	const charge = $derived(line.charge);
	const school = $derived(schoolOf(charge.school));
	const partners = $derived([
		...new Set(
			charge.ingredients.flatMap(({ material }) =>
				material === 'char'
					? []
					: [material === 'batch' ? 'another of its kind' : stuffName(material)]
			)
		)
	]);
	const from = $derived(line.window.start_ms);
	const to = $derived(
		Math.max(
			data.almanac.now_ms + days(7),
			Math.min(line.window.past_ms ?? Infinity, from + days(120))
		)
	);
	const inside = $derived(
		data.tub
			? coverWithLiquid(litres(inLitres(charge.volume_ul)), charge.density, 'dry', data.tub.shape)
			: undefined
	);
	const slips = $derived(
		chargeFigures(charge).map(([label, figure]) => slip(capital(label), figure, system))
	);
</script>

<Answer
	title={charge.code}
	answer={chargeAnswer(
		{ code: charge.code, volume_ul: charge.volume_ul, state: line.state, window: line.window },
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
			)}: {say(charge.char_l, 'L', system)} of char with {list(partners)}. Ready is a date and a
			passed test.
			{#if charge.drainedAt_ms !== null}Drained {sayMoment(charge.drainedAt_ms, data.almanac)}.{/if}
			{#if charge.volume_ul > 0 && !data.mayLie}Its fire is not proven out by its whole series{school.kind ===
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
		{#if charge.volume_ul > 0 && line.tasks.length > 0}<Tasks
				tasks={line.tasks}
				almanac={data.almanac}
			/>{/if}
		<div class="mt-4"><Figures {slips} /></div>
		<Nutrients {charge} warmth={line.warmth} tests={line.tests} system={data.system} />
		{#if charge.volume_ul > 0}<ReadyTest
				{school}
				code={charge.code}
				actId={data.actId}
				{form}
			/>{/if}
		{#if charge.volume_ul > 0 && school.kind === 'soak' && charge.drainedAt_ms === null}
			<Drain wantsCheck={!data.mayLie} tub={data.tub?.name} actId={data.drainId} {form} {system} />
		{/if}
		<WentIn ingredients={charge.ingredients} almanac={data.almanac} {system} />
		{#if charge.volume_ul > 0}<Tend {data} {form} almanac={data.almanac} {system} />{/if}
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
				caption={said`${data.tub.name}: ${slipped(say(inLitres(charge.volume_ul), 'L', system), 'In it')} of char under its liquid line.`}
				{system}
			/>
		{/if}
		<div class="mt-4"><BooksLinks code={charge.code} /></div>
	</aside>
</div>
