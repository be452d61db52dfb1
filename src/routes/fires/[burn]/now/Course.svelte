<script lang="ts">
	import { sayTime, type Almanac } from '$lib/format/dates';
	import type { System } from '$lib/core/units';
	import { tapLine } from '$lib/format/tending-words';
	import type { LiveFire } from './live-fire.svelte';
	import type { Taps } from './tapping.svelte';
	/** What was tapped, the newest first; each can be put right later. */
	let {
		live,
		almanac,
		system,
		undoId,
		taps
	}: {
		live: LiveFire;
		almanac: Almanac;
		system: System | undefined;
		undoId: string;
		taps: Taps;
	} = $props();
	const newest = $derived(live.taps.toSorted((a, b) => b.at_ms - a.at_ms));
	const line = (tap: (typeof newest)[number]) => tapLine(tap, live.fire.course.layers, system);
	const unsent = $derived(new Set(live.waiting.map(({ actId }) => actId)));
	const mostShort = 3;
</script>

{#if newest.length > 0}
	<p class="quiet mt-3 border-t border-base-300 pt-2">
		{newest
			.slice(0, mostShort)
			.map((tap) => `${sayTime(tap.at_ms, almanac)} ${line(tap)}`)
			.join(' · ')}
	</p>
	<details>
		<summary class="flex min-h-14 cursor-pointer items-center underline"
			>{newest.length === 1 ? 'One tap' : `All ${newest.length} taps`}, to put one right</summary
		>
		<ol data-taps>
			{#each newest as tap (tap.id)}
				<li class="flex items-center gap-2 border-b border-base-300 py-1" data-tap={tap.id}>
					<span class="w-14">{sayTime(tap.at_ms, almanac)}</span>
					<span class="flex-1"
						>{line(tap)}{#if tap.person}<span class="quiet">
								· {tap.person}</span
							>{/if}{#if unsent.has(tap.id)}<span class="quiet"> · on this phone</span>{/if}</span
					>
					<form
						method="post"
						action="/fires/{live.code}/now?/undo"
						onsubmit={(event) => {
							event.preventDefault();
							void taps.undo(tap.id, line(tap));
						}}
					>
						<input type="hidden" name="actId" value={undoId} />
						<input type="hidden" name="act" value={tap.id} />
						<button class="btn min-h-14 btn-ghost" aria-label="Not so: {line(tap)}">Not so</button>
					</form>
				</li>
			{/each}
		</ol>
	</details>
{/if}
