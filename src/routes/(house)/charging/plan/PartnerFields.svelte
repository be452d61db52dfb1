<script lang="ts">
	import { choiceText } from '$lib/input/chosen';
	import { inLitres } from '$lib/core/units';
	import Choice from '$lib/components/entry/Choice.svelte';
	import Field from '$lib/components/entry/Field.svelte';
	import Taps from '$lib/components/entry/Taps.svelte';
	import { nitrogenLimits, type School } from '$lib/core/charging';
	import { materialOf } from '$lib/core/materials';
	import type { System } from '$lib/core/units';
	import { plain, say } from '$lib/format/figure';
	import { capital } from '$lib/format/words';
	import { partnerFor, partnersOf, type ChargeEntry, type ChargeYard } from './reckoning';
	/** What the char is charged with, how much of it, in which tub and how warm. */
	let {
		entry = $bindable(),
		school,
		data,
		system
	}: {
		entry: ChargeEntry;
		school: School;
		data: ChargeYard & {
			readonly otherTubs?: { readonly n: number; readonly href: string } | undefined;
		};
		system: System | undefined;
	} = $props();
	const { full, wanted, most } = nitrogenLimits;
	const usualN = [full, wanted, most].map((n) => ({ value: String(n), label: String(n) }));
	const isSoak = $derived(school.kind === 'soak');
	const usualRatios = $derived(
		[...new Set(Object.values(school.partnerPerChar))]
			.sort((a, b) => a - b)
			.map((parts) => ({ value: String(Number(parts.toFixed(3))), label: plain(parts, 2) }))
	);
	const liquids = $derived([
		{ value: 'rain-water', label: 'Rain water' },
		...data.stock
			.filter(({ material }) => school.liquids.includes(material))
			.map((lot) => ({
				value: choiceText({ lot: lot.code, stuff: lot.material }),
				label: `${lot.code} ${lot.name}, ${say(inLitres(lot.volume_ul), 'L', system)} left`
			})),
		...school.liquids.map((id) => ({
			value: id as string,
			label: `${capital(materialOf(id).name)}, brought in now`
		}))
	]);
	const options = $derived([
		...data.stock
			.filter(({ material }) => partnersOf(entry.school).includes(material))
			.map((lot) => ({
				value: choiceText({ lot: lot.code, stuff: lot.material }),
				label: `${lot.code} ${lot.name}, ${say(inLitres(lot.volume_ul), 'L', system)} left`
			})),
		...partnersOf(entry.school).map((id) => ({
			value: id as string,
			label: `${materialOf(id).name}, brought in now`
		}))
	]);
	// A school brings its own partners; one that no longer fits gives way to the first that does.
	const partner = $derived(partnerFor(school.id, entry, data.stock));
</script>

<div class="form-grid">
	<div class="sm:col-span-2">
		<Choice
			label="Partner"
			name="partner"
			bind:value={() => partner, (value) => (entry.partner = value)}
			{options}
		/>
	</div>
	{#if school.partnerBy === 'nitrogen'}
		<div>
			<Field
				label="Mineral N wanted, g per kg dry char"
				name="wantedN"
				inputmode="decimal"
				bind:value={entry.wantedN}
			/>
			<Taps label="Usual amounts of nitrogen" bind:value={entry.wantedN} options={usualN} />
		</div>
	{:else if school.partnerBy === 'ratio'}
		<div>
			<Field
				label="Parts of partner to 1 of char, by volume"
				name="ratio"
				inputmode="decimal"
				bind:value={entry.ratio}
				hint="Usual {plain(school.partnerPerChar.usual, 2)}, from {plain(
					school.partnerPerChar.low,
					2
				)} to {plain(school.partnerPerChar.high, 1)}"
			/>
			<Taps label="Usual parts of partner" bind:value={entry.ratio} options={usualRatios} />
		</div>
	{/if}
	{#if isSoak}
		<Choice
			label="Tub"
			name="tub"
			rest={data.otherTubs}
			bind:value={entry.tub}
			options={data.tubs.map((tub) => ({
				value: tub.name,
				label: `${tub.name}, ${say(tub.capacity_l, 'L', system)}${tub.holds ? `, holds ${tub.holds}` : ''}`
			}))}
			hint={data.tubs.length ? '' : 'None measured yet'}
		/>
		{#if school.liquids.length > 0}<Choice
				label="Covered with"
				name="liquid"
				bind:value={entry.liquid}
				options={liquids}
			/>{/if}
	{/if}
	<Field
		label="How warm it will stand"
		name="temperature"
		bind:value={entry.temperature}
		hint={system === 'us'
			? 'Biology halves its speed per 18 °F fall; none below 39 °F'
			: 'Biology halves its speed per 10 °C fall; none below 4 °C'}
	/>
</div>
{#if isSoak}
	<p class="mt-3">
		<a class="inline-block min-h-11 content-center underline" href="/vessels/new?usedFor=tub"
			>Measure a tub</a
		>
	</p>
{/if}
