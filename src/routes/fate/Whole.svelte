<script lang="ts">
	import Answer from '$lib/components/answer/Answer.svelte';
	import Caution from '$lib/components/answer/Caution.svelte';
	import Choice from '$lib/components/entry/Choice.svelte';
	import Field from '$lib/components/entry/Field.svelte';
	import Form from '$lib/components/entry/Form.svelte';
	import Tick from '$lib/components/entry/Tick.svelte';
	import WorkOut from '$lib/components/entry/WorkOut.svelte';
	import { kits, pileStuffs, pileUses, type Kit } from '$lib/core/fate';
	import { momentOf } from '$lib/core/time';
	import { sayDay } from '$lib/format/dates';
	import {
		fateWords,
		kitWords,
		lackWords,
		pileWords,
		smellWords,
		useOfPile
	} from '$lib/format/fate-words';
	import { plain, say, sayRange } from '$lib/format/figure';
	import { capital, list } from '$lib/format/words';
	import { limits } from '$lib/input/limits';
	import FateFan from './FateFan.svelte';
	import { fateAnswer } from './answer';
	import { beginPath, reckonFate, type FateEntry } from './reckoning';
	import type { PageProps } from './$types';
	let { data }: Pick<PageProps, 'data'> = $props();
	const system = $derived(data.system);
	// svelte-ignore state_referenced_locally
	const given: Readonly<Record<string, string>> = data.asked;
	const isExample = given.amount === undefined;
	let touched = $state(false);
	const partsGiven = Object.fromEntries(
		Object.entries(given).flatMap(([name, value]) =>
			name.startsWith('part-') ? [[name.slice(5), value]] : []
		)
	);
	// svelte-ignore state_referenced_locally
	let entry: FateEntry = $state({
		stuff: given.stuff ?? 'soft-tops',
		amount: given.amount ?? (data.system === 'us' ? '25 gal' : '100 L'),
		use: given.use ?? 'any',
		day: given.day ?? '',
		hours: given.hours ?? '',
		neighbour: given.neighbour ?? '',
		kit: isExample ? [...data.kit] : kits.filter((one) => given[`kit-${one}`] === 'on'),
		mulched: given.mulched === 'on',
		suspect: given.suspect === 'on',
		parts: partsGiven
	});
	const context = $derived({ measures: data.measures, ...(system ? { system } : {}) });
	const dayAt = (day: string) => momentOf(day === '' ? '' : `${day}T12:00`, data.almanac.timeZone);
	const reckoned = $derived(reckonFate(entry, context, data.almanac.now_ms, dayAt));
	const fits = $derived(reckoned?.fates.filter(({ no }) => no === undefined) ?? []);
	const turned = $derived(reckoned?.fates.filter(({ no }) => no !== undefined) ?? []);
	const hasKit = (one: Kit) => entry.kit.includes(one);
	const setKit = (one: Kit, is: boolean) =>
		(entry.kit = is ? [...entry.kit, one] : entry.kit.filter((other) => other !== one));
</script>

<Answer
	title="What becomes of this?"
	answer={fateAnswer(reckoned, data.almanac, system)}
	crumbs={[{ label: 'Mixes', href: '/mixes' }]}
>
	{#snippet reason()}<p>
			{isExample && !touched ? 'An example: put in what you have. ' : ''}A pile can be parted: put
			litres beside each way until all of it is placed.
		</p>{/snippet}
</Answer>

<Form id="form" name="fate" method="get" sent={null} limits={limits.fate} class="sheet">
	<div class="min-w-0" oninput={() => (touched = true)}>
		<div class="form-grid">
			<Choice
				label="What lies there"
				name="stuff"
				bind:value={entry.stuff}
				options={pileStuffs.map((value) => ({ value, label: capital(pileWords[value]) }))}
			/>
			<Field label="How much" name="amount" bind:value={entry.amount} />
			<Choice
				label="Wanted for"
				name="use"
				bind:value={entry.use}
				options={pileUses.map((value) => ({ value, label: capital(useOfPile[value]) }))}
			/>
			<Field
				label="Wanted by"
				name="day"
				type="date"
				bind:value={entry.day}
				hint="Empty: whenever"
			/>
			<Field label="Hours you have" name="hours" inputmode="decimal" bind:value={entry.hours} />
			<Field label="Nearest neighbour" name="neighbour" bind:value={entry.neighbour} />
		</div>
		<fieldset class="mt-2 flex flex-wrap gap-x-8" aria-label="At hand">
			{#each kits as one (one)}<Tick
					name="kit-{one}"
					label={capital(kitWords[one])}
					bind:checked={() => hasKit(one), (is) => setKit(one, is)}
				/>{/each}
			<Tick name="mulched" label="The beds have their mulch" bind:checked={entry.mulched} />
			<Tick name="suspect" label="It may be ill, or sprayed" bind:checked={entry.suspect} />
		</fieldset>
		<WorkOut />
		{#if reckoned}
			<h2 class="mt-5 mb-1 text-xl">It may become</h2>
			<ul>
				{#each fits as fate (fate.way.id)}
					<li class="grid gap-x-6 gap-y-1 border-t border-base-300 py-3 sm:grid-cols-[1fr_9rem]">
						<div>
							<strong>{capital(fateWords[fate.way.id] ?? '')}</strong>
							<span class="block"
								>{sayDay(fate.ready_ms[0], data.almanac)} to {sayDay(
									fate.ready_ms[1],
									data.almanac
								)}; gives {sayRange(
									{
										value: (fate.gives_l[0] + fate.gives_l[1]) / 2,
										low: fate.gives_l[0],
										high: fate.gives_l[1],
										unit: 'L'
									},
									system
								)}; {plain(fate.hours, 1)} h of work; {smellWords[fate.way.smell]}.</span
							>
							<span class="quiet block text-sm"
								>{fate.way.source}.{fate.kit.length > 0
									? ` It still wants ${list(fate.kit.map((one) => kitWords[one]))}.`
									: ''}{fate.lacks.includes('much')
									? ` It takes ${say(fate.takes_l, 'L', system)} at most.`
									: ''}{fate.lacks.includes('hours') ? ` ${capital(lackWords.hours)}.` : ''}</span
							>
							{#if reckoned.parts[fate.way.id]}<a
									class="inline-flex min-h-11 items-center underline"
									href={beginPath(fate, entry.stuff, reckoned.parts[fate.way.id] ?? 0)}
									>Begin it with {say(reckoned.parts[fate.way.id] ?? 0, 'L', system)}</a
								>{/if}
						</div>
						<Field
							label="Litres for {fateWords[fate.way.id]}"
							name="part-{fate.way.id}"
							bind:value={
								() => entry.parts[fate.way.id] ?? '', (typed) => (entry.parts[fate.way.id] = typed)
							}
						/>
					</li>
				{/each}
			</ul>
			<p class="mt-2 font-semibold" aria-live="polite">
				Placed {say(reckoned.sum.placed_l, 'L', system)} of {say(
					reckoned.litres,
					'L',
					system
				)}{reckoned.sum.left_l > 0.5
					? `; ${say(reckoned.sum.left_l, 'L', system)} still lie there`
					: ''}{reckoned.sum.over_l > 0
					? `; ${say(reckoned.sum.over_l, 'L', system)} too many`
					: ''}.
			</p>
			{#if turned.length > 0}<h2 class="mt-5 mb-1 text-lg">Turned down</h2>
				<ul>
					{#each turned as fate (fate.way.id)}<li class="py-0.5">
							{capital(fateWords[fate.way.id] ?? '')}: {fate.no ? lackWords[fate.no] : ''}.
						</li>{/each}
				</ul>{/if}
		{/if}
	</div>
	<aside>
		{#if reckoned}<FateFan
				fates={reckoned.fates}
				wanted_ms={dayAt(entry.day)}
				almanac={data.almanac}
			/>{/if}
		{#if entry.suspect}<Caution
				>What was sprayed is tried with beans first; what is ill goes only where it gets hot all
				through.</Caution
			>{/if}
		<p class="quiet text-sm">
			Sorted by what fits: surely ready by the day, then least work. Choosing opens the plan of that
			way, filled in.
		</p>
	</aside>
</Form>
