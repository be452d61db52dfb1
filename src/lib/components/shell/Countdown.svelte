<script lang="ts">
	import { sayFromNow, type Almanac } from '$lib/format/dates';
	import { ticking } from './ticking.svelte';
	/** How long until a moment, going on by itself; right again at once when a phone wakes. */
	let { at_ms, almanac }: { at_ms: number; almanac: Almanac } = $props();
	const now = ticking(() => almanac.now_ms);
</script>

<span data-countdown>{sayFromNow(at_ms, { timeZone: almanac.timeZone, now_ms: now.now_ms })}</span>
