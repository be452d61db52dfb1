<script lang="ts">
	import FireCutaway from '$lib/components/cutaway/FireCutaway.svelte';
	import { throughAt, type Asked, type PressName } from '$lib/core/tending';
	import type { ParseContext } from '$lib/core/units';
	import type { Almanac } from '$lib/format/dates';
	import { say } from '$lib/format/figure';
	import { capital } from '$lib/format/counted';
	import {
		adviceWords,
		bedWords,
		endWords,
		paceFrom,
		paceWords,
		sayClock,
		stageWords
	} from '$lib/format/tending-words';
	import { tapWords } from '$lib/format/tap-words';
	import Course from './Course.svelte';
	import Forgotten from './Forgotten.svelte';
	import { LiveFire } from './live-fire.svelte';
	import { headOf, sinceOf } from './since';
	import { tapping } from './tapping.svelte';
	import PaceBar from './PaceBar.svelte';
	import Tiles from './Tiles.svelte';
	import Waits from './Waits.svelte';
	import type { FireShown, FireSent } from './shown';
	let {
		fire: given,
		isFirst,
		sent,
		person,
		almanac,
		system,
		measures,
		actId,
		undoId
	}: {
		fire: FireShown;
		/** Keys are for it. */
		isFirst: boolean;
		sent: FireSent;
		person: string;
		almanac: Almanac;
		system: ParseContext['system'];
		measures: ParseContext['measures'];
		actId: string;
		undoId: string;
	} = $props();
	// svelte-ignore state_referenced_locally
	const live = new LiveFire(given.code, given.behind, given.told, person);
	// svelte-ignore state_referenced_locally
	const taps = tapping(live, { system, measures });
	$effect(() => {
		// The page was asked anew: what it brings is as new as what a phone asks for.
		if (given.told.now_ms > live.told.now_ms) live.hear(given.told, live.atHome());
	});
	$effect(() => taps.begin());
	// Wanted at the end alone, and there by then also without a connection.
	const proof = () => import('./Proof.svelte');
	$effect(() => void proof());
	const now = $derived(live.fire);
	const errors = $derived(sent?.errors ?? {});
	const last = $derived(now.course.layers.at(-1));
	const since_ms = $derived(sinceOf(now, live.lit_ms));
	const row = $derived(now.row);
	const front = $derived.by(() => {
		if (given.behind.way !== 'barrel' || live.lit_ms === undefined) return undefined;
		if (throughAt(now.course) !== undefined || now.stage === 'quenched') return 1;
		const { low, high } = given.behind.front;
		return Math.min(1, (live.now_ms - live.lit_ms) / 60_000 / ((low + high) / 2));
	});
	const isOut = $derived(
		['quenched', 'unlit', 'out', 'given-up', 'capped', 'shut'].includes(now.stage)
	);
	const filledWith = $derived(
		['fading', 'shut', 'capped', 'quenching', 'quenched'].includes(now.stage) ? 'char' : 'wood'
	);
	const main = $derived(row.main ? words(row.main) : undefined);

	function words(name: PressName | Asked) {
		const n = now.course.layers.length + 1;
		if (name === 'measured' && now.stage === 'skimming') return { label: 'Embers in' };
		return name === 'layer' ? { label: `Layer ${n} is on`, under: '' } : tapWords[name];
	}
</script>

<svelte:window onkeydown={isFirst ? (event) => taps.key(event, row) : undefined} />

<section aria-label="Fire {given.code}">
	<header class="flex items-baseline justify-between gap-3">
		<h1 class="text-xl">
			{given.vessel.name} <span class="quiet">· {given.code}</span><span class="sr-only"
				>, {stageWords[now.stage]}</span
			>
		</h1>
		<p class="text-right">
			{headOf(now, live.now_ms, system)}
		</p>
	</header>
	<Waits {live} {taps} />

	<div class="mt-1 grid grid-cols-[1.1fr_1fr] items-start gap-3">
		<FireCutaway
			shape={given.vessel.shape}
			use={given.vessel.use}
			strata={now.bed.strata}
			{front}
			flames={now.stage === 'feeding' || now.stage === 'gassing' || now.stage === 'front'
				? last?.isHigh
					? 2
					: 1
				: 0}
			{isOut}
			holds={front === undefined && given.behind.isFilledOnce ? filledWith : undefined}
			caption="{given.vessel.name}, {stageWords[now.stage]}. {bedWords(now, system)}"
			{system}
		/>
		<div>
			<p class="text-lg">{since_ms?.label ?? stageWords[now.stage]}</p>
			{#if since_ms}<p class="font-slab text-6xl leading-none font-semibold lining-nums" data-since>
					{sayClock(live.now_ms - since_ms.from_ms)}
				</p>{/if}
			{#if now.pace}<p class="mt-2 text-lg">
					next <strong>{paceWords(now.pace, live.now_ms)}</strong>
				</p>{:else}<p class="mt-2 text-lg">{capital(stageWords[now.stage])}.</p>{/if}
		</div>
	</div>
	<p class="quiet">{bedWords(now, system)}</p>
	{#if now.pace}<PaceBar pace={now.pace} now_ms={live.now_ms} />{/if}

	{#if now.stage === 'unlit'}
		<form
			method="post"
			action="/fires/{given.code}/now?/light"
			onsubmit={(event) => taps.light(event)}
		>
			<input type="hidden" name="actId" value={actId} />
			<button class="main-tap">It is lit</button>
		</form>
		<p class="mt-2">
			{#if given.onSite_l}{say(given.onSite_l, 'L', system)} of water on site before the match.{/if}
			Wind, ban and permit come first; nobody leaves it from now on.
		</p>
	{:else}
		<form
			method="post"
			action="/fires/{given.code}/now?/tap"
			onsubmit={(event) => taps.send(event)}
		>
			<input type="hidden" name="actId" value={actId} />
			{#if row.main && main}
				<button class="main-tap" name="tap" value={row.main}
					>{main.label}{#if main.under}<span class="block text-base font-normal">{main.under}</span
						>{/if}</button
				>
			{/if}
		</form>
	{/if}
	<div aria-live="polite">
		{#if taps.agoMin > 0}<p class="mt-2 border-l-4 border-accent pl-3 font-semibold">
				The next tap counts as done {taps.agoMin} min ago.
			</p>{/if}
		{#if taps.fresh}<p class="mt-2 flex items-center gap-3 border-l-4 border-success pl-3">
				<span class="flex-1">{capital(taps.fresh.says)}.</span>
				<button type="button" class="btn min-h-14 btn-outline" onclick={() => void taps.takeBack()}
					>Take it back</button
				>
			</p>{/if}
		{#if taps.doubt}<div class="mt-2 border-l-4 border-warning pl-3">
				<p class="font-semibold">{taps.doubt.says}</p>
				<p class="mt-1 flex flex-wrap gap-2">
					{#each taps.doubt.ways as way (way.label)}<button
							type="button"
							class="btn min-h-14 btn-outline"
							onclick={way.take}>{way.label}</button
						>{/each}
				</p>
			</div>{/if}
	</div>
	{#if now.stage === 'quenched'}
		{#await proof()}<p class="mt-3">
				<a class="inline-flex min-h-14 items-center underline" href="/fires/{given.code}#form"
					>Check it in three places</a
				>
			</p>{:then { default: Proof }}<Proof
				{live}
				{almanac}
				{system}
				{sent}
				{actId}
				{taps}
			/>{/await}
	{/if}
	{#if row.tiles.length > 0}
		<div class="mt-3 grid grid-cols-3 gap-2">{@render tiles(row.tiles)}</div>
		{#if row.more.length > 0}
			<details class="mt-2">
				<summary class="flex min-h-14 cursor-pointer items-center underline">More to tap</summary>
				<div class="mt-1 grid grid-cols-3 gap-2">{@render tiles(row.more)}</div>
			</details>
		{/if}
		<Forgotten {taps} code={given.code} />
	{/if}
	{#if errors && Object.keys(errors).length > 0}<p
			role="alert"
			class="mt-2 font-semibold text-error"
		>
			{Object.values(errors).join(' ')}
		</p>{/if}

	{#if now.advice.length > 0}
		<ul class="mt-4 border-t border-base-300 pt-3">
			{#each now.advice.slice(0, 4) as one, i (one.code)}<li
					class={i === 0 ? 'text-lg font-semibold' : 'mt-1'}
				>
					{adviceWords(one, system)}
				</li>{/each}
		</ul>
	{/if}
	{#if now.ending}<p class="mt-2">
			{endWords(now.ending, { ...almanac, now_ms: live.now_ms }, system)}
		</p>{/if}
	{#if now.pace}<p class="quiet mt-2 text-sm">{paceFrom(now.pace)}</p>{/if}
	{#if now.stage === 'quenching' || now.stage === 'burning-down' || now.stage === 'quenched'}
		<p class="mt-3">
			Water: <strong>{say(now.water.used_l, 'L', system)}</strong> of {say(
				now.water.need_l,
				'L',
				system
			)} it likely wants; {say(now.water.least_l, 'L', system)} at the least.
			{#if taps.isRateWanted}What does the hose give a minute? Fill a bucket by the clock, and say
				it with
				<a class="underline" href="/log?line={encodeURIComponent(`hose ${given.code} stop 11 L`)}"
					>a line</a
				>.{/if}
		</p>
	{/if}
	<Course {live} {almanac} {system} {undoId} {taps} />
</section>

{#snippet tiles(names: readonly (PressName | Asked)[])}
	<Tiles {names} {words} code={given.code} {actId} {system} {taps} />
{/snippet}
