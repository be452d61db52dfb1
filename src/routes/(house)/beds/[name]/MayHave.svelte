<script lang="ts">
	import type { System } from '$lib/core/units';
	import type { Almanac } from '$lib/format/dates';
	import { list } from '$lib/format/words';
	import type { PageData } from './$types';
	import { ashWords, cropWords } from '../may-have';
	/** What it may have beside char, what stands in the way first, and what grows there. */
	let {
		may,
		here,
		almanac,
		system
	}: {
		may: PageData['may'];
		/** Its own page. */
		here: string;
		almanac: Almanac;
		system: System | undefined;
	} = $props();
	const ash = $derived(ashWords(may, almanac, system));
</script>

<dl class="mt-3 grid grid-cols-[5rem_minmax(0,1fr)] gap-y-1">
	<dt class="font-semibold">Ash</dt>
	<dd>
		{ash}
		<a class="underline" href="{here}/verdict">Char, ash, both or neither?</a>
	</dd>
	<dt class="font-semibold">Grows</dt>
	<dd>
		{may.now.length > 0 ? list(may.now.map(cropWords)) : 'nothing named'}{may.next.length > 0
			? `; next ${list(may.next.map(cropWords))}`
			: ''}.
		<a class="underline" href="{here}/accounts">What it has had, and gave</a>;
		<a class="underline" href="{here}/why">what ails it?</a>
	</dd>
</dl>
