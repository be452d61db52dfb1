<script lang="ts">
	import ActFoot from '$lib/components/entry/ActFoot.svelte';
	import Choice from '$lib/components/entry/Choice.svelte';
	import Field from '$lib/components/entry/Field.svelte';
	import { materialOf, materials } from '$lib/core/materials';
	import type { System } from '$lib/core/units';
	import { sayMoment, type Almanac } from '$lib/format/dates';
	import { say } from '$lib/format/figure';
	import { capital } from '$lib/format/words';
	import type { ActionData, PageData } from './$types';
	/** What is done with a batch while it works: stirred, topped up, moved, split, joined. */
	let {
		data,
		form,
		almanac,
		system
	}: { data: PageData; form: ActionData; almanac: Almanac; system: System | undefined } = $props();
	const of = (name: string) => (form?.form === name ? form : undefined);
	const factWords: Readonly<Record<string, string>> = {
		stirred: 'stirred',
		turned: 'turned',
		'topped-up': 'topped up',
		drained: 'drained',
		moved: 'moved',
		joined: 'joined with another',
		split: 'split'
	};
	const additions = $derived([
		...data.stock.map(({ code, name, volume_ml }) => ({
			value: `lot:${code}`,
			label: `${code} ${name}, ${say(volume_ml / 1000, 'L', system)} left`
		})),
		...materials.map(({ id }) => ({
			value: id as string,
			label: id === 'rain-water' ? 'Rain water' : `${capital(materialOf(id).name)}, brought in now`
		}))
	]);
	const vessels = $derived([
		{ value: '', label: 'A heap, sack or bin' },
		...data.tubs.map((name) => ({ value: name, label: name }))
	]);
	const others = $derived(data.others.map((code) => ({ value: code, label: code })));
</script>

<h2 class="mt-8 mb-1 text-xl">While it works</h2>
{#if data.facts.length > 0}<ul class="mb-2">
		{#each data.facts as fact (fact.actId)}<li class="border-b border-base-300 py-1">
				<strong>{capital(factWords[fact.fact] ?? fact.fact)}</strong>
				{sayMoment(fact.at_ms, almanac)}, {fact.person}
			</li>{/each}
	</ul>{/if}
<form method="post" action="?/tend" class="my-3 flex flex-wrap gap-3">
	<input type="hidden" name="actId" value={of('tend')?.values.actId || data.ids.tend} />
	<button class="btn min-h-12 btn-outline" name="how" value="stirred">Log a stirring</button>
	<button class="btn min-h-12 btn-outline" name="how" value="turned">Log a turning</button>
</form>
<details open={of('topUp') !== undefined}>
	<summary class="inline-flex min-h-11 cursor-pointer items-center underline">Top it up</summary>
	<form method="post" action="?/topUp" class="grid gap-3 pb-4">
		<p class="quiet text-sm">A test made before does not hold afterwards.</p>
		<Choice
			label="With"
			name="add"
			value={of('topUp')?.values.add ?? 'rain-water'}
			error={of('topUp')?.errors.add ?? of('topUp')?.errors.from}
			options={additions}
		/>
		<Field
			label="How much really went in"
			name="amount"
			value={of('topUp')?.values.amount ?? ''}
			error={of('topUp')?.errors.amount}
			hint={system === 'us' ? 'Like 2 gal or 12 lb' : 'Like 8 L or 5 kg'}
		/>
		<ActFoot
			actId={data.ids.topUp}
			action="?/topUp"
			label="Log the topping up"
			values={of('topUp')?.values}
			errors={of('topUp')?.errors ?? {}}
			quiet
		/>
	</form>
</details>
<details open={of('move') !== undefined}>
	<summary class="inline-flex min-h-11 cursor-pointer items-center underline">Move it</summary>
	<form method="post" action="?/move" class="grid gap-3 pb-4">
		<Choice
			label="Where it stands now"
			name="vessel"
			value={of('move')?.values.vessel ?? ''}
			error={of('move')?.errors.vessel}
			options={vessels}
		/>
		<ActFoot
			actId={data.ids.move}
			action="?/move"
			label="Log the move"
			values={of('move')?.values}
			errors={of('move')?.errors ?? {}}
			quiet
		/>
	</form>
</details>
<details open={of('split') !== undefined}>
	<summary class="inline-flex min-h-11 cursor-pointer items-center underline">Split it</summary>
	<form method="post" action="?/split" class="grid gap-3 pb-4">
		<Field
			label="The part that goes on by itself"
			name="part"
			value={of('split')?.values.part ?? ''}
			error={of('split')?.errors.part}
			hint={system === 'us' ? 'Like 8 gal or half of it' : 'Like 30 L or half of it'}
		/>
		<ActFoot
			actId={data.ids.split}
			action="?/split"
			label="Split it"
			values={of('split')?.values}
			errors={of('split')?.errors ?? {}}
			quiet
		/>
	</form>
</details>
{#if others.length > 0}
	<details open={of('join') !== undefined}>
		<summary class="inline-flex min-h-11 cursor-pointer items-center underline"
			>Put it into another of its kind</summary
		>
		<form method="post" action="?/join" class="grid gap-3 pb-4">
			<p class="quiet text-sm">The later of the two dates holds then, and tests lapse.</p>
			<Choice
				label="Into"
				name="into"
				value={of('join')?.values.into ?? others[0]?.value ?? ''}
				error={of('join')?.errors.into ?? of('join')?.errors.code}
				options={others}
			/>
			<Field
				label="How much of it"
				name="part"
				value={of('join')?.values.part ?? ''}
				error={of('join')?.errors.part}
				hint="Empty: all"
			/>
			<ActFoot
				actId={data.ids.join}
				action="?/join"
				label="Join them"
				values={of('join')?.values}
				errors={of('join')?.errors ?? {}}
				quiet
			/>
		</form>
	</details>
{/if}
