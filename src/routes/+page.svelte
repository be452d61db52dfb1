<script lang="ts">
	import Answer from '$lib/components/answer/Answer.svelte';
	import WeeksAhead from '$lib/components/band/WeeksAhead.svelte';
	import VesselCutaway from '$lib/components/cutaway/VesselCutaway.svelte';
	import { depthAtVolume } from '$lib/core/vessels';
	import { sum as sumOf, type Litres } from '$lib/core/units';
	import { schoolOf } from '$lib/core/charging';
	import { sayDay, sayFromNow, sayToday } from '$lib/format/dates';
	import { say, sayRange } from '$lib/format/figure';
	import { said } from '$lib/format/sentence';
	import { nextCheckWords, proofReason } from '$lib/format/proof-words';
	import { count } from '$lib/format/words';
	import { todayAnswer } from './answer';
	import ChargeCard from './charging/ChargeCard.svelte';
	let { data } = $props();
	const t = $derived(data.today);
	const now = $derived(data.almanac.now_ms);
	const facts = $derived({
		hot: t.hot.length,
		failed: t.failed.length,
		ripe: t.ripe.length,
		wantTest: t.wantTest.length,
		fading: t.fading.length,
		watch: t.watch.length,
		due: t.watch.filter((line) => line.proof?.overdue).length,
		has: t.has
	});
	const acting = $derived([...t.failed, ...t.ripe, ...t.wantTest, ...t.fading]);
	const depthOf = (line: (typeof t.hot)[number]) => {
		const at = depthAtVolume(line.vessel.shape, (line.burn.record?.charLitres ?? 0) as Litres);
		return at.status === 'holds' ? at.depth : line.vessel.shape.depth;
	};
	const nameOf = (row: (typeof data.ahead.rows)[number]) =>
		row.of === 'charge' ? schoolOf(row.name as Parameters<typeof schoolOf>[0]).name : row.name;
</script>

<Answer title="Today" answer={todayAnswer(facts)}>
	{#snippet reason()}
		<p class="quiet">{sayToday(data.almanac)}{data.place ? `, ${data.place}` : ''}</p>
		{#if !t.has.stacks && !t.has.burns}
			<p class="mt-2">
				Everything later, how much char, how much water, how much on a bed, rests on how much dry
				wood goes in. Two numbers and a wood class are enough to begin.
			</p>
			<p class="mt-3">
				<a class="btn min-h-12 text-base btn-primary" href="/woodyard#measure">Measure one pile</a>
			</p>
		{/if}
	{/snippet}
</Answer>

{#each t.hot as line (line.burn.code)}
	<section class="mb-6 grid gap-4 border-l-4 border-error pl-4 sm:grid-cols-[1fr_16rem]">
		<div>
			<h2 class="text-xl">{line.burn.code} {line.vessel.name}: not proven out</h2>
			<p class="mt-1 max-w-prose">
				Quenched {sayFromNow(line.burn.record?.quenchedAt_ms ?? now, data.almanac)}.
				{#if line.proof}{proofReason(line.proof)} {nextCheckWords(line.proof, data.almanac)}{/if}
				Until three places pass at full depth, its {say(
					line.burn.record?.charLitres ?? 0,
					'L',
					data.system
				)} count as hot.
			</p>
			<a class="btn mt-3 min-h-12 text-base btn-primary" href="/fires/{line.burn.code}"
				>Check it now</a
			>
		</div>
		<VesselCutaway
			shape={line.vessel.shape}
			depth={depthOf(line)}
			hot
			caption={said`${line.vessel.name}, ${say(line.burn.record?.charLitres ?? 0, 'L', data.system)}.`}
			system={data.system}
		/>
	</section>
{/each}

{#if t.watch.length > 0}
	<ul class="mb-8">
		{#each t.watch as line (line.burn.code)}
			<li class="flex flex-wrap items-center gap-x-6 gap-y-2 border-l-4 border-warning py-1 pl-4">
				<p class="min-w-64 flex-1">
					<strong>{line.burn.code} {line.vessel.name}: cold so far.</strong>
					{#if line.proof}{proofReason(line.proof)} {nextCheckWords(line.proof, data.almanac)}{/if}
				</p>
				<a
					class="btn min-h-12 text-base {line.proof?.overdue ? 'btn-primary' : 'btn-outline'}"
					href="/fires/{line.burn.code}">Check it</a
				>
			</li>
		{/each}
	</ul>
{/if}

{#if acting.length > 0}
	<ul class="mb-8 grid gap-x-8 gap-y-6 sm:grid-cols-2 xl:grid-cols-3">
		{#each acting as line (line.charge.code)}<li>
				<ChargeCard {line} almanac={data.almanac} system={data.system} />
			</li>{/each}
	</ul>
{/if}

{#if data.ahead.rows.length > 0}
	<WeeksAhead
		rows={data.ahead.rows.map((row) => ({ ...row, name: nameOf(row) }))}
		from={data.ahead.from_ms}
		to={data.ahead.to_ms}
		almanac={data.almanac}
	/>
{/if}

<section>
	<h2 class="mb-2 text-xl">Next in the yard</h2>
	<ul class="max-w-prose">
		{#each t.planned as line (line.burn.code)}<li class="border-b border-base-300 py-2">
				<a class="underline" href="/fires/{line.burn.code}">Burn {line.burn.code}</a> in {line
					.vessel.name}, {sayDay(line.burn.plan?.plannedFor_ms ?? now, data.almanac)}.
			</li>{/each}
		{#if t.rawLitres > 0}<li class="border-b border-base-300 py-2">
				<a class="underline" href="/charging">Charge what is raw</a>, {say(
					t.rawLitres,
					'L',
					data.system
				)} of char: raw it takes from a bed instead of giving.
			</li>{/if}
		{#if t.unread[0]}<li class="border-b border-base-300 py-2">
				<a class="underline" href="/woodyard/{t.unread[0].stack.code}"
					>Read the moisture of {t.unread[0].stack.code} {t.unread[0].stack.name}</a
				>{t.unread.length > 1
					? `; ${count(t.unread.length - 1, 'stack more waits', 'stacks more wait')} for a reading`
					: ''}.
			</li>{/if}
		{#if t.ready.length > 0}<li class="border-b border-base-300 py-2">
				<a class="underline" href="/fires/plan">Plan a burn</a>:
				{sayRange({ ...sumOf(t.ready.map((l) => l.left)), unit: 'kg' }, data.system)}
				of dry wood <a class="underline" href="/woodyard">in the yard</a> may burn.
			</li>{/if}
		{#if !t.has.vessels}<li class="border-b border-base-300 py-2">
				<a class="underline" href="/vessels/new">Measure a kiln or trench</a>: depth on a stick then
				gives litres.
			</li>{/if}
		{#if !t.has.beds}<li class="border-b border-base-300 py-2">
				<a class="underline" href="/beds">Measure a bed</a>: any rate can then be translated for it.
			</li>{/if}
	</ul>
</section>
