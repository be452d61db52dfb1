<script lang="ts">
	import Answer from '$lib/components/answer/Answer.svelte';
	import Caution from '$lib/components/answer/Caution.svelte';
	import ActFoot from '$lib/components/entry/ActFoot.svelte';
	import Choice from '$lib/components/entry/Choice.svelte';
	import Field from '$lib/components/entry/Field.svelte';
	import Form from '$lib/components/entry/Form.svelte';
	import Tick from '$lib/components/entry/Tick.svelte';
	import WorkOut from '$lib/components/entry/WorkOut.svelte';
	import { kits, type Kit } from '$lib/core/fate';
	import { kitWords, pileWords } from '$lib/format/fate-words';
	import { say } from '$lib/format/figure';
	import { capital } from '$lib/format/words';
	import { pileRows } from '$lib/input/fate';
	import { limits } from '$lib/input/limits';
	import FateFan from './FateFan.svelte';
	import PileLine from './PileLine.svelte';
	import { fateAnswer } from './answer';
	import { placeOf, reckonFate } from './reckoning';
	import type { PageProps } from './$types';
	let { data, form }: Pick<PageProps, 'data' | 'form'> = $props();
	const system = $derived(data.system);
	// svelte-ignore state_referenced_locally
	const given: Readonly<Record<string, string>> = { ...data.asked, ...form?.values };
	const isExample = given.part1 === undefined && given.from === undefined;
	let touched = $state(false);
	// svelte-ignore state_referenced_locally
	const source = data.sources.find(({ code }) => given.from === `lot:${code}`);
	// svelte-ignore state_referenced_locally
	const start: Readonly<Record<string, string>> = {
		stuff1: source?.stuff ?? 'soft-tops',
		part1: source
			? `${Math.floor(source.left_l)} L`
			: isExample
				? data.system === 'us'
					? '15 gal'
					: '60 L'
				: '',
		...(given.part1 === undefined
			? Object.fromEntries(data.kit.map((one) => [`kit-${one}`, 'on']))
			: {})
	};
	// A form starts from what was sent; afterwards it belongs to the person typing.
	let entry: Record<string, string> = $state({ ...start, ...given });
	const yard = $derived({
		...{ measures: data.measures, timeZone: data.timeZone, now_ms: data.almanac.now_ms },
		...{ ownCrops: data.ownCrops, beds: data.beds, heaps: data.heaps },
		...{ vessels: data.vessels, sources: data.sources },
		...(system ? { system } : {})
	});
	const reckoned = $derived(reckonFate(entry, yard));
	const partOf = (row: number) => reckoned?.parts.find((part) => part.row === row);
	const filled = $derived(pileRows.findLastIndex((row) => (entry[`part${row}`] ?? '') !== '') + 2);
	const shown = $derived(pileRows.slice(0, Math.max(1, filled)));
	const hasBrew = $derived(reckoned?.parts.some((part) => placeOf(part) === 'vessel') ?? false);
	const isOn = (name: string) => entry[name] === 'on';
	const setOn = (name: string, is: boolean) => (entry[name] = is ? 'on' : '');
	const kitName = (one: Kit) => `kit-${one}`;
	const partLimits = Object.fromEntries(pileRows.map((row) => [`part${row}`, limits.fate.part]));
</script>

<Answer
	title="What becomes of this?"
	answer={fateAnswer(reckoned, data.almanac, system)}
	crumbs={[{ label: 'Mixes', href: '/mixes' }]}
>
	{#snippet reason()}<p>
			{isExample && !touched ? 'An example: put in what you have. ' : ''}Part a pile by what is in
			it or by what it is wanted for, a line each: what has a day comes first, and each line goes
			the first way that fits, unless you choose another.
		</p>{/snippet}
</Answer>

<Form
	id="form"
	name="begin"
	method="get"
	sent={form}
	limits={{ ...limits.fate, ...partLimits, amount: limits.fate.pile }}
	class="sheet"
>
	<div class="min-w-0" oninput={() => (touched = true)}>
		{#each shown as row (row)}
			<PileLine
				{row}
				part={partOf(row)}
				bind:entry
				isFirst={reckoned?.parts.length !== 1 && reckoned?.parts[0]?.row === row}
				{yard}
				beds={reckoned?.beds ?? []}
				almanac={data.almanac}
				{system}
			/>
		{/each}
		{#if reckoned}<p
				class="mt-3 border-t-2 border-base-content pt-2 font-semibold"
				aria-live="polite"
			>
				Placed {say(reckoned.sum.placed_l, 'L', system)} of {say(
					reckoned.litres,
					'L',
					system
				)}{reckoned.sum.left_l > 0.5
					? `; ${say(reckoned.sum.left_l, 'L', system)} still lie there`
					: ''}{reckoned.sum.over_l > 0.5
					? `; ${say(reckoned.sum.over_l, 'L', system)} too many`
					: ''}.
			</p>{/if}
		<details class="mt-3" open={!isExample}>
			<summary class="inline-flex min-h-11 cursor-pointer items-center underline"
				>Where it comes from, and what you have for it</summary
			>
			<div class="form-grid">
				<Choice
					label="It lies"
					name="from"
					bind:value={() => entry.from ?? '', (is) => (entry.from = is)}
					options={[
						{ value: '', label: 'On the ground' },
						...data.sources.map(({ code, name, left_l }) => ({
							value: `lot:${code}`,
							label: `${code} ${name}, ${say(left_l, 'L', system)}`
						}))
					]}
				/>
				<Field
					label="How much in all"
					name="amount"
					bind:value={() => entry.amount ?? '', (is) => (entry.amount = is)}
					hint="Empty: what the lines say"
				/>
				<Field
					label="From which crop"
					name="crop"
					bind:value={() => entry.crop ?? '', (is) => (entry.crop = is)}
					hint={reckoned?.family
						? `Of the ${reckoned.family} family: no mulch for its kin`
						: 'Its ills pass on to its kin'}
				/>
				<Field
					label="Hours you have"
					name="hours"
					inputmode="decimal"
					bind:value={() => entry.hours ?? '', (is) => (entry.hours = is)}
				/>
				<Field
					label="Nearest neighbour"
					name="neighbour"
					bind:value={() => entry.neighbour ?? '', (is) => (entry.neighbour = is)}
				/>
			</div>
			<fieldset class="mt-2 flex flex-wrap gap-x-8" aria-label="At hand">
				{#each kits as one (one)}<Tick
						name={kitName(one)}
						label={capital(kitWords[one])}
						bind:checked={() => isOn(kitName(one)), (is) => setOn(kitName(one), is)}
					/>{/each}
				<Tick
					name="mulched"
					label="The beds have their mulch"
					bind:checked={() => isOn('mulched'), (is) => setOn('mulched', is)}
				/>
				<Tick
					name="suspect"
					label="It may be ill, or sprayed"
					bind:checked={() => isOn('suspect'), (is) => setOn('suspect', is)}
				/>
			</fieldset>
		</details>
		{#if hasBrew}<div class="form-grid mt-2">
				<Field
					label="Warmth where it stands"
					name="warmth"
					bind:value={() => entry.warmth ?? '', (is) => (entry.warmth = is)}
					hint="Empty: 15 °C, a working assumption"
				/>
			</div>{/if}
		<WorkOut />
		<ActFoot actId={data.actId} label="Begin {shown.length > 2 ? 'all of it' : 'it'}" {system} />
	</div>
	<aside>
		{#if reckoned}
			<FateFan parts={reckoned.parts} almanac={data.almanac} {system} />
			{#each [...new Set(reckoned.parts.map(({ stuff }) => stuff))] as stuff (stuff)}
				{#if stuff === 'seedy-weeds'}<Caution
						>{capital(pileWords[stuff])} go only where it gets hot all through, or under water for months:
						a cool heap sows them.</Caution
					>{/if}
			{/each}
		{/if}
		{#if isOn('suspect')}<Caution
				>What was sprayed is tried with beans first; what is ill goes only where it gets hot all
				through.</Caution
			>{/if}
		<p class="quiet text-sm">
			{data.beds.length > 0
				? `Of the beds in the books ${data.beds.filter(({ isCovered }) => !isCovered).length} lie without a cover.`
				: ''} Beginning writes each line into its own room: a heap in its corner, a brew in its vessel,
			wood as a stack, mulch on a bed. All of it can be taken back at once.
		</p>
	</aside>
</Form>
