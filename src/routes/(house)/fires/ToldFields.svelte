<script lang="ts">
	import Choice from '$lib/components/entry/Choice.svelte';
	import Field from '$lib/components/entry/Field.svelte';
	import { formHere } from '$lib/components/entry/form-here';
	import { baselineWords, quenchWords, troubleWords } from '$lib/format/burn-words';
	/** What people note of a fire beside its measures; all of it may stay empty. */
	const form = formHere();
	const names = [
		'litAt',
		'layers',
		'hottest',
		'wind',
		'people',
		'quench',
		'hoseMinutes',
		'fills',
		'outerFuel',
		'gasMinutes',
		'troubles',
		'bones'
	];
	const open = $derived(names.some((name) => form.values[name] || form.errors[name]));
	const ticked = $derived((form.values.troubles ?? '').split('\n'));
	const options = (words: Readonly<Record<string, string>>) =>
		Object.entries(words).map(([value, label]) => ({ value, label }));
</script>

<details class="mt-4" {open}>
	<summary class="inline-flex min-h-11 cursor-pointer items-center font-semibold underline"
		>What else was noted</summary
	>
	<div class="form-grid mt-2">
		<Field
			label="Lit at"
			name="litAt"
			type="datetime-local"
			hint="The end is when it was quenched"
		/>
		<Field label="Layers or fillings" name="layers" inputmode="decimal" />
		<Field label="Hottest that was read" name="hottest" />
		<Choice
			label="Read with"
			name="hottestBy"
			options={[
				{ value: 'gun', label: 'an infrared gun: the surface' },
				{ value: 'probe', label: 'a probe: the bed' }
			]}
		/>
		<Choice
			label="Put out"
			name="quench"
			options={[{ value: '', label: 'as usual for its way' }, ...options(quenchWords)]}
		/>
		<Field label="Minutes of hose" name="hoseMinutes" inputmode="decimal" />
		<Field label="What the hose gives a minute" name="hoseRate" />
		<Field
			label="Times it was filled"
			name="fills"
			inputmode="decimal"
			hint="Water over the char, let out, and again"
		/>
		<Field
			label="Fuel burnt around a retort, by weight"
			name="outerFuel"
			hint="It counts in the yield overall"
		/>
		<Field label="Minutes its gas burnt" name="gasMinutes" inputmode="decimal" />
		<Field label="Wind" name="wind" hint="Such as: light from the west" />
		<Field label="Who was at it" name="people" />
		<Field
			label="Bones in the load, %"
			name="bones"
			inputmode="decimal"
			hint="They bring phosphorus"
		/>
		<Choice
			label="The wood would have become"
			name="baseline"
			options={options(baselineWords)}
			hint="Smoke spared and carbon kept are counted against that"
		/>
	</div>
	<fieldset class="mt-3">
		<legend class="font-semibold">What went wrong, if anything</legend>
		<div class="flex flex-wrap gap-x-6">
			{#each options(troubleWords) as { value, label } (value)}<label
					class="flex min-h-12 items-center gap-3"
					><input
						type="checkbox"
						class="checkbox"
						name="troubles"
						{value}
						checked={ticked.includes(value)}
					/>{label}</label
				>{/each}
		</div>
	</fieldset>
</details>
