<script lang="ts">
	import Answer from '$lib/components/answer/Answer.svelte';
	import ActFoot from '$lib/components/entry/ActFoot.svelte';
	import Choice from '$lib/components/entry/Choice.svelte';
	import Field from '$lib/components/entry/Field.svelte';
	import Form from '$lib/components/entry/Form.svelte';
	import OwnResults from '$lib/components/trials/OwnResults.svelte';
	import AdviceScale from '$lib/components/why/AdviceScale.svelte';
	import { chargedWords, oftenWords, stuffNames, weighedWords } from '$lib/format/advice-words';
	import type { PageProps } from './$types';
	let { data, form }: Pick<PageProps, 'data' | 'form'> = $props();
	const read = $derived(data.read);
</script>

<Answer title="Advice" answer={data.answer} crumbs={[{ label: 'Trials', href: '/trials' }]}>
	{#snippet reason()}
		{#if read}
			{#each read.faults as fault (fault)}<p class="font-semibold">{fault}</p>{/each}
			<p>For {read.on}, {read.weighed}. {read.beside}</p>
		{:else}<p>
				“A cup and a half to the foot, never fails.” Write it down as you heard it: it is taken
				apart, set beside the schools and your own beds, and kept with who says so.
			</p>{/if}
	{/snippet}
</Answer>

<div class="sheet">
	<div class="min-w-0">
		<Form name="keep" method="get" sent={form} known={data.known} class="grid gap-3">
			<Field
				label="What was said"
				name="heard"
				hint="Like: ten pounds of char to a hundred feet, works every time"
			/>
			{#if data.beds.length > 0}<Choice
					label="For which bed"
					name="forBed"
					options={data.beds.map((name) => ({ value: name, label: name }))}
				/>{/if}
			{#if read && read.ways.length > 1}<Choice
					label="As it is meant"
					name="taken"
					options={read.ways}
				/>{/if}
			{#if data.asks}
				<div class="form-grid">
					{#if data.asks.stuff.length > 0}<Choice
							label="Of what"
							name="ofStuff"
							options={[
								{ value: '', label: 'it does not say' },
								...data.asks.stuff.map((value) => ({ value, label: stuffNames[value] }))
							]}
						/>{/if}
					{#if data.asks.often.length > 0}<Choice
							label="How often"
							name="howOften"
							options={[
								{ value: '', label: 'it does not say' },
								...data.asks.often.map((value) => ({ value, label: oftenWords[value] }))
							]}
						/>{/if}
					{#if data.asks.charged.length > 0}<Choice
							label="Charged or raw"
							name="rawOrCharged"
							options={[
								{ value: '', label: 'it does not say' },
								...data.asks.charged.map((value) => ({ value, label: chargedWords[value] }))
							]}
						/>{/if}
					{#if data.asks.weighed.length > 0}<Choice
							label="Weighed"
							name="weighed"
							options={[
								{ value: '', label: 'it does not say: taken as dry' },
								...data.asks.weighed.map((value) => ({ value, label: weighedWords[value] }))
							]}
						/>{/if}
				</div>
			{/if}
			<p>
				<button class="btn min-h-12 btn-outline" data-sveltekit-noscroll>Take it apart</button>
			</p>
			{#if read}
				{#if read.missing.length > 0}
					<h2 class="mt-3 text-xl">What it does not say</h2>
					<ul class="-mt-2">
						{#each read.missing as says (says)}<li>{says}</li>{/each}
					</ul>
				{/if}
				{#if read.bases.length > 0}
					<h2 class="mt-3 text-xl">The same in every basis</h2>
					<dl class="grid max-w-lg grid-cols-[1fr_auto] gap-x-6">
						{#each read.bases as { basis, says } (basis)}
							<dt class="border-b border-base-300 py-2">{basis}</dt>
							<dd class="border-b border-base-300 py-2 text-right font-semibold">{says}</dd>
						{/each}
					</dl>
				{/if}
				{#if read.scale.length > 0}
					<h2 class="mt-3 text-xl">Where it stands</h2>
					<AdviceScale rows={read.scale} unit="Litres on a square metre" />
					<OwnResults results={data.own} />
				{/if}
				<h2 class="mt-3 text-xl">Keep it as a school of yours</h2>
				<div class="form-grid">
					<Field label="Who says so" name="who" />
					<Choice label="On what ground" name="ground" options={data.grounds} />
				</div>
				<ActFoot actId={data.actId} label="Keep it" />
			{/if}
		</Form>
	</div>
	<aside class="min-w-0">
		<h2 class="text-lg">Heard so far</h2>
		{#if data.kept.length === 0}<p class="quiet">Nothing was kept yet.</p>{/if}
		<ul>
			{#each data.kept as one (one.name)}<li class="border-b border-base-300 py-2">
					<strong>“{one.text}”</strong>
					<span class="block">{one.says}</span>
					<span class="quiet block text-sm">{one.ground}; {one.came}</span>
				</li>{/each}
		</ul>
		{#if data.kept.length > 0}
			<Form name="judge" sent={form} class="mt-4 grid gap-3">
				<h3 class="text-lg">It was tried</h3>
				<Choice
					label="Which"
					name="advice"
					options={data.kept.map(({ name, text }) => ({ value: name, label: text.slice(0, 24) }))}
				/>
				<Choice
					label="Did it help"
					name="helped"
					options={[
						{ value: 'yes', label: 'Yes' },
						{ value: 'no', label: 'No' },
						{ value: 'unclear', label: 'It can’t be told' }
					]}
				/>
				<Field label="What came of it" name="cameOf" />
				<ActFoot actId={data.judgeId} label="Keep what came of it" quiet noted={false} />
			</Form>
		{/if}
	</aside>
</div>
