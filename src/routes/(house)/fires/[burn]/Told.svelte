<script lang="ts">
	import { paceOf } from '$lib/core/fires';
	import type { System } from '$lib/core/units';
	import { sayMoment, type Almanac } from '$lib/format/dates';
	import { baselineWords, quenchWords, troubleWords } from '$lib/format/burn-words';
	import { joined, plain, say, show } from '$lib/format/figure';
	import { count, list } from '$lib/format/words';
	import Fold from '$lib/components/entry/Fold.svelte';
	import type { PageData } from './$types';
	/** Whether it was a good burn by one's own others, how it went, and another beside it. */
	let {
		record,
		outcome,
		own,
		others,
		beside,
		code,
		almanac,
		system
	}: {
		record: NonNullable<PageData['line']['burn']['record']>;
		outcome: NonNullable<PageData['line']['outcome']>;
		/** How it stands among one's own others. */
		own: PageData['own'];
		/** To be laid beside it. */
		others: PageData['others'];
		beside: PageData['beside'];
		code: string;
		almanac: Almanac;
		system: System | undefined;
	} = $props();
	const told = $derived(record.told);
	const pace = $derived(paceOf(told, record.quenchedAt_ms, record.charLitres));
	const percent = (value: number) => joined(show({ value, unit: 'share' }, system));
	const verdicts = {
		'as-usual': 'as usual for you',
		above: 'better than your usual',
		below: 'worse than your usual'
	};
	const rows = $derived(
		[
			['Lit', told.lit_ms === undefined ? '' : sayMoment(told.lit_ms, almanac)],
			[
				'Took',
				pace
					? `${plain(pace.minutes, 0)} min, ${plain(pace.minutesPer100L, 0)} for ${say(100, 'L', system)} of char${pace.minutesPerLayer === undefined ? '' : `, a layer each ${plain(pace.minutesPerLayer, 0)}`}`
					: ''
			],
			[
				'Hottest',
				told.hottest
					? `${say(told.hottest.c, '°C', system)}, by ${told.hottest.by === 'gun' ? 'gun, at the surface' : 'probe, in the bed'}`
					: ''
			],
			['Put out', told.quench ? quenchWords[told.quench] : ''],
			[
				'Filled',
				told.fills === undefined ? '' : `${count(told.fills, 'time', 'times')} over the char`
			],
			[
				'Fuel outside',
				told.outer_kg === undefined ? '' : `${say(told.outer_kg, 'kg', system)}, as it lay`
			],
			['Gas burnt', told.gas_min === undefined ? '' : `${plain(told.gas_min, 0)} min`],
			['Wind', told.wind ?? ''],
			['At it', told.people ?? ''],
			['Went wrong', told.troubles ? list(told.troubles.map((one) => troubleWords[one])) : ''],
			['Bones in the load', told.bones === undefined ? '' : percent(told.bones)],
			['Else', told.baseline ? `the wood would have become ${baselineWords[told.baseline]}` : '']
		].filter(([, words]) => words)
	);
	const compared = $derived(
		beside
			? ([
					['Char', say(record.charLitres, 'L', system), say(beside.record.charLitres, 'L', system)],
					['Dry', say(record.charKg, 'kg', system), say(beside.record.charKg, 'kg', system)],
					['Yield', percent(outcome.massYield), percent(beside.outcome.massYield)],
					['Brands', percent(outcome.brandsShare), percent(beside.outcome.brandsShare)],
					[
						'Water',
						record.water_l === null ? '–' : say(record.water_l, 'L', system),
						beside.record.water_l === null ? '–' : say(beside.record.water_l, 'L', system)
					],
					[
						'Smoke',
						record.smoke_min === null ? '–' : `${record.smoke_min} min`,
						beside.record.smoke_min === null ? '–' : `${beside.record.smoke_min} min`
					]
				] as const)
			: undefined
	);
</script>

{#if own && record.woodFrom !== 'reckoned'}<p class="mb-4">
		Against {count(own.n, 'earlier burn', 'earlier burns')} of yours, {percent(own.low)} to {percent(
			own.high
		)} with a mean of {percent(own.mean)}, it is <strong>{verdicts[own.verdict]}</strong>.
	</p>{/if}
{#if record.woodFrom === 'reckoned'}<p class="mb-4">
		Its wood was in no stack: it is worked back from the char, and says nothing of a yield.
	</p>{/if}
{#if rows.length > 0}<dl class="mb-4 grid grid-cols-[8rem_1fr] gap-y-1">
		{#each rows as [label, words] (label)}<dt class="quiet">{label}</dt>
			<dd>{words}</dd>{/each}
	</dl>{/if}
{#if compared && beside}
	<h2 class="mb-1 text-lg">Beside {beside.code}</h2>
	<table class="ledger-table mb-4 max-w-lg">
		<thead
			><tr
				><th><span class="sr-only">What was told</span></th><th class="num">{code}</th><th
					class="num"
					><a class="underline" href="/fires/{beside.code}">{beside.code}</a> {beside.vessel}</th
				></tr
			></thead
		>
		<tbody>
			{#each compared as [label, here, there] (label)}<tr
					><td>{label}</td><td class="num">{here}</td><td class="num">{there}</td></tr
				>{/each}
		</tbody>
	</table>
{:else if others.length > 0}<Fold name="beside" label="Lay another burn beside it" class="mb-4">
		<form method="get" class="flex flex-wrap items-end gap-3">
			<label class="block"
				><span class="block font-semibold">The other</span>
				<select name="with" class="select mt-1 min-h-12 border-base-content/60 bg-base-200">
					{#each others as other (other.code)}<option value={other.code}
							>{other.code}, {percent(other.massYield)}</option
						>{/each}
				</select></label
			>
			<button class="btn min-h-12 btn-outline">Compare</button>
		</form>
	</Fold>{/if}
