<script lang="ts">
	import Answer from '$lib/components/answer/Answer.svelte';
	import BooksLinks from '$lib/components/answer/BooksLinks.svelte';
	import Seen from '$lib/components/answer/Seen.svelte';
	import HeapCutaway from '$lib/components/cutaway/HeapCutaway.svelte';
	import ActFoot from '$lib/components/entry/ActFoot.svelte';
	import Field from '$lib/components/entry/Field.svelte';
	import Fold from '$lib/components/entry/Fold.svelte';
	import Form from '$lib/components/entry/Form.svelte';
	import LaidLines from '$lib/components/entry/LaidLines.svelte';
	import SmallForm from '$lib/components/entry/SmallForm.svelte';
	import { heapMaterials, depthOf } from '$lib/core/heaps';
	import { inLitres } from '$lib/core/units';
	import { sayDay } from '$lib/format/dates';
	import { plain, say, sayRange } from '$lib/format/figure';
	import { layerOf } from '$lib/format/heap-layers';
	import { stageWords, timberWords, underWords, wayWords } from '$lib/format/heap-words';
	import { capital } from '$lib/format/words';
	import { rows } from '$lib/input/heaps';
	import { limits } from '$lib/input/limits';
	import HeatLine from './HeatLine.svelte';
	import { heapAnswer, heapReason } from './answer';
	import { layersOf } from './layers';
	import type { PageProps } from './$types';
	let { data, form }: Pick<PageProps, 'data' | 'form'> = $props();
	const system = $derived(data.system);
	const heap = $derived(data.heap);
	const laid_l = $derived(inLitres(heap.volume_ul));
	const isThere = $derived(heap.volume_ul > 0);
	const layers = $derived(layersOf(data.laid));
	const solid = $derived(
		layers.filter(({ material }) => material !== 'urine' && material !== 'rain-water')
	);
	const size = $derived(heap.start.size);
	const wide = $derived(size ? (size.shape === 'ring' ? size.across : size.width) : 1.2);
	const laid_m = $derived(
		data.stands?.laid_m ??
			depthOf(size ?? { shape: 'box', length: wide as never, width: wide as never }, laid_l)
	);
	const now_m = $derived(data.stands?.now.value);
	const sent = $derived(form?.form === 'add' ? form.values : undefined);
	let stuff = $state(rows.map((row) => sent?.[`stuff${row}`] ?? ''));
	let part = $state(rows.map((row) => sent?.[`part${row}`] ?? ''));
	const heat_c = $derived(data.heat.last ? Math.min(...data.heat.last.probes) : undefined);
	const acts = $derived([
		...(heap.start.way === 'compost' || heap.start.way === 'worms' ? ['read-heat'] : []),
		...(heap.start.way === 'ash-soak' ? ['read-soak'] : ['read-depth', 'tell-stage']),
		...(heap.start.way === 'compost' ? ['smell-heap'] : [])
	]);
	const feedWords = $derived(
		data.feeds
			? `As warm as it was read it takes ${sayRange({ value: data.feeds.perWeek_kg.value, low: data.feeds.perWeek_kg.low, high: data.feeds.perWeek_kg.high, unit: 'kg' }, system)} of scraps a week, ${say(4, 'cm', system)} thick at most. No meat, citrus in plenty, manure or ash. What drips from it is no tea: it goes on a heap.`
			: ''
	);
	const standing = $derived(
		data.stands
			? `${data.stands.read ? `Read at ${say(data.stands.read.depth_m * 100, 'cm', system)} on ${sayDay(data.stands.read.at_ms, data.almanac)}. ` : ''}Now about ${say(data.stands.now.value * 100, 'cm', system)}, ${sayRange({ value: data.stands.now.value * 100, low: data.stands.now.low * 100, high: data.stands.now.high * 100, unit: 'cm' }, system)}.`
			: ''
	);
</script>

<Answer
	title="{heap.code} {heap.name}"
	answer={heapAnswer(data, data.almanac)}
	crumbs={[{ label: 'Heaps', href: '/heaps' }]}
>
	{#snippet reason()}
		<p>
			{isThere
				? heapReason(data, laid_l, system)
				: `Laid on ${sayDay(heap.startedAt_ms, data.almanac)}.`}
		</p>
		{#if data.held !== undefined}<p class="mt-2 border-l-4 border-error py-1 pl-4 font-semibold">
				Held, and all that is made of it: {data.held}.
			</p>{/if}
		{#if heap.start.isStreet}<p class="mt-2 border-l-4 border-warning py-1 pl-4">
				Leaves of a street: litter and oil. Keep its mould from what is eaten.
			</p>{/if}
		{#if heap.start.way === 'leaf-mould' || heap.start.way === 'compost'}<p class="mt-2">
				{data.ash_l > 0
					? `By its books ${say(data.ash_l, 'L', system)} of ash lie in it: nothing for acid lovers.`
					: heap.start.forAcidLovers
						? 'Meant for acid lovers: no ash lies in it, and none goes on it.'
						: 'By its books no ash lies in it.'}
			</p>{/if}
	{/snippet}
</Answer>

<div class="sheet">
	<div class="min-w-0">
		<HeapCutaway
			layers={solid.map((one) => ({ ...one, ...layerOf(one.material) }))}
			{laid_m}
			{now_m}
			wide_m={wide}
			isRing={size?.shape === 'ring'}
			isPath={heap.start.way === 'path'}
			hasTimber={heap.start.hasTimber ?? false}
			heat_c={heap.start.way === 'compost' ? heat_c : undefined}
			caption="{capital(wayWords[heap.start.way])} at {heap.name}, laid {sayDay(
				heap.startedAt_ms,
				data.almanac
			)}, {say(laid_m * 100, 'cm', system)} deep. {standing}"
			{system}
		/>
		{#if data.readings.length > 1}<h2 class="mb-1 text-xl">Heat</h2>
			<HeatLine
				readings={data.readings}
				turned_ms={data.turned_ms}
				almanac={data.almanac}
				{system}
			/>{/if}
		<h2 class="mb-1 text-xl">What went in</h2>
		<table class="ledger-table mb-2 max-w-xl">
			<thead><tr><th>Stuff</th><th class="num">As measured</th><th class="num">Laid</th></tr></thead
			>
			<tbody>
				{#each layers as one, i (i)}<tr>
						<td
							>{capital(layerOf(one.material).name)}{#if one.fromCode},
								<a class="underline" href="/ledger/lot/{one.fromCode}">{one.fromCode}</a
								>{:else if one.times > 1}, {one.times} times{/if}</td
						>
						<td class="num whitespace-nowrap">{say(one.litres, 'L', system)}</td>
						<td class="num whitespace-nowrap"
							>{sayDay(one.first_ms, data.almanac)}{one.times > 1
								? ` to ${sayDay(one.last_ms, data.almanac)}`
								: ''}</td
						>
					</tr>{/each}
			</tbody>
		</table>
		<p class="quiet mb-4 text-sm">
			{data.more > 0 ? `and ${data.more} more in its books. ` : ''}{heap.start.way === 'ash-soak'
				? ''
				: data.isGuessed
					? 'Nobody knows the carbon of what was laid: it is taken as 28 : 1, as compost usually is. '
					: `Together ${plain(data.cn, 0)} : 1 of carbon to nitrogen as it was laid, ${plain(data.coarse * 100, 0)} % of it coarse${data.charShare > 0 ? `, ${plain(data.charShare * 100, 1)} % char` : ''}. `}{say(
				Number(heap.nitrogen_g.toPrecision(2)),
				'g',
				system
			)} of nitrogen went in.
			{isThere
				? `By the end ${plain(data.lost.dry.low * 100, 0)} to ${plain(data.lost.dry.high * 100, 0)} % of the dry matter and ${plain(data.lost.nitrogen.low * 100, 0)} to ${plain(data.lost.nitrogen.high * 100, 0)} % of the nitrogen are gone.`
				: ''}
		</p>
		{#if data.feeds}<p class="mb-4 max-w-prose">{feedWords}</p>{/if}
		{#if data.dates}<p class="mb-4 max-w-prose">
				{heap.start.under
					? `${underWords[heap.start.under].is} below. ${underWords[heap.start.under].asks}`
					: ''}
				{heap.start.hasTimber ? timberWords : ''}
				{data.dates.turn_ms === undefined
					? ''
					: data.dates.turn_ms > data.almanac.now_ms
						? `Turn it on ${sayDay(data.dates.turn_ms, data.almanac)}. `
						: `It was to be turned on ${sayDay(data.dates.turn_ms, data.almanac)}. `}{data.dates
					.ends_ms > data.almanac.now_ms
					? `Its season ends about ${sayDay(data.dates.ends_ms, data.almanac)}: what is left then goes on the beds.`
					: `Its season ended about ${sayDay(data.dates.ends_ms, data.almanac)}: what is left goes on the beds.`}
				{#if data.ground}It lies on <a
						class="underline"
						href="/beds/{encodeURIComponent(data.ground)}">{data.ground}</a
					>.{/if}
			</p>{/if}
		{#if heap.start.way === 'leaf-mould' && isThere}<p class="mb-4 max-w-prose">
				Twigs: pick them out where it will be sieved, leave them in for mulch.
			</p>{/if}
		{#if isThere}
			<Fold name="add" line="font-semibold" label="Lay more on it" open={form?.form === 'add'}>
				<Form name="add" sent={form} class="mt-2 max-w-xl">
					<LaidLines
						materials={[...heapMaterials, 'rain-water']}
						bind:stuff
						bind:part
						stock={data.stock}
						{system}
					/>
					<ActFoot actId={data.ids.add} label="It is laid on" {system} quiet />
				</Form>
			</Fold>
			<Fold
				name="lift"
				line="font-semibold"
				label="Lift it, or some of it"
				open={form?.form === 'lift'}
			>
				<Form name="lift" sent={form} limits={limits.heap} class="mt-2 max-w-xl">
					<div class="form-grid">
						<Field
							label="How much of the heap"
							name="taken"
							hint={heap.start.way === 'path'
								? 'Empty: as much as was measured out'
								: 'Empty: all of it; or half, 40 %'}
						/>
						{#if heap.start.way === 'path' && size}<Field
								label="Or so long a stretch"
								name="stretch"
								hint="The most trodden is done first"
							/>{/if}
						<Field
							label="Measured out, sieved fine"
							name="lifted"
							hint="As it lies in the barrow"
						/>
						<Field
							label="What would not go through"
							name="coarse"
							hint="Empty: it was not sieved"
						/>
						<Field
							label="Weight of the fine"
							name="liftedWeight"
							hint="Empty: as it usually weighs"
						/>
						<Field
							label="What you call it"
							name="liftedName"
							hint="Empty: what it is, and its corner"
						/>
					</div>
					<ActFoot actId={data.ids.lift} label="It is lifted" {system} quiet />
				</Form>
			</Fold>
		{/if}
	</div>
	<aside>
		{#if isThere}
			<p class="mb-2">{capital(data.says)}{data.stage ? `; ${stageWords[data.stage]}` : ''}.</p>
			<SmallForm verb="look" actId="{data.ids.small}-look" sent={form} />
			<SmallForm verb="turn" actId="{data.ids.small}-turn" sent={form} />
			<SmallForm verb="moisten" actId="{data.ids.small}-moisten" sent={form} />
			{#each acts as verb (verb)}<SmallForm
					{verb}
					actId="{data.ids.small}-{verb}"
					sent={form}
				/>{/each}
			<SmallForm verb="bean-test" actId="{data.ids.small}-beans" sent={form} />
			<SmallForm
				verb="place-on-walk"
				actId="{data.ids.small}-walk"
				sent={form}
				known={{ walk: data.walk === undefined ? '' : `${data.walk}` }}
			/>
		{/if}
		<Seen remarks={data.remarks} almanac={data.almanac} {system} />
		<BooksLinks code={heap.code} />
	</aside>
</div>
