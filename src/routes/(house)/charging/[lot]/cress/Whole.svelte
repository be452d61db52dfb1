<script lang="ts">
	import Answer from '$lib/components/answer/Answer.svelte';
	import ActFoot from '$lib/components/entry/ActFoot.svelte';
	import Field from '$lib/components/entry/Field.svelte';
	import Form from '$lib/components/entry/Form.svelte';
	import { sayMoment } from '$lib/format/dates';
	import { plain, say } from '$lib/format/figure';
	import { amountIn } from '$lib/input/read-field';
	import { limits } from '$lib/input/limits';
	import { cressAnswer, cressOf, type CressEntry } from './answer';
	import Dishes from './Dishes.svelte';
	import type { PageProps } from './$types';
	let { data, form }: Pick<PageProps, 'data' | 'form'> = $props();
	const names = [
		'germinated',
		'seeds',
		'root',
		'controlGerminated',
		'controlSeeds',
		'controlRoot'
	] as const;
	// svelte-ignore state_referenced_locally
	let entry = $state<CressEntry>({
		germinated: form?.values.germinated ?? '',
		seeds: form?.values.seeds ?? '25',
		root: form?.values.root ?? '',
		controlGerminated: form?.values.controlGerminated ?? '',
		controlSeeds: form?.values.controlSeeds ?? '25',
		controlRoot: form?.values.controlRoot ?? ''
	});
	const cress = $derived(cressOf(entry, (text) => amountIn(text, limits.cress, data)));
	const cressLimits = Object.fromEntries(names.map((name) => [name, limits.cress]));
	const errors = $derived(form?.errors ?? {});
</script>

<Answer
	title="Cress test of {data.code}"
	answer={cressAnswer(data.code, cress)}
	crumbs={[
		{ label: 'Charging', href: '/charging' },
		{ label: data.code, href: `/charging/${data.code}` }
	]}
>
	{#snippet reason()}<p class="max-w-prose">
			Shake one part of {data.code} in five of rain water, let it settle, wet a pad with it; a second
			pad with the same water alone. 20 seeds of cress or more on each, dark, about {say(
				25,
				'°C',
				data.system
			)}, two or three days. Then count, and measure the roots of those that came up.
		</p>{/snippet}
</Answer>

<Form id="form" name="test" sent={form} limits={cressLimits} class="sheet">
	<div>
		<Dishes {cress} />
		<input type="hidden" name="passed" value="by-cress" />
		{#if errors.cress}<p class="font-semibold text-error" role="alert">{errors.cress}</p>{/if}
		<div class="mt-4 grid gap-x-8 sm:grid-cols-2">
			<fieldset>
				<legend class="mb-1 text-lg font-semibold">In the extract</legend>
				<div class="grid grid-cols-3 gap-3">
					<Field
						label="Came up"
						name="germinated"
						inputmode="decimal"
						bind:value={entry.germinated}
					/>
					<Field label="of seeds" name="seeds" inputmode="decimal" bind:value={entry.seeds} />
					<Field label="Root, mm" name="root" inputmode="decimal" bind:value={entry.root} />
				</div>
			</fieldset>
			<fieldset>
				<legend class="mb-1 text-lg font-semibold">In water alone</legend>
				<div class="grid grid-cols-3 gap-3">
					<Field
						label="Came up"
						name="controlGerminated"
						inputmode="decimal"
						bind:value={entry.controlGerminated}
					/>
					<Field
						label="of seeds"
						name="controlSeeds"
						inputmode="decimal"
						bind:value={entry.controlSeeds}
					/>
					<Field
						label="Root, mm"
						name="controlRoot"
						inputmode="decimal"
						bind:value={entry.controlRoot}
					/>
				</div>
			</fieldset>
		</div>
		<ActFoot actId={data.actId} label="Log the cress test" />
	</div>
	<aside>
		<h2 class="mb-1 text-lg">How it is judged</h2>
		<p class="text-sm">
			Share that came up × mean root, over the same in water, × 100 (Zucconi et al. 1981). Above 80
			it is good; 50 to 80, wait; below 50 it harms. Void where fewer than 85 % came up in plain
			water, or of fewer than 20 seeds.
		</p>
		{#if data.before.length > 0}<h2 class="mt-4 mb-1 text-lg">Before</h2>
			<ul class="text-sm">
				{#each data.before as test (test.actId)}<li class="border-b border-base-300 py-1">
						{sayMoment(test.at_ms, data.almanac)}: {test.germinationIndex === undefined
							? 'void'
							: plain(test.germinationIndex, 0)}
					</li>{/each}
			</ul>{/if}
	</aside>
</Form>
