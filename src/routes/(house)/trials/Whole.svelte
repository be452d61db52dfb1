<script lang="ts">
	import Answer from '$lib/components/answer/Answer.svelte';
	import Pager from '$lib/components/answer/Pager.svelte';
	import ActFoot from '$lib/components/entry/ActFoot.svelte';
	import Choice from '$lib/components/entry/Choice.svelte';
	import Field from '$lib/components/entry/Field.svelte';
	import Form from '$lib/components/entry/Form.svelte';
	import StripLadder from '$lib/components/trials/StripLadder.svelte';
	import { trialLimits } from '$lib/input/limits-of-trials';
	import type { PageProps } from './$types';
	let { data, form }: Pick<PageProps, 'data' | 'form'> = $props();
</script>

<Answer title="Trials" answer={data.answer}>
	{#snippet reason()}
		<p>
			One pot beside another says little: pots differ. A trial has a control, several of each, and
			an order that chance drew; then it can say what it shows, and what it does not.
		</p>
		<p class="mt-3">
			<a class="btn min-h-12 text-base btn-primary" href="/trials/plan">Plan a trial</a>
			<a class="ml-4 inline-flex min-h-12 items-center underline" href="/advice"
				>What does an advice mean here?</a
			>
		</p>
	{/snippet}
</Answer>

<ul class="max-w-3xl">
	{#each data.lines as line (line.code)}
		<li class="thing-row grid min-h-16 grid-cols-[1fr_auto] items-center gap-x-6 gap-y-1 py-2">
			<span>
				<a class="row-link font-semibold" href="/trials/{line.code}">{line.question}</a>
				{line.code}
				<span class="quiet block">{line.says}. {line.kind}</span>
			</span>
			<span class="text-right">
				<strong class="block">{line.isOver ? 'over' : 'runs'}</strong>
				<span class="quiet text-sm">{line.looked}</span>
			</span>
		</li>
	{/each}
</ul>
<Pager
	page={data.page}
	pages={data.pages}
	label="More trials"
	href={(page) => `/trials?page=${page}`}
/>

<section class="mt-8 max-w-3xl">
	<h2 class="text-xl">Strips left as they were</h2>
	<p class="mb-2">
		{data.strips.answer}.
		{#if data.strips.n > 0}One grower’s pairs, and not blind.{/if}
	</p>
	{#if data.strips.n > 0}
		<StripLadder
			rungs={data.strips.rows.map(({ bed, day, percent }) => ({ name: `${bed}, ${day}`, percent }))}
			label="Treated beside untreated: {data.strips.rows
				.map(({ bed, day, percent }) => `${bed} ${day} ${percent} percent`)
				.join(', ')}"
		/>
		<table class="ledger-table mt-3">
			<thead
				><tr
					><th>Bed</th><th>Day</th><th>What</th><th class="num">Untreated</th><th class="num"
						>Treated</th
					></tr
				></thead
			>
			<tbody
				>{#each data.strips.rows as row (row.actId)}<tr
						><td>{row.bed}</td><td>{row.day}</td><td>{row.measure}</td><td class="num"
							>{row.untreated}</td
						><td class="num">{row.treated}</td></tr
					>{/each}</tbody
			>
		</table>
	{/if}
	{#if data.offer}
		<Form
			id="leave"
			name="leave"
			sent={form}
			known={{ weeks: '8' }}
			limits={{ weeks: trialLimits.weeks }}
			class="mt-4"
		>
			<h3 class="text-lg">Leave one on {data.offer.bed}</h3>
			<p>
				Chance has drawn {data.offer.where}. Doses pass over it until its one look; then both are
				read once.
			</p>
			<input type="hidden" name="bed" value={data.offer.bed} />
			<div class="max-w-xs">
				<Field label="Weeks to its look" name="weeks" inputmode="decimal" />
			</div>
			<ActFoot actId={data.leaveId} label="Leave it so" quiet noted={false} />
		</Form>
	{/if}
	{#if data.beds.length > 0}
		<Form
			id="look"
			name="strip"
			sent={form}
			known={data.looksAt ? { bed: data.looksAt } : {}}
			class="mt-6"
		>
			<h3 class="text-lg">Look at a strip</h3>
			{#each data.waiting as { bed, day } (bed)}<p>{bed} waits for its look, {day}.</p>{/each}
			<div class="form-grid">
				<Choice
					label="Bed"
					name="bed"
					options={data.beds.map((name) => ({ value: name, label: name }))}
				/>
				<Choice label="Read as" name="measure" options={data.measures} value="score" />
				<Field label="Untreated" name="untreated" inputmode="decimal" />
				<Field label="Treated" name="treated" inputmode="decimal" />
			</div>
			<ActFoot actId={data.actId} label="Keep this look" />
		</Form>
	{/if}
</section>
