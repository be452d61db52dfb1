<script lang="ts">
	import { sayDay, sayWhen, type Almanac } from '$lib/format/dates';
	import type { PageData } from './$types';
	/** When one may eat from it raw, by what went on. */
	let {
		harvest,
		eatenRaw,
		almanac
	}: { harvest: PageData['harvest']; eatenRaw: boolean; almanac: Almanac } = $props();
	const inside = {
		urine: 'urine',
		'raw-manure': 'raw manure',
		aged: 'manure',
		'sugar-fed': 'what fed on sugar',
		none: ''
	} as const;
</script>

{#if harvest && harvest.onSoilFrom_ms > almanac.now_ms}<p
		class="mt-2 {eatenRaw ? 'border-l-4 border-error py-1 pl-4 font-semibold' : 'quiet text-sm'}"
	>
		{eatenRaw ? 'Nothing from here is eaten raw before' : 'Were it eaten raw: not before'}
		{harvest.onSoilFrom_ms > harvest.from_ms
			? `${sayDay(harvest.from_ms, almanac)}, or ${sayDay(harvest.onSoilFrom_ms, almanac)} where what is eaten touches the soil`
			: sayWhen(harvest.from_ms, almanac)}:
		<a class="underline" href="/ledger/lot/{harvest.code}">{harvest.code}</a>
		has {inside[harvest.germs]} in it. <span class="font-normal">{harvest.source}.</span>
	</p>{/if}
