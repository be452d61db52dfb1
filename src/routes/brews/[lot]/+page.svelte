<script lang="ts">
	import { limits } from '$lib/input/limits';
	import Answer from '$lib/components/answer/Answer.svelte';
	import BooksLinks from '$lib/components/answer/BooksLinks.svelte';
	import Caution from '$lib/components/answer/Caution.svelte';
	import BrewCutaway from '$lib/components/cutaway/BrewCutaway.svelte';
	import ActFoot from '$lib/components/entry/ActFoot.svelte';
	import Field from '$lib/components/entry/Field.svelte';
	import Tiles from '$lib/components/entry/Tiles.svelte';
	import Form from '$lib/components/entry/Form.svelte';
	import { recipeOf } from '$lib/core/brews';
	import { materialOf } from '$lib/core/materials';
	import { sayMoment } from '$lib/format/dates';
	import { plain, say } from '$lib/format/figure';
	import { brewWords, smellWords } from '$lib/format/rooms/brews';
	import { capital } from '$lib/format/words';
	import { brewAnswer } from '../answer';
	import BrewClock from './BrewClock.svelte';
	import ShareOut from './ShareOut.svelte';
	let { data, form } = $props();
	const system = $derived(data.system);
	const brew = $derived(data.brew);
	const recipe = $derived(recipeOf(brew.recipe));
	const of = (name: string) => (form?.form === name ? form : undefined);
	const isThere = $derived(brew.volume_ml > 0);
	const mayPour = $derived(isThere && data.held === undefined);
	let smell = $state(of('smell')?.values.smell ?? '');
	const smells = Object.entries(smellWords).map(([value, { name, means }]) => ({
		value,
		label: name,
		means
	}));
</script>

<Answer
	title={brew.code}
	answer={brewAnswer(
		{ code: brew.code, state: data.state, window: data.window, volume_ml: brew.volume_ml },
		data.almanac
	)}
	crumbs={[{ label: 'Brews', href: '/brews' }]}
>
	{#snippet reason()}
		<p>
			{capital(brew.name)} in {data.drawing?.vessel ?? 'a pail'}, set going {sayMoment(
				brew.startedAt_ms,
				data.almanac
			)} at {say(brew.temperature_c, '°C', system)}. {brew.stoppedAt_ms === null
				? `Once the pump stops it keeps ${plain(recipe.keepsHours[0], 0)} to ${plain(recipe.keepsHours[1], 0)} hours at ${say(20, '°C', system)}.`
				: `Its pump was stopped ${sayMoment(brew.stoppedAt_ms, data.almanac)}.`}
			{#if data.held !== undefined}Held because: {data.held}.{/if}
		</p>
	{/snippet}
</Answer>

<div class="sheet">
	<div class="min-w-0">
		<div class="grid gap-6 md:grid-cols-[16rem_1fr]">
			{#if data.drawing}<BrewCutaway {...data.drawing} {system} />{/if}
			<div class="min-w-0">
				<h2 class="text-lg">Its clock</h2>
				<BrewClock window={data.window} warmth={data.warmth} almanac={data.almanac} {system} />
				{#if isThere}
					<Form name="smell" sent={form} class="mt-4">
						<Tiles legend="Now smell it" name="smell" bind:value={smell} options={smells} />
						<p class="quiet mt-1 text-sm">An aired brew that stinks has failed.</p>
						<ActFoot
							actId={data.ids.smell}
							label="So it smells"
							quiet={data.state === 'ripe'}
							noted={false}
						/>
					</Form>
				{/if}
			</div>
		</div>
		{#if mayPour}
			<div class="mt-6">
				<ShareOut
					recipe={brew.recipe}
					held_l={brew.volume_ml / 1000}
					beds={data.beds}
					actId={data.ids.drench}
					{form}
					almanac={data.almanac}
					{system}
					measures={data.measures}
				/>
			</div>
		{/if}
		{#if data.drenches.length > 0}
			<section class="mt-6">
				<h2 class="mb-1 text-lg">Where it went</h2>
				<table class="ledger-table">
					<thead
						><tr
							><th>bed</th><th class="num">brew, {system === 'us' ? 'gal' : 'L'}</th><th class="num"
								>at</th
							><th>when</th></tr
						></thead
					>
					<tbody>
						{#each data.drenches as drench (drench.actId)}<tr>
								<td
									><a class="underline" href="/beds/{encodeURIComponent(drench.bed)}"
										>{drench.bed}</a
									></td
								>
								<td class="num">{say(drench.brew_l, 'L', system)}</td>
								<td class="num">1 : {plain(drench.parts, 1)}</td>
								<td>{sayMoment(drench.at_ms, data.almanac)}</td>
							</tr>{/each}
					</tbody>
				</table>
			</section>
		{/if}
	</div>
	<aside>
		<h2 class="mb-1 text-lg">What went in</h2>
		<ul class="mb-5">
			<li class="border-b border-base-300 py-2">
				<strong>{say(data.wentIn.water_l, 'L', system)}</strong> rain water
			</li>
			<li class="border-b border-base-300 py-2">
				<strong>{say(data.wentIn.partner_l, 'L', system)}</strong>
				{materialOf(data.wentIn.partner).name}{#if data.wentIn.partnerCode},
					<a class="underline" href="/stock/{data.wentIn.partnerCode}">{data.wentIn.partnerCode}</a
					>{/if}, in a bag{#if data.wentIn.asked_l !== null}<span class="quiet block text-sm"
						>the recipe’s middle is {say(data.wentIn.asked_l, 'L', system)}</span
					>{/if}
			</li>
		</ul>
		{#if data.smells.length > 0}
			<h2 class="mb-1 text-lg">What noses said</h2>
			<ul class="mb-5">
				{#each data.smells as one (one.actId)}<li class="border-b border-base-300 py-2">
						<strong>{smellWords[one.smell].name}</strong>
						<span class="quiet block text-sm"
							>{sayMoment(one.at_ms, data.almanac)}, {one.person}</span
						>
					</li>{/each}
			</ul>
		{/if}
		{#if isThere}
			<Form name="temp" sent={form} limits={limits.temperature} class="mb-4">
				<Field
					label="It is now, {system === 'us' ? '°F' : '°C'}"
					name="temperature"
					inputmode="decimal"
				/>
				<ActFoot actId={data.ids.temp} label="Keep the reading" quiet noted={false} />
			</Form>
			{#if brew.stoppedAt_ms === null}
				<Form name="stop" sent={form} class="mb-4">
					<ActFoot actId={data.ids.stop} label="The pump is off" quiet noted={false} />
				</Form>
			{/if}
			<details open={of('pour') !== undefined}>
				<summary class="min-h-11 cursor-pointer content-center underline">Pour it out</summary>
				<Form name="pour" sent={form} limits={limits.takeAway}>
					<input type="hidden" name="how" value="dispose" />
					<Field label="How much" name="taken" hint="Empty: all that is left" />
					<Field label="Where to, and why" name="takenReason" />
					<ActFoot actId={data.ids.pour} label="It is poured out" quiet noted={false} />
				</Form>
			</details>
		{/if}
		<Caution
			>What multiplies here may hold germs: not on parts that are eaten raw, gloves, and wash your
			hands. {brewWords[data.state] === 'failed' ? 'This one goes on a heap.' : ''}</Caution
		>
		<BooksLinks code={brew.code} />
	</aside>
</div>
