<script lang="ts">
	import ActFoot from '$lib/components/entry/ActFoot.svelte';
	import Choice from '$lib/components/entry/Choice.svelte';
	import Field from '$lib/components/entry/Field.svelte';
	import Form from '$lib/components/entry/Form.svelte';
	import type { Sent } from '$lib/components/entry/form-here';
	import { woodClasses } from '$lib/core/woodyard';
	import { wetnessWords } from '$lib/format/words';
	import { limits } from '$lib/input/limits';
	/** Char with no fire here: bought, given, or through livestock. */
	let {
		actId,
		form,
		currency
	}: { actId: string; form: Sent | null; currency: string | undefined } = $props();
</script>

<details open={form?.form === 'charIn'}>
	<summary class="inline-flex min-h-11 cursor-pointer items-center underline"
		>Take in char that was bought or given</summary
	>
	<Form
		name="charIn"
		sent={form}
		known={{ wetness: 'dry', wood: 'mixed' }}
		limits={limits.charIn}
		class="grid gap-3 pb-4"
	>
		<p class="quiet text-sm">
			By volume, by weight, or both: of both its own density follows. Dry and dusty char is wetted
			before it is handled, with a mask on.
		</p>
		<Choice
			label="How it came"
			name="origin"
			options={[
				{ value: 'bought', label: 'bought' },
				{ value: 'given', label: 'given' },
				{ value: 'through-livestock', label: 'through livestock: an origin, no dose' }
			]}
		/>
		<Field label="Volume" name="volume" />
		<Field label="Weight as sold" name="weight" />
		<Field
			label="Water, % of that weight"
			name="water"
			inputmode="decimal"
			hint="Of the sheet; empty: as wet as it looks"
		/>
		<Choice
			label="How wet it is"
			name="wetness"
			options={Object.entries(wetnessWords).map(([value, label]) => ({ value, label }))}
		/>
		<Choice
			label="How it lies"
			name="state"
			options={[
				{ value: 'crushed', label: 'crushed or ground' },
				{ value: 'whole', label: 'in whole pieces' }
			]}
		/>
		<Choice
			label="Made of"
			name="wood"
			options={woodClasses.map(({ id, name }) => ({ value: id, label: name }))}
		/>
		<Field label="Largest grain, mm" name="grain" inputmode="decimal" />
		<Field label="Ash by its sheet, %" name="sheetAsh" inputmode="decimal" />
		<Field label="pH by its sheet" name="sheetPh" inputmode="decimal" />
		<Field label={currency ? `Price, ${currency}` : 'Price'} name="price" inputmode="decimal" />
		<Field label="Whose, which batch" name="words" />
		<Field label="What you call it" name="name" />
		<ActFoot {actId} label="Take it in" quiet />
	</Form>
</details>
