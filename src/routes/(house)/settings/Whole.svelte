<script lang="ts">
	import { limits } from '$lib/input/limits';
	import Answer from '$lib/components/answer/Answer.svelte';
	import ActFoot from '$lib/components/entry/ActFoot.svelte';
	import Choice from '$lib/components/entry/Choice.svelte';
	import Field from '$lib/components/entry/Field.svelte';
	import Ticks from '$lib/components/entry/Ticks.svelte';
	import Form from '$lib/components/entry/Form.svelte';
	import { sayMoment } from '$lib/format/dates';
	import { say } from '$lib/format/figure';
	import { useWords } from '$lib/format/vessel-words';
	import { count, list } from '$lib/format/words';
	import HowItReads from './HowItReads.svelte';
	import MeasureShelf from './MeasureShelf.svelte';
	import Named from './Named.svelte';
	import type { PageProps } from './$types';
	let { data, form }: Pick<PageProps, 'data' | 'form'> = $props();
	const of = (name: string) => (form?.form === name ? form : undefined);
	const kept = $derived(data.settings);
	const known = $derived({
		place: kept.place,
		latitude: kept.latitude === null ? '' : String(kept.latitude),
		longitude: kept.longitude === null ? '' : String(kept.longitude),
		timeZone: kept.timeZone,
		system: kept.system ?? '',
		currency: kept.currency ?? '',
		firstWeekday: String(kept.firstWeekday ?? 1),
		people: kept.people.join(', ')
	});
	// svelte-ignore state_referenced_locally
	let system = $state(of('keep')?.values.system ?? known.system);
	const weekdays = [
		{ value: '1', label: 'Monday' },
		{ value: '6', label: 'Saturday' },
		{ value: '7', label: 'Sunday' }
	];
	const units = $derived(
		kept.system === 'us' ? 'US customary' : kept.system === 'metric' ? 'metric' : undefined
	);
	const answer = $derived(
		`${kept.place || 'This place'} ${units ? `works in ${units}` : 'has not chosen its units'}${data.measures.length > 0 ? `, with ${count(data.measures.length, 'measure', 'measures')} of its own` : ''}`
	);
</script>

<Answer title="Settings" {answer}>
	{#snippet reason()}<p>
			This device signs as {data.person}. {kept.people.length
				? `Here work ${list(kept.people)}.`
				: 'Nobody is named yet.'} Doubtful amounts such as a cup are asked back until units are chosen.
		</p>{/snippet}
</Answer>

<div class="sheet">
	<div class="grid grid-cols-[minmax(0,1fr)] gap-10">
		<Form id="form" name="keep" sent={form} {known}>
			<h2 class="mb-2 text-xl">How figures, money and weeks read</h2>
			<Ticks
				legend="Units"
				name="system"
				bind:value={system}
				options={[
					{ value: 'metric', label: 'metric' },
					{ value: 'us', label: 'US customary' }
				]}
			/>
			<HowItReads chosen={system} measure={data.measures[0]} />
			<div class="form-grid mt-5">
				<Choice label="Weeks begin on" name="firstWeekday" options={weekdays} />
				<Field
					label="Currency"
					name="currency"
					hint="Three letters, such as EUR or USD: what bought char was paid in"
				/>
			</div>
			<h2 class="mt-8 mb-2 text-xl">Where this is: sunset, first light and the day of an act</h2>
			<div class="form-grid">
				<Field label="Place" name="place" />
				<Field
					label="Time zone"
					name="timeZone"
					hint="Such as Europe/London; it is {sayMoment(data.almanac.now_ms, data.almanac)} there"
				/>
				<Field
					label="Latitude, degrees"
					name="latitude"
					inputmode="decimal"
					hint="South is negative; empty if unknown"
				/>
				<Field
					label="Longitude, degrees"
					name="longitude"
					inputmode="decimal"
					hint="West is negative. With both, sunset and first light are the sun’s; without, 18:00 and 07:00"
				/>
			</div>
			<h2 class="mt-8 mb-2 text-xl">Who signs what is written</h2>
			<Field label="People" name="people" hint="Names, with commas between" />
			<ActFoot actId={data.actId} label="Keep it" noted={false} />
		</Form>
		<Form name="measure" sent={form} limits={limits.measure}>
			<h2 class="mb-2 text-xl">What your own measures hold</h2>
			{#if data.measures.length > 0}
				<MeasureShelf measures={data.measures} system={data.system} />
			{/if}
			<p class="mb-3 max-w-prose">
				Fill your bucket, barrow or scoop level with litre jugs once; from then on you can type it
				anywhere an amount is asked{data.measures[0]
					? `: "3 ${data.measures[0].name}s" is ${say(3 * data.measures[0].litres, 'L', data.system)}`
					: ''}.
			</p>
			<div class="form-grid max-w-xl">
				<Field
					label="Measure"
					name="measure"
					hint="Such as barrow; a known name calibrates it again"
				/>
				<Field label="Holds, filled level" name="holds" />
			</div>
			<ActFoot actId={data.measureId} label="Keep this measure" noted={false} />
		</Form>
	</div>
	<aside class="grid content-start gap-8">
		<section>
			<h2 class="mb-2 border-b-2 border-base-content text-lg">Who holds this device</h2>
			{#if kept.people.length > 0}
				<form method="post" action="?/person" class="flex flex-wrap gap-2">
					{#each kept.people as person (person)}<button
							name="person"
							value={person}
							class="btn min-h-12 {person === data.person
								? 'border-2 border-base-content btn-neutral'
								: 'btn-outline'}"
							>{person}{#if person === data.person}<span class="sr-only">, signs here now</span
								>{/if}</button
						>{/each}
				</form>
			{/if}
			<form method="post" action="?/person" class="mt-3">
				<Field label="Name" name="person" value={data.person} autocomplete="name" />
				<button class="btn mt-2 min-h-12 btn-outline">Sign with this name</button>
			</form>
			<p class="quiet mt-2 text-sm">A name signs what is written; it gives no rights.</p>
			{#if data.hasPassphrase}<form method="post" action="/logout">
					<button class="btn mt-2 min-h-12 btn-outline">Log out</button>
				</form>{/if}
		</section>
		<form method="post" action="?/keys" id="keys">
			<h2 class="mb-1 border-b-2 border-base-content text-lg">Keys</h2>
			<label class="flex min-h-12 items-center gap-3"
				><input type="checkbox" class="checkbox" name="on" checked={data.keys} />Single keys on this
				device: l logs a line, / searches, ? lists them all</label
			>
			<button class="btn mt-2 min-h-12 btn-outline">Keep this choice</button>
		</form>
		<section>
			<h2 class="mb-1 border-b-2 border-base-content text-lg">Vessels</h2>
			<ul>
				{#each data.vessels as vessel (vessel.name)}<li class="py-1">
						<a
							class="inline-block min-h-11 content-center underline"
							href="/vessels/{encodeURIComponent(vessel.name)}">{vessel.name}</a
						>, {useWords[vessel.usedFor]}, {say(vessel.capacity_l, 'L', data.system)}
					</li>{/each}
			</ul>
			{#if data.moreVessels > 0}<a
					class="inline-block min-h-11 content-center underline"
					href="/vessels">{data.moreVessels} more</a
				>{/if}
			<a class="btn mt-2 min-h-12 btn-outline" href="/vessels/new">Measure a vessel</a>
		</section>
		<Named named={data.named} actId={data.nameId} sent={form} />
		<section>
			<h2 class="mb-1 border-b-2 border-base-content text-lg">Keeping the books</h2>
			<p class="mb-2">Backups, the open file, sheets for each room, and old notebooks.</p>
			<a class="btn min-h-12 btn-outline" href="/keeping">To the keeping page</a>
		</section>
	</aside>
</div>
