<script lang="ts">
	import { limits } from '$lib/input/limits';
	import Say from '$lib/components/answer/Say.svelte';
	import ActFoot from '$lib/components/entry/ActFoot.svelte';
	import Field from '$lib/components/entry/Field.svelte';
	import type { Sent } from '$lib/components/entry/form-here';
	import Form from '$lib/components/entry/Form.svelte';
	import type { Estimate, Input, System } from '$lib/core/units';
	import { sayRange } from '$lib/format/figure';
	import { slipped } from '$lib/format/sentence';
	/** A measure of this char, filled, dried and weighed: its own density replaces the usual one. */
	let {
		char,
		actId,
		form,
		system
	}: {
		char: { readonly code: string; readonly state: string; readonly density: Estimate };
		actId: string;
		form: Sent | null;
		system: System | undefined;
	} = $props();
	const sources: Readonly<Record<Input['origin'], string>> = {
		measured: 'weighed from this lot',
		own: 'from your own samples of this wood',
		typed: 'as typed',
		computed: 'carried over from what it was made of',
		default: 'a published range: nobody has weighed it'
	};
	const origin = $derived(char.density.from[0]?.origin ?? 'default');
</script>

<details class="mt-6" open={form?.form === 'sample'}>
	<summary class="inline-flex min-h-11 cursor-pointer items-center underline"
		>Weigh a measure of it</summary
	>
	<Form name="sample" sent={form} limits={limits.sample} class="max-w-xl pb-4">
		<p class="quiet mb-3 text-sm">
			Its density is <Say
				sentence={[slipped(sayRange({ ...char.density, unit: 'kg/L' }, system), 'Density')]}
			/>, {sources[origin]}. Fill a measure, strike it off, dry it through, weigh it: what is left
			of {char.code} is then weighed anew; what has moved on keeps the figure it went with.
		</p>
		<div class="form-grid">
			<Field label="The measure, its volume" name="sampleVolume" hint="Own measures too" />
			<Field label="Dried, it weighs" name="sampleMass" />
		</div>
		<ActFoot {actId} label="Keep its density" />
	</Form>
</details>
