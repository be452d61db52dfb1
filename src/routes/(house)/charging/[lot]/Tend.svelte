<script lang="ts">
	import { inLitres } from '$lib/core/units';
	import { limits } from '$lib/input/limits';
	import ActFoot from '$lib/components/entry/ActFoot.svelte';
	import Choice from '$lib/components/entry/Choice.svelte';
	import Field from '$lib/components/entry/Field.svelte';
	import Fold from '$lib/components/entry/Fold.svelte';
	import Form from '$lib/components/entry/Form.svelte';
	import SmallForm from '$lib/components/entry/SmallForm.svelte';
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
		'mucked-out': 'mucked out: it composts from that day',
		'topped-up': 'topped up',
		drained: 'drained',
		moved: 'moved',
		joined: 'joined with another',
		split: 'split'
	};
	const additions = $derived([
		...data.stock.map(({ code, name, volume_ul }) => ({
			value: `lot:${code}`,
			label: `${code} ${name}, ${say(inLitres(volume_ul), 'L', system)} left`
		})),
		...materials.map(({ id }) => ({
			value: id as string,
			label: id === 'rain-water' ? 'Rain water' : `${capital(materialOf(id).name)}, brought in now`
		}))
	]);
	const tendings = $derived([
		'stir',
		'turn',
		'moisten',
		...(data.line.charge.school === 'bedding' &&
		!data.facts.some(({ fact }) => fact === 'mucked-out')
			? ['muck-out']
			: [])
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
<div class="my-3 flex flex-wrap gap-3">
	{#each tendings as verb (verb)}<SmallForm
			{verb}
			actId="{data.ids.tend}-{verb}"
			sent={form}
		/>{/each}
</div>
<SmallForm verb="read-temperature" actId="{data.ids.tend}-temp" sent={form} />
<Fold name="topUp" label="Top it up" open={of('topUp') !== undefined}>
	<Form name="topUp" sent={form} known={{ add: 'rain-water' }} class="grid gap-3 pb-4">
		<p class="quiet text-sm">A test made before does not hold afterwards.</p>
		<Choice label="With" name="add" also="from" options={additions} rest={data.rest.stock} />
		<Field
			label="How much really went in"
			name="amount"
			hint={system === 'us' ? 'Like 2 gal or 12 lb' : 'Like 8 L or 5 kg'}
		/>
		<ActFoot actId={data.ids.topUp} label="Log the topping up" quiet />
	</Form>
</Fold>
<Fold name="move" label="Move it" open={of('move') !== undefined}>
	<Form name="move" sent={form} class="grid gap-3 pb-4">
		<Choice label="Where it stands now" name="vessel" options={vessels} rest={data.rest.tubs} />
		<ActFoot actId={data.ids.move} label="Log the move" quiet />
	</Form>
</Fold>
<Fold name="split" label="Split it" open={of('split') !== undefined}>
	<Form name="split" sent={form} limits={limits.batch} class="grid gap-3 pb-4">
		<Field label="The part that goes on by itself" name="part" />
		<ActFoot actId={data.ids.split} label="Split it" quiet />
	</Form>
</Fold>
{#if others.length > 0}
	<Fold name="join" label="Put it into another of its kind" open={of('join') !== undefined}>
		<Form name="join" sent={form} limits={limits.batch} class="grid gap-3 pb-4">
			<p class="quiet text-sm">The later of the two dates holds then, and tests lapse.</p>
			<Choice label="Into" name="into" also="code" options={others} rest={data.rest.others} />
			<Field label="How much of it" name="part" hint="Empty: all" />
			<ActFoot actId={data.ids.join} label="Join them" quiet />
		</Form>
	</Fold>
{/if}
