<script lang="ts">
	import ActFoot from '$lib/components/entry/ActFoot.svelte';
	import Choice from '$lib/components/entry/Choice.svelte';
	import Field from '$lib/components/entry/Field.svelte';
	import Form from '$lib/components/entry/Form.svelte';
	import { qualityTests } from '$lib/core/char';
	import { qualityWords } from '$lib/format/charge-words';
	import { sayMoment } from '$lib/format/dates';
	import { wetnessWords } from '$lib/format/words';
	import { limits } from '$lib/input/limits';
	import { foundWords } from './answer';
	import type { ActionData, PageData } from './$types';
	/** Finishing: tried for quality, sieved, dried, brands picked out; each a finding with its day. */
	let { data, form }: { data: PageData; form: ActionData } = $props();
	const tried = [
		{ value: '', label: 'not tried' },
		{ value: 'yes', label: 'yes' },
		{ value: 'no', label: 'no' }
	];
</script>

<h2 class="mt-8 mb-1 text-xl">Finish it</h2>
{#if data.found.length > 0}<ul class="mb-2 max-w-prose">
		{#each data.found as one (one.actId)}<li class="border-b border-base-300 py-1">
				<strong>{foundWords(one.found)}</strong>
				{sayMoment(one.at_ms, data.almanac)}, {one.person}
			</li>{/each}
	</ul>{/if}
<details open={form?.form === 'quality'}>
	<summary class="inline-flex min-h-11 cursor-pointer items-center underline"
		>Is it char for soil? Try it</summary
	>
	<Form
		name="quality"
		sent={form}
		limits={{
			slurryPh: limits.charIn.sheetPh,
			ashLeft: limits.charIn.sheetAsh,
			hottestSeen: limits.told.hottest
		}}
		class="max-w-xl pb-4"
	>
		<p class="quiet mb-2 text-sm">
			Some call only hot, fully gassed-off char fit for soil, some all clean char, some only what
			was put out with water. Here the tests decide: clean is for soil; tarry goes back into a fire
			or a heap.
		</p>
		<div class="form-grid">
			{#each qualityTests as test (test)}<Choice
					label={qualityWords[test]}
					name={test}
					options={tried}
				/>{/each}
			<Field
				label="pH of a slurry"
				name="slurryPh"
				inputmode="decimal"
				hint="One part dry char by weight in ten of rain water, after an hour"
			/>
			<Field
				label="Ash left when it is burnt off, %"
				name="ashLeft"
				inputmode="decimal"
				hint="Of 5 g or more, weighed to 0.01 g; rough"
			/>
			<Field label="Hottest that was seen in its fire" name="hottestSeen" />
		</div>
		<Choice
			label="Rinsed"
			name="rinsed"
			options={[
				{ value: '', label: 'no' },
				{ value: 'yes', label: 'yes: ash, potash and pH fall' }
			]}
		/>
		<ActFoot actId={data.findIds.quality} label="Keep what was tried" quiet />
	</Form>
</details>
<details open={form?.form === 'sieve'}>
	<summary class="inline-flex min-h-11 cursor-pointer items-center underline">Sieve it</summary>
	<Form
		name="sieve"
		sent={form}
		limits={{
			over20: limits.charIn.fraction,
			to20: limits.charIn.fraction,
			to10: limits.charIn.fraction,
			under2: limits.charIn.fraction
		}}
		class="max-w-xl pb-4"
	>
		<p class="quiet mb-2 text-sm">Dry weight of each fraction of a sample; an empty one is none.</p>
		<div class="form-grid">
			<Field label="Over 20 mm" name="over20" />
			<Field label="10 to 20 mm" name="to20" />
			<Field label="2 to 10 mm" name="to10" />
			<Field label="Under 2 mm" name="under2" />
		</div>
		<ActFoot actId={data.findIds.sieve} label="Keep the fractions" quiet />
	</Form>
</details>
<details open={form?.form === 'wetness'}>
	<summary class="inline-flex min-h-11 cursor-pointer items-center underline"
		>It has dried, or was wetted</summary
	>
	<Form
		name="wetness"
		sent={form}
		limits={{ weighedWet: limits.charIn.weight, weighedDry: limits.charIn.weight }}
		class="max-w-xl pb-4"
	>
		<p class="quiet mb-2 text-sm">
			Kept dry it may heat itself: only 48 h after the last passed check of its fire, cool to the
			core. Bought char that is dusty is wetted first.
		</p>
		<div class="form-grid">
			<Choice
				label="How wet it is now"
				name="wetness"
				options={Object.entries(wetnessWords).map(([value, label]) => ({ value, label }))}
			/>
			<Field label="A sample, as it lies" name="weighedWet" hint="Weighed; both or neither" />
			<Field label="The same, dried through" name="weighedDry" />
		</div>
		<ActFoot actId={data.findIds.wetness} label="Keep how wet it is" quiet />
	</Form>
</details>
<details open={form?.form === 'riddle'}>
	<summary class="inline-flex min-h-11 cursor-pointer items-center underline"
		>Pick out brands: back to a stack</summary
	>
	<Form name="riddle" sent={form} limits={limits.burn} class="max-w-xl pb-4">
		<Field
			label="Brands picked out"
			name="brands"
			hint="Pieces that did not char through; they burn again"
		/>
		<ActFoot actId={data.findIds.riddle} label="Put them on a stack" quiet />
	</Form>
</details>
