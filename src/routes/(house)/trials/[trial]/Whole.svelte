<script lang="ts">
	import Answer from '$lib/components/answer/Answer.svelte';
	import Choice from '$lib/components/entry/Choice.svelte';
	import ActFoot from '$lib/components/entry/ActFoot.svelte';
	import Field from '$lib/components/entry/Field.svelte';
	import Form from '$lib/components/entry/Form.svelte';
	import TrialGround from '$lib/components/trials/TrialGround.svelte';
	import TrialLayout from '$lib/components/trials/TrialLayout.svelte';
	import TrialLeftOver from '$lib/components/trials/TrialLeftOver.svelte';
	import TrialMeans from '$lib/components/trials/TrialMeans.svelte';
	import { giftLimit } from '$lib/input/treatings';
	import { say } from '$lib/format/figure';
	import type { PageProps } from './$types';
	let { data, form }: Pick<PageProps, 'data' | 'form'> = $props();
	const letter = (i: number) => String.fromCharCode(65 + i);
	const giftLimits = $derived(
		Object.fromEntries(data.gifts.map(({ n }) => [`per${n}`, giftLimit]))
	);
	const inCm = (m: number) => say(m * 100, 'cm', data.system);
</script>

<Answer title={data.code} answer={data.answer} crumbs={[{ label: 'Trials', href: '/trials' }]}>
	{#snippet reason()}
		<p>{data.code}: {data.question}{data.ended ? ` It was ended ${data.ended}.` : ''}</p>
		{#if data.outcomes[0]}<ul class="mt-1">
				{#each data.outcomes[0].beside as says (says)}<li>{says}</li>{/each}
			</ul>{/if}
		{#if !data.ended}<p class="mt-3">
				<a class="btn min-h-12 text-base btn-primary" href="/trials/{data.code}/round">Read them</a>
			</p>{/if}
	{/snippet}
</Answer>

<div class="sheet">
	<div class="min-w-0">
		{#each data.outcomes as outcome (outcome.measure)}
			<section class="mb-8">
				<h2 class="text-xl">What each gave: {outcome.measure}</h2>
				<p class="quiet mb-1">Every {data.unit}, and the mean with 95 % about it</p>
				<TrialMeans
					arms={outcome.means}
					ticks={outcome.ticks}
					label="{outcome.measure}: {outcome.means
						.map(({ name, says, n }) => `${name} ${says} of ${n}`)
						.join(', ')}"
				/>
				{#if outcome.rows.length > 0}
					<table class="ledger-table mt-3">
						<thead
							><tr
								><th>Against</th><th class="num">Difference</th><th class="max-sm:hidden"
									>95 %, all pairs at once</th
								><th class="num max-sm:hidden">Tukey–Kramer</th><th class="num max-sm:hidden"
									>Shuffled</th
								><th>So it is</th></tr
							></thead
						>
						<tbody
							>{#each outcome.rows as row (row.pair)}<tr
									><td>{row.pair}</td><td class="num">{row.difference}</td><td class="max-sm:hidden"
										>{row.interval}</td
									><td class="num max-sm:hidden">{row.tukey}</td><td class="num max-sm:hidden"
										>{row.shuffled}</td
									><td class={row.is === 'not shown' ? 'quiet' : 'font-semibold'}>{row.is}</td></tr
								>{/each}</tbody
						>
					</table>
					<p class="mt-2">{outcome.working} {outcome.area}</p>
					{#if outcome.trend}<p>{outcome.trend}</p>{/if}
					{#if outcome.reach}<p class="quiet">{outcome.reach}</p>{/if}
				{/if}
				{#if outcome.leftOver}<details class="mt-1">
						<summary class="inline-flex min-h-11 cursor-pointer items-center underline"
							>What is left over of each</summary
						>
						<p class="quiet">In walking order, above what its arm and row make of it or below.</p>
						<TrialLeftOver
							left={outcome.leftOver}
							label="Left over: {outcome.leftOver.map(({ n, says }) => `${n} ${says}`).join(', ')}"
						/>
					</details>{/if}
			</section>
		{/each}
		{#each data.seasons as { measure, rows, together } (measure)}
			<section class="mb-8">
				<h2 class="text-xl">Over its seasons: {measure}</h2>
				<ul>
					{#each rows as { season, says } (season)}<li class="border-b border-base-300 py-2">
							<strong>{season}</strong>
							{says}
						</li>{/each}
				</ul>
				{#each together as says (says)}<p class="mt-1">{says}</p>{/each}
				<p class="quiet mt-1">
					Together each counts once, whatever the seasons: by what it gave of each season’s mean.
				</p>
			</section>
		{/each}
		<section class="mb-8">
			<h2 class="text-xl">Where each stands</h2>
			{#if data.ground}
				<TrialGround
					ground={data.ground}
					units={data.units}
					perRow={data.arms.length}
					lost={data.lost}
				/>
				<p class="quiet mt-1">
					To scale, {data.ground.name}: {data.ground.isRound
						? `each pot ${inCm(data.ground.each.width_m)} across`
						: `each plot ${inCm(data.ground.each.length_m)} by ${inCm(data.ground.each.width_m)}, from the near end`}.
				</p>
			{:else}
				<TrialLayout
					units={data.units}
					perRow={data.arms.length}
					lost={data.lost}
					unit={data.unit}
				/>
			{/if}
			<ul class="mt-2">
				{#each data.arms as name, i (i)}
					{@const arm = data.held[i]}
					<li class="border-b border-base-300 py-2">
						<strong>{letter(i)}</strong>
						{name}{#if arm}: <a class="underline" href="/beds/{encodeURIComponent(arm.bed)}"
								>{arm.holds}</a
							>{#if arm.last}<span class="quiet block text-sm">last {arm.last}</span>{/if}{/if}
					</li>{/each}
			</ul>
			{#if data.held.length === 0}<p class="mt-2 max-w-prose">
					It stands on no bed or pots of the books: what its arms get counts nowhere.
				</p>{/if}
			<p class="mt-2">
				<a class="inline-flex min-h-11 items-center underline" href="/trials/{data.code}/data.csv"
					>Take the data</a
				>
				<button
					type="button"
					class="live-only ml-5 inline-flex min-h-11 items-center underline print:hidden"
					onclick={() => window.print()}>Print where each stands</button
				>
			</p>
			{#each data.life as says (says)}<p>{says}</p>{/each}
			<p class="quiet mt-1">
				{data.isDrawn ? `Drawn from seed ${data.seed}` : 'As one walked'}{data.differs
					? `; rows go from ${data.differs}`
					: ''}{data.bed ? `; ${data.bed}` : ''}.
			</p>
		</section>
	</div>
	<aside class="min-w-0">
		<h2 class="text-lg">How far to trust it</h2>
		<p>
			It is an {data.kind}{data.weak.length > 0
				? ', with these against it:'
				: ': nothing speaks against it.'}
		</p>
		<ul>
			{#each data.weak as says (says)}<li class="border-b border-base-300 py-2">{says}</li>{/each}
		</ul>
		{#if data.gifts.length > 0 && !data.ended}
			<Form name="treat" sent={form} limits={giftLimits} class="mt-6 print:hidden">
				<h2 class="text-lg">Give them what they get</h2>
				{#each data.gifts as gift (gift.n)}
					<div class="mt-2 grid grid-cols-2 gap-x-4">
						{#if gift.isWater}<p class="self-center">{gift.label}</p>
						{:else}<Choice label={gift.label} name="lot{gift.n}" options={gift.lots} />{/if}
						<Field label="Each gets" name="per{gift.n}" hint={gift.hint} />
					</div>
				{/each}
				<ActFoot actId={data.ids.treat} label="They have it" quiet />
			</Form>
		{/if}
		{#if !data.ended}
			<Form name="end" sent={form} class="mt-6">
				<h2 class="text-lg">Is it over?</h2>
				<Field label="Why it ends" name="why" hint="Also before its time: what was read stays" />
				<ActFoot actId={data.ids.end} label="It is over" quiet noted={false} />
			</Form>
		{/if}
		{#if data.unit === 'pot'}
			<Form name="move" sent={form} class="mt-6 print:hidden">
				<h2 class="text-lg">Do they stand elsewhere?</h2>
				<Field label="Where" name="where" hint="All of them, on one day" />
				<ActFoot actId={data.ids.move} label="They were moved" quiet noted={false} />
			</Form>
		{/if}
		<Form name="season" sent={form} class="mt-6 print:hidden">
			<h2 class="text-lg">Does it run on?</h2>
			<p>What is read from then on is of season {data.season + 1}.</p>
			<ActFoot actId={data.ids.season} label="Another season begins" quiet noted={false} />
		</Form>
	</aside>
</div>
