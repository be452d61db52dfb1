<script lang="ts">
	import Answer from '$lib/components/answer/Answer.svelte';
	import ActFoot from '$lib/components/entry/ActFoot.svelte';
	import Choice from '$lib/components/entry/Choice.svelte';
	import Field from '$lib/components/entry/Field.svelte';
	import Form from '$lib/components/entry/Form.svelte';
	import { recipeOf } from '$lib/core/brews';
	import { sayDay, sayMoment } from '$lib/format/dates';
	import { plain, say } from '$lib/format/figure';
	import { brewPlanPath } from '$lib/format/paths';
	import { brewWords } from '$lib/format/rooms/brews';
	import { capital, count, list } from '$lib/format/words';
	import Pager from '$lib/components/answer/Pager.svelte';
	import RoundAxis from './RoundAxis.svelte';
	import SetProgramme from './SetProgramme.svelte';
	import type { PageProps } from './$types';
	let { data, form }: Pick<PageProps, 'data' | 'form'> = $props();
	const system = $derived(data.system);
	/** A programme whose form is asked for, or was sent and came back. */
	const isChanged = (name: string) =>
		data.change === name ||
		(form?.form === 'set' && form.values.again === 'yes' && form.values.name === name);
	const walkSent = $derived(form?.form === 'walk' ? form : undefined);
	const isSetting = $derived(
		(form?.form === 'set' && form.values.again !== 'yes') ||
			data.asked.set === 'yes' ||
			data.n === 0
	);
	type Line = (typeof data.lines)[number];
	const total = (line: Line) => line.programme.stops.reduce((sum, { total_l }) => sum + total_l, 0);
	const roundOptions = (line: Line) =>
		line.open.map(({ due, at_ms, state }) => ({
			value: due,
			label: `${sayDay(at_ms, data.almanac)}, ${state === 'ahead' ? 'to come' : state}`
		}));
	const starting = (line: Line) =>
		[line.now, line.next].flatMap((round) =>
			(round?.starts ?? []).map((start) => ({ ...start, round }))
		);
</script>

<Answer title="Programmes" answer={data.answer} crumbs={[{ label: 'Brews', href: '/brews' }]}>
	{#snippet reason()}<p>
			Every round wants its brew ripe on the day: what must be set going is counted back from it,
			through its starter and the culture that makes that.
		</p>{/snippet}
</Answer>

{#each data.lines as line (line.programme.name)}
	{@const { programme } = line}
	{@const round = line.now ?? line.next}
	<section class="mb-8">
		<h2 class="text-xl">{programme.name}</h2>
		<p class="mb-2 max-w-prose">
			{say(total(line), 'L', system)} at 1 : {plain(programme.parts, 0)}, {say(
				line.needs_l,
				'L',
				system
			)} of {recipeOf(programme.recipe).name} a round, on {list(
				programme.stops.map(({ bed }) => bed)
			)}. {capital(count(line.walked, 'round is', 'rounds are'))} walked.
			{#if line.missed.length > 0}<strong
					>Missed: {line.missedBefore > 0 ? `${line.missedBefore} before, then ` : ''}{list(
						line.missed.map(({ at_ms }) => sayDay(at_ms, data.almanac))
					)}{line.next ? `; it moved on to ${sayDay(line.next.at_ms, data.almanac)}` : ''}.</strong
				>{/if}
			{#if line.neverRipe}<strong class="text-error"
					>At {say(programme.temperature_c, '°C', system)} none of it ripens.</strong
				>{/if}
		</p>
		<RoundAxis
			rounds={line.rounds}
			from={data.span.from_ms}
			to={data.span.to_ms}
			almanac={data.almanac}
		/>
		<ul class="mt-2 mb-3">
			{#each starting(line) as start, i (i)}<li class="border-b border-base-300 py-1">
					{#if start.uses}<a class="font-semibold underline" href="/brews/{start.uses}"
							>{start.uses}</a
						>
						starts it: there is enough of it.
					{:else}<a
							class="inline-block min-h-11 content-center font-semibold underline"
							href={brewPlanPath(start.recipe, {
								recipe: programme.recipe,
								needs_l: line.needs_l
							})}>Start {recipeOf(start.recipe).name}</a
						>
						{start.start_ms < data.almanac.now_ms ? 'now: it should have been' : 'by'}
						{sayMoment(start.start_ms, data.almanac)}, ripe {sayMoment(
							start.ripe_ms,
							data.almanac
						)}{/if}
				</li>{/each}
		</ul>
		{#if round && line.brews.length > 0}
			<Form id="form" name="walk" sent={walkSent} class="max-w-xl">
				<input type="hidden" name="name" value={programme.name} />
				<Choice label="The round of" name="due" options={roundOptions(line)} value={round.due} />
				<Choice
					label="Walked with"
					name="lot"
					options={line.brews.map(({ code, name, state, left_l }) => ({
						value: code,
						label: `${code} ${name}, ${say(left_l, 'L', system)}, ${brewWords[state]}`
					}))}
				/>
				<ActFoot actId={data.actId} label="The round is walked" quiet={!line.now} />
			</Form>
		{:else if line.now}<p class="font-semibold">
				No {recipeOf(programme.recipe).name} is ripe: set one going, or let the round go by.
			</p>{/if}
		{#if line.open.length > 0}<details class="mt-2" open={form?.form === 'skip'}>
				<summary class="min-h-11 cursor-pointer content-center underline">Let a round go by</summary
				>
				<Form name="skip" sent={form} class="grid max-w-xl gap-3 pb-4">
					<input type="hidden" name="name" value={programme.name} />
					<Choice label="The round of" name="due" options={roundOptions(line)} />
					<Field label="Why, if it helps later" name="why" />
					<ActFoot actId="{data.actId}-s" label="It is let go by" quiet noted={false} />
				</Form>
			</details>{/if}
		{#if isChanged(programme.name)}
			<h3 class="mt-2 text-lg">Change it</h3>
			<SetProgramme
				{programme}
				recipes={data.recipes}
				beds={data.beds}
				today={data.today}
				until={data.inTenWeeks}
				actId="{data.actId}-c"
				{form}
				{system}
			/>
		{:else}<a
				class="mt-2 block min-h-11 content-center underline"
				href="/programmes?change={encodeURIComponent(programme.name)}"
				data-sveltekit-noscroll>Change it</a
			>{/if}
		<details class="mt-2">
			<summary class="min-h-11 cursor-pointer content-center underline">End it</summary>
			<Form name="end" sent={form}>
				<input type="hidden" name="name" value={programme.name} />
				<ActFoot actId="{data.actId}-e" label="It ends" quiet noted={false} />
			</Form>
		</details>
	</section>
{/each}

<Pager
	page={data.page}
	pages={data.pages}
	label="More programmes"
	href={(page) => `/programmes?page=${page}`}
	before="Back"
	after="More programmes"
/>

{#if !isSetting}<a
		class="block min-h-12 content-center text-lg font-semibold underline"
		href="/programmes?set=yes#set">Set a programme</a
	>{:else}
	<section id="set">
		<h2 class="text-lg font-semibold">Set a programme</h2>
		{#if data.beds.length === 0}
			<p>
				<a class="btn min-h-12 text-base btn-primary" href="/beds">Measure a bed first</a>
			</p>
		{:else}
			<SetProgramme
				recipes={data.recipes}
				beds={data.beds}
				today={data.today}
				until={data.inTenWeeks}
				actId={data.actId}
				{form}
				{system}
			/>
		{/if}
	</section>
{/if}
