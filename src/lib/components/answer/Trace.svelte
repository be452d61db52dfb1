<script lang="ts">
	import { sayDay, type Almanac } from '$lib/format/dates';
	import type { Place } from '$lib/core/kinds';
	import { pathOf } from '$lib/format/paths';
	/** A trace as an indented list: each lot or bed under the one that led to it. */
	interface Step {
		readonly kind: Place;
		readonly code: string;
		readonly name: string;
		readonly did: string;
		readonly at_ms: number;
		readonly depth: number;
	}
	let {
		title,
		way,
		almanac
	}: {
		title: string;
		/** The nearest steps, and how many there are beyond; the trace page has all of them. */
		way: { readonly steps: readonly Step[]; readonly more: number };
		almanac: Almanac;
	} = $props();
	const indents = ['', 'pl-3', 'pl-6', 'pl-9', 'pl-12'];
</script>

{#if way.steps.length > 0}
	<section class="mb-6">
		<h2 class="mb-2 border-b-2 border-base-content text-lg">{title}</h2>
		<ol>
			{#each way.steps as step (step.code)}
				<li class={indents[Math.min(4, step.depth - 1)]}>
					<a
						class="inline-block min-h-11 content-center font-semibold underline"
						href={pathOf(step.kind, step.code)}>{step.code}</a
					>
					{step.name}
					<span class="quiet text-sm">{step.did} {sayDay(step.at_ms, almanac)}</span>
				</li>
			{/each}
			{#if way.more > 0}<li class="quiet py-1">and {way.more} more</li>{/if}
		</ol>
	</section>
{/if}
