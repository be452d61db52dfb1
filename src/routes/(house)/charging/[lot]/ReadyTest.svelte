<script lang="ts">
	import ActFoot from '$lib/components/entry/ActFoot.svelte';
	import Field from '$lib/components/entry/Field.svelte';
	import Form from '$lib/components/entry/Form.svelte';
	import type { Sent } from '$lib/components/entry/form-here';
	import type { School } from '$lib/core/charging';
	import { checkWords } from '$lib/format/charge-words';
	import { limits } from '$lib/input/limits';
	/** What proves that it is ready: the checks of its school, ticked off one by one. */
	let {
		school,
		code,
		actId,
		form
	}: { school: School; code: string; actId: string; form: Sent | null } = $props();
	const sent = $derived(form?.form === 'test' ? form : undefined);
	const ticked = $derived((sent?.values.checks ?? '').split('\n'));
</script>

<Form name="test" sent={form} limits={{ ph: limits.testPh }} class="mt-8">
	<h2 class="mb-2 text-xl">Is it ready?</h2>
	<input type="hidden" name="passed" value="by-checks" />
	<fieldset>
		<legend class="font-semibold">Tick what is so; all of it must be</legend>
		{#each school.checks as check (check)}<label class="flex min-h-12 items-center gap-3"
				><input
					type="checkbox"
					class="checkbox shrink-0"
					name="checks"
					value={check}
					checked={ticked.includes(check)}
				/>{checkWords[check]}</label
			>{/each}
		<label class="flex min-h-12 items-center gap-3"
			><input
				type="checkbox"
				class="checkbox shrink-0"
				name="failed"
				checked={sent?.values.failed === 'on'}
			/>It failed</label
		>
		{#if sent?.errors.checks}<p class="font-semibold text-error">{sent.errors.checks}</p>{/if}
	</fieldset>
	<div class="form-grid mt-2">
		<Field
			label="pH, if you read it"
			name="ph"
			inputmode="decimal"
			hint="Of the liquid, or of a slurry in rain water"
		/>
	</div>
	<p class="mt-2">
		<a class="inline-block min-h-11 content-center underline" href="/charging/{code}/cress"
			>Try it on cress: the surer test</a
		>
	</p>
	<ActFoot {actId} label="Log the test" />
</Form>
