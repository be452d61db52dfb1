<script lang="ts">
	import Answer from '$lib/components/answer/Answer.svelte';
	import VesselCutaway from '$lib/components/cutaway/VesselCutaway.svelte';
	import Pager from '$lib/components/answer/Pager.svelte';
	import { sayDay } from '$lib/format/dates';
	import { say } from '$lib/format/figure';
	import { capital, count, list } from '$lib/format/words';
	import { kitWords, useWords } from '$lib/format/vessel-words';
	let { data } = $props();
	type Vessel = (typeof data.vessels)[number];
	const groupOf = ({ wrong, usedFor }: Vessel) =>
		wrong ? 'Want mending' : usedFor === 'tub' ? 'For soaks and brews' : 'For fires';
	const groups = $derived(
		['Want mending', 'For fires', 'For soaks and brews']
			.map((heading) => ({
				heading,
				vessels: data.vessels.filter((vessel) => groupOf(vessel) === heading)
			}))
			.filter(({ vessels }) => vessels.length > 0)
	);
	const mostNamed = 3;
	const answer = $derived.by((): string => {
		if (data.n === 0) return 'No vessel is measured yet: tape rim, floor and depth';
		const many = capital(count(data.n, 'vessel stands', 'vessels stand'));
		const [first] = data.wrong;
		if (first === undefined) return `${many} ready`;
		if (data.wrong.length > mostNamed) return `${many} here; ${data.wrong.length} want mending`;
		return `${many} here; ${list(data.wrong)} ${data.wrong.length === 1 ? 'wants' : 'want'} mending`;
	});
</script>

<Answer title="Vessels" {answer} crumbs={[{ label: 'Fires', href: '/fires' }]}>
	{#snippet reason()}<p>
			Measured once, each tells litres from a stick. What it has done and what broke is kept with
			it.
		</p>
		<p class="mt-3"><a class="btn min-h-12 btn-primary" href="/vessels/new">Measure a vessel</a></p>
	{/snippet}
</Answer>

{#each groups as { heading, vessels } (heading)}
	<h2 class="mt-6 mb-1 text-xl">{heading}</h2>
	<ul>
		{#each vessels as vessel (vessel.name)}
			<li class="thing-row grid min-h-16 grid-cols-[4.5rem_1fr_auto] items-center gap-3 py-2">
				<VesselCutaway
					shape={vessel.shape}
					use={vessel.usedFor}
					depth={0}
					caption=""
					system={data.system}
					small
				/>
				<span>
					<a class="row-link font-semibold" href="/vessels/{encodeURIComponent(vessel.name)}"
						>{vessel.name}</a
					>
					<span class="quiet">{useWords[vessel.usedFor]}</span>
					<span class="block text-sm {vessel.wrong ? 'font-semibold text-error' : 'quiet'}">
						{#if vessel.wrong}{kitWords[vessel.wrong.what].name}: {vessel.wrong.words}
						{:else if vessel.holds}{vessel.holds} stands in it
						{:else if vessel.done}{count(vessel.done.burns, 'burn', 'burns')}, the last {sayDay(
								vessel.done.last_ms,
								data.almanac
							)}
						{:else}free{/if}
					</span>
				</span>
				<span class="text-right">
					<strong class="block">{say(vessel.capacity_l, 'L', data.system)}</strong>
					{#if vessel.done}<span class="quiet text-sm"
							>{say(vessel.done.litres, 'L', data.system)} of char a burn</span
						>{/if}
				</span>
			</li>
		{/each}
	</ul>
{/each}
<Pager
	page={data.page}
	pages={data.pages}
	label="More vessels"
	href={(page) => `/vessels?page=${page}`}
	before="Back"
	after="More vessels"
/>
