<script lang="ts">
	import Answer from '$lib/components/answer/Answer.svelte';
	import ActFoot from '$lib/components/entry/ActFoot.svelte';
	import Form from '$lib/components/entry/Form.svelte';
	import Fold from '$lib/components/entry/Fold.svelte';
	import SmallForm from '$lib/components/entry/SmallForm.svelte';
	import CauseBar from '$lib/components/why/CauseBar.svelte';
	import SignTiles from '$lib/components/why/SignTiles.svelte';
	import {
		askedClues,
		bestTest,
		oneChange,
		rank,
		sureFrom,
		testOf,
		type ClueId
	} from '$lib/core/detective';
	import { capital, count } from '$lib/format/counted';
	import { changeWords, clueWords, testWords } from '$lib/format/why-words';
	import { lower, meaningOf, trustWords, whyAnswer } from './answer';
	import CaseHere from './CaseHere.svelte';
	import Rescue from './Rescue.svelte';
	import SeepDrawing from './SeepDrawing.svelte';
	import { changeTakes } from './takes';
	import type { PageProps } from './$types';
	let { data, form }: Pick<PageProps, 'data' | 'form'> = $props();
	const shown = 4;
	// A form starts from what was said; afterwards it belongs to the person ticking.
	// svelte-ignore state_referenced_locally
	let seen = $state(data.said.seen);
	// svelte-ignore state_referenced_locally
	let vain = $state(data.said.vain);
	// svelte-ignore state_referenced_locally
	let asked = $state([...data.said.asked] as ClueId[]);
	const evidence = $derived({
		...{ seen, vain, tested: data.tested, cases: data.hit.byCause },
		clues: [...data.clues, ...asked]
	});
	const ranked = $derived(rank(evidence));
	const telling = $derived(bestTest(ranked, data.tested));
	const change = $derived(oneChange(ranked));
	const minutes = $derived(telling ? testOf(telling.test) : undefined);
	const isSaid = $derived(seen.length + vain.length + data.tested.length > 0);
	const readings = [
		...['read-seep', 'count-worms', 'try-spade', 'read-bed-salt'],
		...['rate-vigour', 'smell-bed', 'time-standing-water']
	];
	const href = $derived(`/beds/${encodeURIComponent(data.bed.name)}`);
</script>

<Answer
	title="What ails {data.bed.name}"
	answer={whyAnswer({ bed: data.bed.name, isSaid }, ranked, telling)}
	crumbs={[
		{ label: 'Beds', href: '/beds' },
		{ label: data.bed.name, href }
	]}
>
	{#snippet reason()}<p>
			{capital(count(seen.length, 'sign seen', 'signs seen'))}, {count(
				vain.length,
				'sign',
				'signs'
			)}
			looked for in vain, and what the books know. {trustWords(data.hit)}
		</p>{/snippet}
</Answer>

<div class="sheet">
	<div class="min-w-0">
		{#if data.open}<CaseHere open={data.open} actId={data.ids.close} {form} />{/if}
		<Form name="case" method="get" sent={form}>
			<div class="grid gap-x-8 lg:grid-cols-2">
				<div>
					<h2 class="text-xl">What you see</h2>
					<p class="scripted quiet mb-2 text-sm">
						Tap once: seen. Twice: looked for, not there. A third time takes it back.
					</p>
					<SignTiles bind:seen bind:vain />
				</div>
				<div>
					<h2 class="mb-2 text-xl">What it may be</h2>
					{#each ranked.slice(0, shown) as one, i (one.cause)}<CauseBar
							ranked={one}
							lead={i === 0}
						/>{/each}
					<Fold name="all-causes" label="All of them">
						{#each ranked.slice(shown) as one (one.cause)}<CauseBar ranked={one} />{/each}
					</Fold>
					<h2 class="mt-6 text-lg">The books add</h2>
					<ul>
						{#each data.clues as clue (clue)}<li>{clueWords[clue]}</li>{/each}
					</ul>
					<p class="quiet mt-2">What only you know:</p>
					{#each askedClues as clue (clue)}<label class="flex min-h-11 items-center gap-3"
							><input
								type="checkbox"
								class="checkbox"
								name="asked"
								value={clue}
								bind:group={asked}
							/>{clueWords[clue]}</label
						>{/each}
					<noscript><button class="btn mt-2 min-h-12 btn-outline">Weigh it</button></noscript>
				</div>
			</div>
			<div class="mt-4 grid gap-x-8 gap-y-4 border-t-2 border-base-content pt-3 lg:grid-cols-2">
				<div>
					<h2 class="text-lg">The test that tells most</h2>
					{#if telling && minutes}
						<p class="font-semibold">
							{testWords[telling.test].does}, {count(
								minutes.minutes,
								'minute',
								'minutes'
							)}{minutes.days > 0 ? ` and ${count(minutes.days, 'day', 'days')} to wait` : ''}.
						</p>
						{#each meaningOf(telling) as says (says)}<p>{says}</p>{/each}
						<input type="hidden" name="test" value={telling.test} />
						<div class="mt-2 flex flex-wrap gap-3">
							<button
								class="btn min-h-12 btn-outline"
								formmethod="post"
								formaction="?/test"
								name="so"
								value="yes">It was {lower(testWords[telling.test].so)}</button
							>
							<button
								class="btn min-h-12 btn-outline"
								formmethod="post"
								formaction="?/test"
								name="so"
								value="no">It was {lower(testWords[telling.test].not)}</button
							>
						</div>
					{:else}<p>
							{(ranked[0]?.probability ?? 0) >= sureFrom
								? 'None is worth its minutes: the first is as good as sure.'
								: 'No test parts the two in front: the change beside it helps what it can.'}
						</p>{/if}
				</div>
				<div>
					<h2 class="text-lg">One change, nothing else</h2>
					<p>
						<span class="font-semibold">{changeWords[change]}</span>{changeTakes(
							change,
							data.bed.area,
							data.system
						)}.
					</p>
					<p class="quiet">
						Two changes at once teach nothing: if it helps, you will not know which did.
					</p>
					{#if !data.open}
						<ActFoot actId={data.ids.case} label="Keep the case, change this" quiet={!isSaid} />
					{/if}
				</div>
			</div>
		</Form>
		<Rescue
			steps={data.rescue}
			bed={data.bed.name}
			run={data.run}
			ids={data.ids}
			{form}
			system={data.system}
		/>
		<section class="mt-8">
			<h2 class="text-xl">Readings of its ground</h2>
			{#if data.seeps.length > 0}<SeepDrawing seeps={data.seeps} system={data.system} />{/if}
			{#each readings as verb (verb)}<SmallForm
					{verb}
					actId="{data.ids.small}-{verb}"
					sent={form}
				/>{/each}
		</section>
	</div>
	<aside class="min-w-0">
		<h2 class="text-lg">Cases here</h2>
		{#if data.others.length === 0}<p class="quiet">None was kept yet.</p>{/if}
		<ul>
			{#each data.others as one (one.actId)}<li class="border-b border-base-300 py-2">
					<strong>{one.bed}, {one.opened}</strong>
					<span class="block">{one.cause}</span>
					<span class="quiet block text-sm">{one.came}</span>
				</li>{/each}
		</ul>
	</aside>
</div>
