<script lang="ts">
	import { onDestroy } from 'svelte';
	import Answer from '$lib/components/answer/Answer.svelte';
	import Caution from '$lib/components/answer/Caution.svelte';
	import Figures from '$lib/components/answer/Figures.svelte';
	import ActFoot from '$lib/components/entry/ActFoot.svelte';
	import WorkOut from '$lib/components/entry/WorkOut.svelte';
	import Field from '$lib/components/entry/Field.svelte';
	import Form from '$lib/components/entry/Form.svelte';
	import Undo from '$lib/components/entry/Undo.svelte';
	import { charOfDay, dayBy, greedyDay, usualRound } from '$lib/core/days';
	import { minutes, momentOf } from '$lib/core/time';
	import { sayMoment } from '$lib/format/dates';
	import { say } from '$lib/format/figure';
	import { slip } from '$lib/format/slip';
	import { capital, count } from '$lib/format/words';
	import { helpWords, stageWords, toDoWords } from '$lib/format/way-words';
	import {
		byClockField,
		dayFields,
		dayOf,
		genesFrom,
		genesText,
		roundFields
	} from '$lib/input/day-form';
	import { limits } from '$lib/input/limits';
	import BarrelRows from './BarrelRows.svelte';
	import DayLanes from './DayLanes.svelte';
	import DayRecord from './DayRecord.svelte';
	import { charLabel, dayAnswer } from './answer';
	import { DaySearch } from './search.svelte';
	import type { PageProps } from './$types';
	let { data, form }: Pick<PageProps, 'data' | 'form'> = $props();
	const system = $derived(data.system);
	// A form starts from what was sent; afterwards it belongs to the person typing.
	// svelte-ignore state_referenced_locally
	let values = $state<Record<string, string>>({
		...data.values,
		...(form?.form === 'plan' ? form.values : {})
	});
	// svelte-ignore state_referenced_locally
	let barrels = $state((values.barrels ?? '').split('\n').filter(Boolean));
	const day = $derived(
		dayOf({ ...values, barrels: barrels.join('\n') }, data.vessels, { measures: data.measures })
	);
	const errors = $derived(form?.form === 'plan' ? form.errors : {});
	const search = new DaySearch();
	$effect(() => {
		const wanted = day;
		if (!wanted) return search.stop();
		// Typing goes on: the search waits until it rests.
		const later = setTimeout(() => void search.begin(wanted), 250);
		return () => clearTimeout(later);
	});
	onDestroy(() => search.stop());
	/** First come, first served stands until something better is found, and without script; so does what was set down. */
	const greedy = $derived(day ? greedyDay(day) : undefined);
	const found = $derived(day && values.found ? dayBy(day, genesFrom(values.found)) : undefined);
	const timetable = $derived(
		[search.best?.timetable, found, greedy]
			.filter((one) => one !== undefined)
			.sort((a, b) => a.end - b.end || a.waiting - b.waiting)[0]
	);
	const genes = $derived(
		timetable === found
			? (values.found ?? '')
			: search.best && timetable === search.best.timetable
				? genesText(search.best.genes)
				: ''
	);
	const greedyEnd = $derived(greedy?.end);
	const startsAt = $derived(
		momentOf(values.startsAt ?? '', data.almanac.timeZone) ?? data.almanac.now_ms
	);
	const clock = (minute: number) =>
		sayMoment(startsAt + minutes(minute), data.almanac).replace(/^.*?(\d\d:\d\d)$/, '$1');
	const hands = $derived(data.people);
	const handName = (hand: number | undefined) =>
		hand === undefined ? '' : (hands[hand] ?? `Hand ${hand + 1}`);
	const toDo = $derived(
		[...(timetable?.steps ?? [])]
			.filter(({ hand }) => hand !== undefined)
			.sort((a, b) => a.from - b.from)
	);
	const char = $derived(day && timetable ? charOfDay(day, timetable) : undefined);
	/** Of all tips together. */
	const water = $derived.by(() => {
		const tips = (timetable?.steps ?? []).filter(({ stage }) => stage === 'tip');
		const needs = tips.flatMap(
			({ barrel }) => data.vessels.find(({ name }) => name === barrel) ?? []
		);
		const sumOf = (how: 'shut' | 'hot') => needs.reduce((sum, one) => sum + one.water[how], 0);
		return { shut: sumOf('shut'), hot: sumOf('hot') };
	});
	const labels: Readonly<Record<string, string>> = {
		rounds: 'Rounds of each barrel',
		hands: 'Hands at the start',
		burners: 'Burners and chimneys',
		hoses: 'Hoses'
	};
</script>

<Answer
	title="A day of barrels"
	answer={dayAnswer(char, timetable, data.vessels.length, clock, system)}
	crumbs={[{ label: 'Fires', href: '/fires' }]}
>
	{#snippet reason()}
		{#if timetable}<p>
				{search.helps ? `${capital(helpWords(search.helps))}. ` : ''}{timetable.isBest
					? 'Proven best: no timetable of this day can end sooner.'
					: `None can end before ${clock(timetable.bound)}.`}
				{#if greedyEnd !== undefined && greedyEnd > timetable.end}It ends {greedyEnd -
						timetable.end} min sooner than first come, first served.{/if}
				Have {say(water.shut, 'L', system)} of water for the tips, and {say(water.hot, 'L', system)} in
				reach should barrels be opened hot.
				{#if timetable.late > 0}<strong
						>{timetable.late} min of late caps: 5–10 % of that char for each five.</strong
					>{/if}
			</p>{:else}<p>
				<a class="btn min-h-12 btn-primary" href="/vessels/new">Measure a barrel</a>
			</p>{/if}
	{/snippet}
</Answer>

{#if data.vessels.length > 0}
	<Form
		id="form"
		name="plan"
		method="get"
		sent={form}
		known={data.values}
		limits={limits.day}
		class="sheet"
	>
		<div class="min-w-0">
			{#if timetable && char}
				<Figures slips={[slip(charLabel, char, system)]} />
				<DayLanes {timetable} {clock} {hands} />
				<p class="mt-2 flex flex-wrap items-center gap-3" role="status">
					{#if search.running}<progress class="progress w-40" value={search.share} max="1"
							>{Math.round(search.share * 100)} %</progress
						>
						<button type="button" class="btn min-h-11 btn-outline" onclick={() => search.stop()}
							>Good enough: stop looking</button
						>{:else if timetable.waiting > 0}<span class="quiet"
							>Cold barrels wait {timetable.waiting} min in all for a hand.</span
						>{/if}
				</p>
			{/if}
			<BarrelRows vessels={data.vessels} bind:barrels bind:values {errors} {system} />
			<div class="form-grid mt-4">
				{#each dayFields as name (name)}<Field
						label={labels[name] ?? name}
						{name}
						inputmode="decimal"
						bind:value={() => values[name] ?? '', (typed) => (values[name] = typed)}
					/>{/each}
				<Field
					label="Hands come and go"
					name={byClockField}
					bind:value={() => values[byClockField] ?? '', (typed) => (values[byClockField] = typed)}
					hint="Like 14:00 1, 16:30 3; empty: the same all day"
				/>
				<Field
					label="It begins"
					name="startsAt"
					type="datetime-local"
					bind:value={() => values.startsAt ?? '', (typed) => (values.startsAt = typed)}
					hint={data.isKept ? 'As it was set down' : 'Tomorrow at eight until you say otherwise'}
				/>
			</div>
			<details class="mt-3">
				<summary class="inline-flex min-h-11 cursor-pointer items-center underline"
					>Minutes of each stage: your own, once you have them</summary
				>
				<div class="form-grid mt-2">
					{#each roundFields as stage (stage)}<Field
							label="{capital(stageWords[stage])}, minutes"
							name={stage}
							inputmode="decimal"
							bind:value={() => values[stage] ?? '', (typed) => (values[stage] = typed)}
							hint="Usual {usualRound[stage]}, from barrel practice"
						/>{/each}
				</div>
			</details>
			<input type="hidden" name="found" value={genes} />
			<Caution
				>Look at each burning barrel every ten minutes. A cap five minutes late costs 5–10 % of its
				char. The heat beside a burner is fierce; nobody is alone at it, and the hose stands under
				pressure before the first match.</Caution
			>
			<WorkOut />
			<ActFoot actId={data.actId} label="Set the day down" noted={false} />
		</div>
		<aside>
			<h2 class="mb-1 text-lg">Who does what when</h2>
			<ol class="text-sm">
				{#each toDo as step (step.barrel + step.round + step.stage)}<li
						class="grid grid-cols-[3.2rem_4.5rem_1fr] border-b border-base-300 py-1"
					>
						<span class="font-mono">{clock(step.from)}</span>
						<strong>{handName(step.hand)}</strong>
						<span>{toDoWords(step.stage, step.barrel)}</span>
					</li>{/each}
			</ol>
			{#if timetable}<p class="quiet mt-2 text-sm">
					{capital(count(toDo.length, 'thing', 'things'))} to do, nobody in two places.
				</p>{/if}
		</aside>
	</Form>
	{#if data.kept}<DayRecord
			kept={data.kept}
			stacks={data.stacks}
			actId={data.recordId}
			{form}
			almanac={data.almanac}
			{system}
		/>
		<Undo
			act={data.kept.actId}
			actId={data.undoId}
			label="Take this day back"
			explain="The timetable is gone; fires that were written up stay."
			errors={form?.form === 'undo' ? form.errors : {}}
		/>{/if}
{/if}
