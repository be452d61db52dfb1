<script lang="ts">
	import Answer from '$lib/components/answer/Answer.svelte';
	import Caution from '$lib/components/answer/Caution.svelte';
	import Figures from '$lib/components/answer/Figures.svelte';
	import BlendBar from '$lib/components/chart/BlendBar.svelte';
	import ActFoot from '$lib/components/entry/ActFoot.svelte';
	import Choice from '$lib/components/entry/Choice.svelte';
	import Field from '$lib/components/entry/Field.svelte';
	import Form from '$lib/components/entry/Form.svelte';
	import LaidLines from '$lib/components/entry/LaidLines.svelte';
	import WorkOut from '$lib/components/entry/WorkOut.svelte';
	import { blendStuffs } from '$lib/core/mixes';
	import { plain, say, sayRange } from '$lib/format/figure';
	import { mixing } from '$lib/format/mix-words';
	import { money } from '$lib/format/money';
	import { slip } from '$lib/format/slip';
	import { rows } from '$lib/input/heaps';
	import { limits } from '$lib/input/limits';
	import Backwards from './Backwards.svelte';
	import { analysisWords, asWords, blendAnswer } from './answer';
	import { freshBlend, partOf } from './entry';
	import { reckonBlend } from './reckoning';
	import type { PageProps } from './$types';
	let { data, form }: Pick<PageProps, 'data' | 'form'> = $props();
	const system = $derived(data.system);
	// svelte-ignore state_referenced_locally
	const given = { ...data.asked, ...form?.values };
	// A form starts from what was sent; afterwards it belongs to the person typing.
	// svelte-ignore state_referenced_locally
	let entry = $state(freshBlend(given, data.system));
	let happenedAt = $state(given.happenedAt ?? '');
	const isExample = Object.keys(given).length === 0;
	let touched = $state(false);
	const yard = $derived({ ...data, ...(system ? { system } : {}) });
	const reckoned = $derived(reckonBlend(entry, yard));
	const asMoney = (amount: number) => money(amount, data.currency);
	const blend = $derived(reckoned?.blend);
	const slips = $derived(
		blend && reckoned
			? [
					slip('Weight', blend.mass, system),
					slip('Lies in', blend.volume, system),
					slip('N of a first season', blend.first.nitrogen, system),
					slip('Lime value', blend.lime, system)
				]
			: []
	);
	function take(parts: readonly { readonly stuff: string; readonly kg: number }[]) {
		touched = true;
		entry.stuff = rows.map((row) => parts[row - 1]?.stuff ?? '');
		entry.part = rows.map((row) => {
			const one = parts[row - 1];
			if (!one) return '';
			return partOf(one.kg, system);
		});
	}
	const rangeWords = $derived(
		(reckoned?.analysis ?? [])
			.map(({ low, high }) => `${plain(low * 100, 1)} to ${plain(high * 100, 1)}`)
			.join(', ')
	);
</script>

<Answer
	title="Plan a blend"
	answer={blendAnswer(entry, reckoned, system)}
	crumbs={[{ label: 'Mixes', href: '/mixes' }]}
>
	{#snippet reason()}<p>
			{isExample && !touched ? 'An example: put in what you have. ' : ''}{#if reckoned}As a range {rangeWords}
				% {asWords(entry.as)}; {plain(reckoned.own * 100, 0)} % of it is your own{reckoned.cost ===
				undefined
					? ''
					: `, the rest costs ${asMoney(reckoned.cost)}`}.{/if}
		</p>{/snippet}
</Answer>

<Form
	id="form"
	name="mix"
	method="get"
	sent={form}
	limits={{ ...limits.mix, measure: limits.mix.filledWith }}
	class="sheet"
>
	<div class="min-w-0" oninput={() => (touched = true)}>
		<input type="hidden" name="mixUse" value="feed" />
		<LaidLines
			bind:stuff={entry.stuff}
			bind:part={entry.part}
			stock={data.stock}
			materials={blendStuffs}
			label="What goes in"
			{system}
		/>
		<div class="form-grid mt-4">
			<Choice
				label="Phosphorus and potassium told as"
				name="as"
				bind:value={entry.as}
				options={[
					{ value: 'oxide', label: 'oxides, as bags do' },
					{ value: 'element', label: 'the elements' }
				]}
			/>
			<Field label="What you call it" name="name" hint="Like Spring mix" />
			<Field label="Measured once mixed" name="mixed" hint="Empty: 85 % of the parts" />
		</div>
		<WorkOut />
		<ActFoot actId={data.actId} label="It is mixed" {system} bind:happenedAt />
		<Backwards bind:entry {yard} money={asMoney} {take} />
	</div>
	<aside>
		{#if reckoned}
			<BlendBar
				parts={reckoned.parts}
				caption="{analysisWords(reckoned.analysis)} {asWords(
					entry.as
				)}: by weight, and what of each nutrient comes from which part."
			/>
			<Figures {slips} large={4} />
			{#if blend}<p class="mb-3">
					{sayRange({ ...blend.salts, unit: 'g' }, system)} of soluble salts in {say(
						1,
						'kg',
						system
					)}{reckoned.dresses_m2
						? `, ${say(Number(((blend.salts.value * blend.mass.value) / reckoned.dresses_m2).toPrecision(2)), 'g', system)} of them on a square metre at that dose`
						: ''}.
				</p>{/if}
			{#if blend && blend.salty > 0.2}<Caution
					>{plain(blend.salty * 100, 0)} % of it is salty: thin, and not on seedlings.</Caution
				>{/if}
			{#if reckoned.dresses_m2 !== undefined}<p class="mb-3">
					{say(
						Number((((blend?.mass.value ?? 0) * 1000) / reckoned.dresses_m2).toPrecision(2)),
						'g',
						system
					)} on a square metre bring the nitrogen asked for in a first season.
				</p>{/if}
			{#each reckoned.cautions as caution (caution.code)}<Caution
					>{mixing[caution.code]?.(caution.facts, system)}</Caution
				>{/each}
		{/if}
		<p class="quiet text-sm">
			A bag’s P and K are oxides unless it says otherwise: P₂O₅ is 2.29 times P, K₂O 1.20 times K.
		</p>
	</aside>
</Form>
