<script lang="ts">
	import Answer from '$lib/components/answer/Answer.svelte';
	import { sayDay } from '$lib/format/dates';
	import Pager from '$lib/components/answer/Pager.svelte';
	import Sourced from '$lib/components/answer/Sourced.svelte';
	import VesselCutaway from '$lib/components/cutaway/VesselCutaway.svelte';
	import { litres } from '$lib/core/units';
	import { depthAtVolume } from '$lib/core/vessels';
	import { joined, say, sayRange, show } from '$lib/format/figure';
	import { slip } from '$lib/format/slip';
	import { proofWords } from '$lib/format/proof-words';
	import { useWords } from '$lib/format/vessel-words';
	import { burnWords, capital } from '$lib/format/words';
	import { charLabel, firesAnswer, meansByWay, yieldLabel } from './answer';
	let { data } = $props();
	const means = $derived(meansByWay(data.given));
	const between = ([low, value, high]: readonly [number, number, number]) => ({
		low,
		value,
		high,
		unit: 'L' as const
	});
	/** Depth of the char in its vessel; a plan shows what it expects. */
	const depthOf = ({ charLitres, expected, shape }: (typeof data.lines)[number]) => {
		const at = depthAtVolume(shape, litres(charLitres ?? expected?.[1] ?? 0));
		return at.status === 'holds' ? at.depth : shape.depth;
	};
</script>

<Answer title="Fires" answer={firesAnswer(data, data.system)}>
	{#snippet reason()}
		{#if data.lines.length === 0}
			<p>
				A first burn: dry thin wood, a kiln or trench you have measured, water on site before the
				match, two people, and three cold places before anyone calls it out. Light the first load
				from the top, add thin layers when white ash shows on the edges, stop when little flame is
				left, then flood or hose it.
			</p>
		{:else}<p>
				No timer declares a fire out: only checks that pass in three places at full depth do, half
				an hour and two hours after the quench, at sunset and next morning.
			</p>{/if}
		<p class="mt-3">
			{#each data.burning as { code, name } (code)}<a
					class="btn mr-2 min-h-12 text-base btn-primary"
					href="/fires/{code}/now">To {name}, which burns</a
				>{/each}
			<a
				class="btn min-h-12 text-base {data.burning.length > 0 ? 'btn-outline' : 'btn-primary'}"
				href="/fires/plan">Plan a burn</a
			>
			<a class="btn ml-2 min-h-12 btn-outline text-base" href="/fires/light">Light one now</a>
			{#if data.hasBarrel}<a class="btn ml-2 min-h-12 btn-outline text-base" href="/fires/day"
					>A day of barrels</a
				>{/if}
		</p>
	{/snippet}
</Answer>

<div class="sheet">
	<div class="flex flex-col">
		{#if means.length > 0}<table class="ledger-table mb-6 max-w-xl max-sm:order-last max-sm:mt-6">
				<thead
					><tr><th>One burn</th><th class="num">Char</th><th class="num">Of the dry wood</th></tr
					></thead
				>
				<tbody
					>{#each means as { way, means: of } (way)}<tr
							><td>{capital(useWords[way])}</td><td class="num whitespace-nowrap"
								><Sourced named slip={slip(charLabel(way), of.volume, data.system)} /></td
							><td class="num whitespace-nowrap"
								><Sourced named slip={slip(yieldLabel(way), of.massYield, data.system)} /></td
							></tr
						>{/each}</tbody
				>
			</table>{/if}
		<ul>
			{#each data.lines as line (line.code)}
				<li class="thing-row grid min-h-16 grid-cols-[4.5rem_1fr_auto] items-center gap-3 py-2">
					<VesselCutaway
						shape={line.shape}
						use={line.use}
						depth={depthOf(line)}
						hot={line.hot}
						caption=""
						system={data.system}
						small
					/>
					<span>
						<a class="row-link font-semibold" href="/fires/{line.code}">{line.code} {line.vessel}</a
						>
						<span class="quiet">{sayDay(line.at_ms, data.almanac)}</span>
						<span class="block text-sm {line.hot ? 'font-semibold text-error' : 'quiet'}">
							{line.burns
								? 'burning now'
								: line.proof === undefined
									? line.gaveUp
										? 'given up'
										: 'planned'
									: line.proof.stage === 'unproven' && !line.isAbout
										? 'none of its char lies about'
										: proofWords(line.proof)}{line.verdict && !line.hot
								? `, ${burnWords[line.verdict]}`
								: ''}
						</span>
					</span>
					<span class="text-right">
						{#if line.charLitres !== undefined}
							<strong class="block">{say(line.charLitres, 'L', data.system)} char</strong>
							{#if line.massYield !== undefined}<span class="quiet text-sm"
									>{joined(show({ ...line.massYield, unit: 'share' }, data.system))} of dry wood</span
								>{/if}
						{:else if line.expected}<span class="quiet"
								>expect {sayRange(between(line.expected), data.system)}</span
							>{/if}
					</span>
				</li>
			{/each}
		</ul>
		<Pager
			page={data.page}
			pages={data.pages}
			label="Older and newer fires"
			href={(page) => `/fires?page=${page}`}
		/>
	</div>
	<aside>
		<h2 class="mb-2 border-b-2 border-base-content text-lg">Vessels</h2>
		<ul>
			{#each data.vessels as vessel (vessel.name)}
				<li class="py-1">
					<a
						class="inline-block min-h-11 content-center font-semibold underline"
						href="/vessels/{encodeURIComponent(vessel.name)}">{vessel.name}</a
					>
					<span class="quiet text-sm"
						>{useWords[vessel.usedFor]}, {say(vessel.capacity_l, 'L', data.system)}</span
					>
				</li>
			{/each}
		</ul>
		<a class="btn mt-3 min-h-12 btn-outline" href="/vessels">All vessels and their history</a>
	</aside>
</div>
