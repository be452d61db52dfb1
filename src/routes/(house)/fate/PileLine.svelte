<script lang="ts">
	import Choice from '$lib/components/entry/Choice.svelte';
	import Field from '$lib/components/entry/Field.svelte';
	import { pileStuffs, pileUses, type Fate, type MulchBed } from '$lib/core/fate';
	import type { System } from '$lib/core/units';
	import { sayDay, type Almanac } from '$lib/format/dates';
	import {
		fateWords,
		kitWords,
		lackWords,
		pileWords,
		smellWords,
		useOfPile
	} from '$lib/format/fate-words';
	import { plain, say, sayRange } from '$lib/format/figure';
	import { capital, list } from '$lib/format/words';
	import type { PilePart, PileRow } from '$lib/input/fate';
	import { placeOf, type FateYard } from './reckoning';
	/** A part of a pile: what, how much, for what, by when; and the way it goes. */
	let {
		row,
		part,
		entry = $bindable(),
		isFirst,
		yard,
		beds,
		almanac,
		system
	}: {
		row: PileRow;
		part: PilePart | undefined;
		entry: Record<string, string>;
		/** It is wanted before the others. */
		isFirst: boolean;
		yard: FateYard;
		beds: readonly MulchBed[];
		almanac: Almanac;
		system: System | undefined;
	} = $props();
	const fits = $derived(part?.fates.filter(({ no }) => no === undefined) ?? []);
	const turned = $derived(part?.fates.filter(({ no }) => no !== undefined) ?? []);
	const place = $derived(part ? placeOf(part) : 'none');
	const lacking = ({ kit, lacks, takes_l }: Fate) =>
		[
			...(kit.length > 0 ? [`It still wants ${list(kit.map((one) => kitWords[one]))}.`] : []),
			...(lacks.includes('much') ? [`It takes ${say(takes_l, 'L', system)} at most.`] : []),
			...(lacks.includes('hours') ? [`${capital(lackWords.hours)}.`] : [])
		].join(' ');
	const told = ({ ready_ms, gives_l, hours, way }: Fate) =>
		`${sayDay(ready_ms[0], almanac)} to ${sayDay(ready_ms[1], almanac)}; gives ${sayRange(
			{
				...{ value: (gives_l[0] + gives_l[1]) / 2, low: gives_l[0], high: gives_l[1] },
				unit: 'L' as const
			},
			system
		)}; ${plain(hours, 1)} h of work; ${smellWords[way.smell]}`;
	/** A heap of that kind that stands takes more. */
	const corners = $derived.by(() => {
		const begins = part?.fate?.way.begins;
		return begins && 'heap' in begins ? yard.heaps.filter(({ way }) => way === begins.heap) : [];
	});
</script>

<fieldset class="mt-4 border-t border-base-300 pt-3" aria-label="Part {row}">
	<div class="grid gap-3 sm:grid-cols-[minmax(0,1.4fr)_7rem_minmax(0,0.8fr)_9.5rem]">
		<Choice
			label={row === 1 ? 'What' : `What, part ${row}`}
			name="stuff{row}"
			bind:value={() => entry[`stuff${row}`] ?? 'soft-tops', (is) => (entry[`stuff${row}`] = is)}
			options={pileStuffs.map((value) => ({ value, label: capital(pileWords[value]) }))}
		/>
		<Field
			label={row === 1 ? 'How much' : `Part ${row}`}
			name="part{row}"
			bind:value={() => entry[`part${row}`] ?? '', (is) => (entry[`part${row}`] = is)}
		/>
		<Choice
			label={row === 1 ? 'Wanted for' : `Part ${row} for`}
			name="use{row}"
			bind:value={() => entry[`use${row}`] ?? 'any', (is) => (entry[`use${row}`] = is)}
			options={pileUses.map((value) => ({ value, label: capital(useOfPile[value]) }))}
		/>
		<Field
			label={row === 1 ? 'Wanted by' : `Part ${row} by`}
			name="day{row}"
			type="date"
			bind:value={() => entry[`day${row}`] ?? '', (is) => (entry[`day${row}`] = is)}
		/>
	</div>
	{#if part}
		<div class="mt-3 grid gap-3 sm:grid-cols-2">
			<Choice
				label={row === 1 ? 'It goes' : `Part ${row} goes`}
				name="goes{row}"
				bind:value={() => entry[`goes${row}`] ?? '', (is) => (entry[`goes${row}`] = is)}
				options={[
					{
						value: '',
						label: fits[0] ? `Best: ${fateWords[fits[0].way.id]}` : 'Nothing fits'
					},
					...fits.map(({ way }) => ({ value: way.id, label: capital(fateWords[way.id] ?? '') }))
				]}
			/>
			{#if place === 'corner'}<Field
					label={row === 1 ? 'In which corner' : `Corner of part ${row}`}
					name="where{row}"
					bind:value={() => entry[`where${row}`] ?? '', (is) => (entry[`where${row}`] = is)}
					hint={corners.length > 0
						? `${list(corners.map(({ code, name }) => `${name} (${code})`))} ${corners.length > 1 ? 'take' : 'takes'} more`
						: 'A name of its own'}
				/>
			{:else if place === 'vessel'}<Choice
					label={row === 1 ? 'In which vessel' : `Vessel of part ${row}`}
					name="where{row}"
					bind:value={() => entry[`where${row}`] ?? '', (is) => (entry[`where${row}`] = is)}
					options={[
						{
							value: '',
							label: yard.vessels.length > 0 ? 'Choose' : 'None in the books: measure one first'
						},
						...yard.vessels.map(({ name, capacity_l }) => ({
							value: name,
							label: `${name}, ${say(capacity_l, 'L', system)}`
						}))
					]}
				/>
			{:else if place === 'bed'}<Choice
					label={row === 1 ? 'On which bed' : `Bed of part ${row}`}
					name="where{row}"
					bind:value={() => entry[`where${row}`] ?? '', (is) => (entry[`where${row}`] = is)}
					options={[
						{ value: '', label: 'None yet: it lies in stock' },
						...beds.map(({ name }) => ({ value: name, label: name }))
					]}
				/>
			{/if}
		</div>
		{#if part.fate}<p class="mt-2">
				{#if isFirst}<strong>Wanted first.</strong>{/if}
				{capital(fateWords[part.fate.way.id] ?? '')}: {told(part.fate)}. {lacking(part.fate)}
				<span class="quiet block text-sm">{part.fate.way.source}.</span>
			</p>{/if}
		<details>
			<summary class="quiet inline-flex min-h-11 cursor-pointer items-center underline"
				>{fits.length > 1 ? `${fits.length - 1} other ways, and ` : ''}{turned.length} turned down</summary
			>
			<ul>
				{#each fits.filter((one) => one !== part.fate) as fate (fate.way.id)}<li class="py-0.5">
						<strong>{capital(fateWords[fate.way.id] ?? '')}</strong>: {told(fate)}. {lacking(fate)}
					</li>{/each}
				{#each turned as fate (fate.way.id)}<li class="quiet py-0.5">
						{capital(fateWords[fate.way.id] ?? '')}: {fate.no ? lackWords[fate.no] : ''}.
					</li>{/each}
			</ul>
		</details>
	{/if}
</fieldset>
