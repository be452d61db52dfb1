<script lang="ts">
	import type { OwnMeasure, System, Unit } from '$lib/core/units';
	import { say } from '$lib/format/figure';
	/** The same things of the yard in both systems, so that the choice is made by how they read. */
	let { chosen, measure }: { chosen: string; measure: OwnMeasure | undefined } = $props();
	const systems: readonly { readonly id: System; readonly name: string }[] = [
		{ id: 'metric', name: 'metric' },
		{ id: 'us', name: 'US customary' }
	];
	const things = $derived<readonly (readonly [string, number, Unit])[]>([
		[measure ? `your ${measure.name}` : 'a barrow', measure?.litres ?? 80, 'L'],
		['a dry stack', 450, 'kg'],
		['a coat on a bed', 2, 'L/m²'],
		['char when it is hot', 60, '°C'],
		['a bed', 4.8, 'm']
	]);
</script>

<table class="ledger-table mt-3 max-w-xl">
	<thead
		><tr
			><th>It reads</th>{#each systems as { id, name } (id)}<th class="num">{name}</th>{/each}</tr
		></thead
	>
	<tbody
		>{#each things as [thing, value, unit] (thing)}<tr
				><td>{thing}</td>{#each systems as { id } (id)}<td
						class="num {chosen === id ? 'font-semibold' : 'quiet'}">{say(value, unit, id)}</td
					>{/each}</tr
			>{/each}</tbody
	>
</table>
