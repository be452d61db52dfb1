<script lang="ts">
	import { limits } from '$lib/input/limits';
	import { amountIn, partIn } from '$lib/input/read-field';
	import Caution from '$lib/components/answer/Caution.svelte';
	import Rule from '$lib/components/answer/Rule.svelte';
	import Say from '$lib/components/answer/Say.svelte';
	import Sourced from '$lib/components/answer/Sourced.svelte';
	import ActFoot from '$lib/components/entry/ActFoot.svelte';
	import Choice from '$lib/components/entry/Choice.svelte';
	import Field from '$lib/components/entry/Field.svelte';
	import type { Sent } from '$lib/components/entry/form-here';
	import Form from '$lib/components/entry/Form.svelte';
	import { judge } from '$lib/core/cautions';
	import { crushingRules, expectCrushed, judgeCrush } from '$lib/core/char';
	import { litres, litresOfPart, type Litres, type OwnMeasure, type System } from '$lib/core/units';
	import { joined, say, show } from '$lib/format/figure';
	import { slip } from '$lib/format/slip';
	import { slipped } from '$lib/format/sentence';
	import { wetnessWords } from '$lib/format/words';
	/** Crushing: what to expect, what was found, and whether that can be. */
	let {
		again = false,
		volume,
		actId,
		form,
		measures,
		system
	}: {
		/** A further pass. */
		again?: boolean;
		volume: Litres;
		actId: string;
		form: Sent | null;
		measures: readonly OwnMeasure[];
		system: System | undefined;
	} = $props();
	const context = $derived({ measures, ...(system ? { system } : {}) });
	const sent = $derived(form?.form === 'crush' ? form : undefined);
	// svelte-ignore state_referenced_locally
	let before = $state(sent?.values.before ?? '');
	// svelte-ignore state_referenced_locally
	let after = $state(sent?.values.after ?? '');
	const read = (text: string) => {
		const value = amountIn(text, limits.crush.after, context);
		return value === undefined ? undefined : litres(value);
	};
	const taken = $derived.by(() => {
		const part = partIn(before, limits.crush.before, context);
		return part === undefined ? volume : litres(Math.min(volume, litresOfPart(part, volume)));
	});
	const expectedSlip = $derived.by(() => {
		const made = slip('After crushing', expectCrushed(taken), system);
		return { ...made, text: made.range ?? made.text };
	});
	const crushed = $derived(read(after));
	const verdict = $derived(crushed === undefined ? undefined : judgeCrush(taken, crushed));
	const cautions = $derived(
		crushed === undefined
			? []
			: judge(crushingRules, { state: again ? 'crushed' : 'whole', before: taken, after: crushed })
	);
</script>

{#snippet pass()}<Form
		name="crush"
		sent={form}
		known={{ wetness: 'drained' }}
		limits={limits.crush}
	>
		<h2 class="mb-2 text-xl">{again ? 'Another pass' : 'Crush it'}</h2>
		<div class="mb-3 max-w-prose" aria-live="polite">
			{#if verdict}{joined(show({ value: verdict.packedAway, unit: 'share' }, system))} of the volume
				packs away{#if verdict.verdict === 'usual'}, as usual{:else if verdict.verdict === 'unusual'};
					<Rule room="crush" figure="usual">25–40 %</Rule> is usual{:else}: that can hardly be{/if}.
			{:else}Expect <Sourced slip={expectedSlip} /> from
				<Say sentence={[slipped(say(taken, 'L', system), 'Volume')]} />:
				<Rule room="crush" figure="usual">25–40 %</Rule> packs away and nothing is lost.{/if}
		</div>
		<Caution
			>Crush damp, never dry, with a P2 or N95 mask and goggles: char dust, and husk char above all,
			harms lungs.</Caution
		>
		<div class="form-grid">
			<Field
				label="Before"
				name="before"
				bind:value={before}
				hint="Empty: all {say(volume, 'L', system)}"
			/>
			<Field label="After crushing" name="after" bind:value={after} />
			<Choice
				label="How wet it is"
				name="wetness"
				options={Object.entries(wetnessWords).map(([value, label]) => ({ value, label }))}
			/>
		</div>
		<ActFoot {actId} label="Log it crushed" {cautions} {system} />
	</Form>{/snippet}

{#if again}<details open={sent !== undefined}>
		<summary class="inline-flex min-h-11 cursor-pointer items-center underline"
			>Crush it once more</summary
		>
		{@render pass()}
	</details>{:else}{@render pass()}{/if}
