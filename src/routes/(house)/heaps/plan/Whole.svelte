<script lang="ts">
	import Answer from '$lib/components/answer/Answer.svelte';
	import Figures from '$lib/components/answer/Figures.svelte';
	import Caution from '$lib/components/answer/Caution.svelte';
	import HeapCutaway from '$lib/components/cutaway/HeapCutaway.svelte';
	import ActFoot from '$lib/components/entry/ActFoot.svelte';
	import Choice from '$lib/components/entry/Choice.svelte';
	import Field from '$lib/components/entry/Field.svelte';
	import Form from '$lib/components/entry/Form.svelte';
	import LaidLines from '$lib/components/entry/LaidLines.svelte';
	import Tick from '$lib/components/entry/Tick.svelte';
	import WorkOut from '$lib/components/entry/WorkOut.svelte';
	import { heapMaterials, depthOf, heapWay, unders, ways } from '$lib/core/heaps';
	import { momentOf } from '$lib/core/time';
	import { plain, say } from '$lib/format/figure';
	import { layerOf } from '$lib/format/heap-layers';
	import { heaping, underWords, wayWords } from '$lib/format/heap-words';
	import { slip } from '$lib/format/slip';
	import { capital } from '$lib/format/words';
	import { limits } from '$lib/input/limits';
	import { heapAnswer } from './answer';
	import { freshHeap } from './entry';
	import { reckonHeap } from './reckoning';
	import Working from './Working.svelte';
	import type { PageProps } from './$types';
	let { data, form }: Pick<PageProps, 'data' | 'form'> = $props();
	const system = $derived(data.system);
	// svelte-ignore state_referenced_locally
	const given = { ...data.asked, ...form?.values };
	// A form starts from what was sent; afterwards it belongs to the person typing.
	// svelte-ignore state_referenced_locally
	let entry = $state(freshHeap(given, data.system));
	let happenedAt = $state(given.happenedAt ?? '');
	const isExample = Object.keys(given).every((name) => name === 'heapWay');
	let touched = $state(false);
	const started = $derived(momentOf(happenedAt, data.almanac.timeZone) ?? data.almanac.now_ms);
	const yard = $derived({ ...data, ...(system ? { system } : {}) });
	const reckoned = $derived(reckonHeap(entry, yard, started));
	const mix = $derived(reckoned?.mix);
	const way = $derived(heapWay(entry.heapWay));
	const slips = $derived([
		...(mix && entry.heapWay !== 'ash-soak'
			? [
					{ ...slip('C : N', mix.cn, system), text: `${plain(mix.cn.value, 0)} : 1`, unit: '' },
					slip('Water', mix.water, system),
					slip('As carried', mix.volume, system)
				]
			: []),
		...(mix ? [slip('Nitrogen in it', mix.nitrogen, system)] : [])
	]);
	const wide = $derived(
		reckoned?.size
			? reckoned.size.shape === 'ring'
				? reckoned.size.across
				: reckoned.size.width
			: 1.2
	);
	const deep = $derived(
		reckoned && reckoned.lies.value > 0
			? depthOf(
					reckoned.size ?? { shape: 'box', length: wide as never, width: wide as never },
					reckoned.lies.value
				)
			: 0
	);
</script>

<Answer
	title="Plan a heap"
	answer={heapAnswer(entry, reckoned, data.almanac, system)}
	crumbs={[{ label: 'Heaps', href: '/heaps' }]}
>
	{#snippet reason()}<p>
			{isExample && !touched ? 'An example: put in what you have. ' : ''}{way.source}.
		</p>{/snippet}
</Answer>

<Form
	id="form"
	name="start"
	method="get"
	sent={form}
	limits={{ ...limits.heap, mulchDepth: limits.put.depth }}
	class="sheet"
>
	<div class="min-w-0" oninput={() => (touched = true)}>
		<nav aria-label="How it is kept" class="mb-4 flex flex-wrap gap-2">
			{#each ways as { id } (id)}<a
					class="btn min-h-12 {id === entry.heapWay ? 'btn-neutral' : 'btn-outline'}"
					aria-current={id === entry.heapWay ? 'true' : undefined}
					data-sveltekit-reload
					href="/heaps/plan?heapWay={id}">{capital(wayWords[id])}</a
				>{/each}
		</nav>
		<input type="hidden" name="heapWay" value={entry.heapWay} />
		<LaidLines
			materials={[...heapMaterials, 'rain-water']}
			bind:stuff={entry.stuff}
			bind:part={entry.part}
			stock={data.stock}
			{system}
		/>
		<div class="form-grid mt-4">
			{#if entry.heapWay === 'leaf-mould'}
				<Field
					label="Ring, across"
					name="across"
					bind:value={entry.across}
					hint="Empty: a heap without a ring"
				/>
				<Choice
					label="How the leaves lie"
					name="laid"
					bind:value={entry.laid}
					options={[
						{ value: 'trodden', label: 'Trodden in hard' },
						{ value: 'loose', label: 'Loose, as they fell' }
					]}
				/>
				<Field
					label="Wanted C : N"
					name="wantedCn"
					inputmode="decimal"
					bind:value={entry.wantedCn}
					hint="Empty: 35; 30 to 40 is quick"
				/>
			{:else}
				<Field label="Length" name="heapLength" bind:value={entry.heapLength} />
				<Field label="Width" name="heapWidth" bind:value={entry.heapWidth} />
			{/if}
			<Field
				label={entry.heapWay === 'path' ? 'Filled how deep, trodden' : 'It stands now at'}
				name="heapDepth"
				bind:value={entry.heapDepth}
				hint="By a stick; empty: as the litres say"
			/>
			{#if entry.heapWay === 'path'}
				<Field
					label="Mulch for beds, deep"
					name="mulchDepth"
					bind:value={entry.mulchDepth}
					hint="Empty: 5 cm"
				/>
				<Field
					label={system === 'us' ? 'on so many ft² of them' : 'on so many m² of them'}
					name="mulchArea"
					bind:value={entry.mulchArea}
					hint="Empty: as far as it goes"
				/>
				<Choice
					label="Below it lies"
					name="under"
					bind:value={entry.under}
					options={unders.map((value) => ({ value, label: underWords[value].is }))}
				/>
			{/if}
			{#if entry.heapWay === 'ash-soak'}<Choice
					label="The urine is"
					name="urineAge"
					bind:value={entry.urineAge}
					options={[
						{ value: 'fresh', label: 'Fresh, of today' },
						{ value: 'stored', label: 'Stored: ammonium already' }
					]}
				/>{/if}
			<Field label="Its corner" name="name" hint="Like Boathouse, Kiln yard" />
		</div>
		<div class="mt-2 flex flex-wrap gap-x-8">
			{#if entry.heapWay === 'leaf-mould'}
				<Tick name="shredded" label="Shredded" bind:checked={entry.shredded} />
				<Tick name="tough" label="Tough or evergreen leaves" bind:checked={entry.tough} />
				<Tick name="street" label="From a street" bind:checked={entry.street} />
			{/if}
			{#if entry.heapWay === 'path'}
				<Tick name="timber" label="Boards hold its sides" bind:checked={entry.timber} />
			{/if}
			<Tick name="covered" label="Covered from rain" bind:checked={entry.covered} />
			<Tick
				name="acidLovers"
				label="Meant for acid lovers: no ash on it"
				bind:checked={entry.acidLovers}
			/>
		</div>
		<WorkOut />
		<ActFoot actId={data.actId} label="It is laid" {system} bind:happenedAt />
	</div>
	<aside>
		{#if reckoned && reckoned.layers.length > 0 && deep > 0}
			<HeapCutaway
				layers={reckoned.layers.map((one) => ({ ...one, ...layerOf(one.material) }))}
				laid_m={deep}
				wide_m={wide}
				isRing={reckoned.size?.shape === 'ring'}
				isPath={entry.heapWay === 'path'}
				hasTimber={entry.timber}
				caption="As it is laid, {say(deep * 100, 'cm', system)} deep, to scale."
				{system}
			/>
		{/if}
		{#if slips.length > 0}<Figures {slips} large={4} />{/if}
		{#if reckoned}<Working
				{entry}
				{reckoned}
				{started}
				latitude={data.latitude}
				almanac={data.almanac}
				{system}
			/>{/if}
		{#each reckoned?.cautions ?? [] as caution (caution.code)}<Caution
				>{heaping[caution.code]?.(caution.facts ?? {}, system)}</Caution
			>{/each}
		<Caution>
			Moulds and Legionella: damp, mask, wash. People with weak lungs or immunity keep away.
		</Caution>
	</aside>
</Form>
