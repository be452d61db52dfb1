<script lang="ts">
	import { limitFields } from '$lib/components/entry/typing.svelte';
	import { limits } from '$lib/input/limits';
	import Say from '$lib/components/answer/Say.svelte';
	import ActFoot from '$lib/components/entry/ActFoot.svelte';
	import Field from '$lib/components/entry/Field.svelte';
	import type { Estimate, Input, System } from '$lib/core/units';
	import { sayRange } from '$lib/format/figure';
	import { slipped } from '$lib/format/sentence';
	/** A measure of this char, filled, dried and weighed: its own density replaces the usual one. */
	let {
		char,
		actId,
		values,
		errors,
		system
	}: {
		char: { readonly code: string; readonly state: string; readonly density: Estimate };
		actId: string;
		values: Readonly<Record<string, string>> | undefined;
		errors: Readonly<Record<string, string>>;
		system: System | undefined;
	} = $props();
	limitFields(limits.sample);
	const sources: Readonly<Record<Input['origin'], string>> = {
		measured: 'weighed from this lot',
		own: 'from your own samples of this wood',
		typed: 'as typed',
		computed: 'carried over from what it was made of',
		default: 'a published range: nobody has weighed it'
	};
	const origin = $derived(char.density.from[0]?.origin ?? 'default');
</script>

<details class="mt-6" open={Object.keys(errors).length > 0}>
	<summary class="inline-flex min-h-11 cursor-pointer items-center underline"
		>Weigh a measure of it</summary
	>
	<form method="post" action="?/sample" class="max-w-xl pb-4">
		<p class="quiet mb-3 text-sm">
			Its density is <Say
				sentence={[slipped(sayRange({ ...char.density, unit: 'kg/L' }, system), 'Density')]}
			/>, {sources[origin]}. Fill a measure, strike it off, dry it through, weigh it: what is left
			of {char.code} is then weighed anew; what has moved on keeps the figure it went with.
		</p>
		<div class="form-grid">
			<Field
				label="The measure, its volume"
				name="sampleVolume"
				value={values?.sampleVolume ?? ''}
				error={errors.sampleVolume}
				hint={system === 'us' ? 'Like 2 gal' : 'Like 10 L, or your own measure'}
			/>
			<Field
				label="Dried, it weighs"
				name="sampleMass"
				value={values?.sampleMass ?? ''}
				error={errors.sampleMass}
				hint={system === 'us' ? 'Like 3.5 lb' : 'Like 1.6 kg'}
			/>
		</div>
		<ActFoot {actId} action="?/sample" label="Keep its density" {values} {errors} />
	</form>
</details>
