<script lang="ts">
	import { inLitres } from '$lib/core/units';
	import ActFoot from '$lib/components/entry/ActFoot.svelte';
	import Choice from '$lib/components/entry/Choice.svelte';
	import Field from '$lib/components/entry/Field.svelte';
	import Form from '$lib/components/entry/Form.svelte';
	import type { Sent } from '$lib/components/entry/form-here';
	import { minutes } from '$lib/core/time';
	import type { System } from '$lib/core/units';
	import { sayMoment, type Almanac } from '$lib/format/dates';
	import { say, sayRange } from '$lib/format/figure';
	import { wetnessWords } from '$lib/format/words';
	import { limits } from '$lib/input/limits';
	import type { PageData } from './$types';
	/** The day as it was set down, written up: what each barrel gave, each a fire of its own. */
	let {
		kept,
		stacks,
		actId,
		form,
		almanac,
		system
	}: {
		kept: NonNullable<PageData['kept']>;
		stacks: PageData['stacks'];
		actId: string;
		form: Sent | null;
		almanac: Almanac;
		system: System | undefined;
	} = $props();
	const tips = $derived(
		kept.timetable.steps
			.filter(({ stage }) => stage === 'tip')
			.sort((a, b) => a.from - b.from)
			.map((step) => ({ ...step, at_ms: kept.startsAt_ms + minutes(step.from) }))
	);
	const said = (barrel: string) => {
		const each = usual.get(barrel);
		return each ? sayRange({ ...each, unit: 'L' }, system) : 'unknown';
	};
	const usual = $derived(new Map(kept.day.barrels.map(({ name, litres }) => [name, litres])));
	const charLimits = $derived(
		Object.fromEntries(
			tips.map(({ barrel, round }) => [`char:${barrel}:${round}`, limits.burn.char])
		)
	);
</script>

<Form
	name="record"
	sent={form}
	known={{ wetness: 'quench-wet' }}
	limits={{ ...charLimits, each: limits.load.part }}
	class="mt-10 max-w-3xl"
>
	<h2 class="mb-1 text-xl">Write the day up</h2>
	<p class="quiet mb-3">
		Set down for {sayMoment(kept.startsAt_ms, almanac)}. Each barrel becomes a fire of its own, with
		its own checks; leave out what did not burn.
	</p>
	<div class="form-grid">
		<Choice
			label="Loaded from"
			name="stack"
			also="loads"
			options={stacks.map(({ code, name, volume_ul }) => ({
				value: code,
				label: `${code} ${name}, ${say(inLitres(volume_ul), 'L', system)}`
			}))}
		/>
		<Field label="Into each barrel" name="each" hint="As it fills the barrel" />
		<Choice
			label="How wet the char is"
			name="wetness"
			options={Object.entries(wetnessWords).map(([value, label]) => ({ value, label }))}
		/>
	</div>
	<div class="form-grid mt-3">
		{#each tips as { barrel, round, at_ms } (barrel + round)}
			<div>
				<Field
					label="{barrel}, round {round + 1}"
					name="char:{barrel}:{round}"
					hint="Usually {said(barrel)}; tipped {sayMoment(at_ms, almanac)}"
				/>
				<input type="hidden" name="at:{barrel}:{round}" value={at_ms} />
			</div>
		{/each}
	</div>
	<ActFoot {actId} label="Write these fires down" noted={false} />
</Form>
