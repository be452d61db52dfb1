<script lang="ts">
	import Answer from '$lib/components/answer/Answer.svelte';
	import Figures from '$lib/components/answer/Figures.svelte';
	import Caution from '$lib/components/answer/Caution.svelte';
	import HeapCutaway from '$lib/components/cutaway/HeapCutaway.svelte';
	import ActFoot from '$lib/components/entry/ActFoot.svelte';
	import Choice from '$lib/components/entry/Choice.svelte';
	import Field from '$lib/components/entry/Field.svelte';
	import Form from '$lib/components/entry/Form.svelte';
	import Tick from '$lib/components/entry/Tick.svelte';
	import WorkOut from '$lib/components/entry/WorkOut.svelte';
	import { deepestPath_m, depthOf, heapWay, wanted, ways } from '$lib/core/heaps';
	import { momentOf } from '$lib/core/time';
	import { sayDay } from '$lib/format/dates';
	import { plain, say, sayRange } from '$lib/format/figure';
	import { layerOf } from '$lib/format/heap-layers';
	import { wayWords } from '$lib/format/heap-words';
	import { slip } from '$lib/format/slip';
	import { capital } from '$lib/format/words';
	import { limits } from '$lib/input/limits';
	import { heapAnswer, mendWords } from './answer';
	import { freshHeap } from './entry';
	import Lines from './Lines.svelte';
	import { reckonHeap } from './reckoning';
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
		<Lines bind:stuff={entry.stuff} bind:part={entry.part} stock={data.stock} {system} />
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
				<Tick name="street" label="From a street" />
			{/if}
			<Tick name="covered" label="Covered from rain" bind:checked={entry.covered} />
			<Tick name="acidLovers" label="Meant for acid lovers: no ash on it" />
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
				caption="As it is laid, {say(deep * 100, 'cm', system)} deep, to scale."
				{system}
			/>
		{/if}
		{#if slips.length > 0}<Figures {slips} large={4} />{/if}
		{#if mix && entry.heapWay === 'compost'}
			<p class="quiet mb-3 text-sm">
				Wanted: {wanted.cn.low} to {wanted.cn.high} : 1, {wanted.water.low * 100} to {wanted.water
					.high * 100} % water, a fifth to a half of it coarse ({plain(mix.coarse * 100, 0)} % is).
			</p>
			{#if reckoned && reckoned.mendings.length > 0}<h2 class="text-lg">To mend it</h2>
				<ul class="mb-3">
					{#each reckoned.mendings as one (one.what + one.material)}<li class="py-0.5">
							{capital(mendWords(one, system))}
						</li>{/each}
				</ul>{/if}
		{/if}
		{#if reckoned?.urine && reckoned.urine.status === 'add'}<p class="mb-3">
				{say(Number(reckoned.urine.litres.toPrecision(2)), 'L', system)} of urine bring it to {reckoned
					.urine.target} : 1, over the cold months, a little at a time{reckoned.urine.manure_kg
					? `; or ${say(Number(reckoned.urine.manure_kg.toPrecision(2)), 'kg', system)} of cattle manure`
					: '; manure never would'}.
			</p>{:else if reckoned?.urine?.status === 'never'}<p class="mb-3">
				No amount of urine brings it to {reckoned.urine.target} : 1.
			</p>{/if}
		{#if reckoned?.path}<p class="mb-3">
				{say(reckoned.path.filled_l, 'L', system)} filled; sums that take that as the harvest promise
				about double. {sayRange({ ...reckoned.path.out_l, unit: 'L' }, system)} mulch {sayRange(
					{ ...reckoned.path.mulches_m2, unit: 'm²' },
					system
				)} of bed {say(reckoned.path.mulch_m * 100, 'cm', system)} deep.
				{#if reckoned.path.wants}For {say(reckoned.path.wants.area_m2, 'm²', system)} fill it {sayRange(
						{
							value: reckoned.path.wants.fill_m.value * 100,
							low: reckoned.path.wants.fill_m.low * 100,
							high: reckoned.path.wants.fill_m.high * 100,
							unit: 'cm'
						},
						system
					)} deep{reckoned.path.wants.fill_m.value > deepestPath_m
						? `, deeper than anybody walks on: it takes ${reckoned.path.wants.paths} such paths`
						: ''}.{/if}
			</p>{/if}
		{#if reckoned?.soak}<p class="mb-3">
				{sayRange({ ...reckoned.soak.nitrogen_g, unit: 'g' }, system)} of nitrogen stay; dry it is {sayRange(
					{ ...reckoned.soak.dry_kg, unit: 'kg' },
					system
				)}. Dry it thin, on a tray under a roof.
			</p>
			<Caution>
				Some do it every year; others warn of the ammonia. Both are right: fresh urine keeps while
				the ash holds it above pH 10, stored urine loses most. Outdoors, gloves and goggles.
			</Caution>{/if}
		{#if reckoned}
			<h2 class="mt-4 text-lg">When</h2>
			<p>
				Rough from {sayDay(reckoned.ready.usable_ms[0], data.almanac)} to {sayDay(
					reckoned.ready.usable_ms[1],
					data.almanac
				)}; done {sayDay(reckoned.ready.best_ms[0], data.almanac)} to {sayDay(
					reckoned.ready.best_ms[1],
					data.almanac
				)}.
			</p>
			{#if reckoned.lost}<p class="quiet mt-2 text-sm">
					Of the nitrogen {plain(reckoned.lost.low * 100, 0)} to {plain(
						reckoned.lost.high * 100,
						0
					)} % goes to the air.
				</p>{/if}
		{/if}
		<Caution>
			Moulds and Legionella: damp, mask, wash. People with weak lungs or immunity keep away.
		</Caution>
	</aside>
</Form>
