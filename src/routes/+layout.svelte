<script lang="ts">
	import '../app.css';
	import { beginTyping } from '$lib/components/entry/typing.svelte';
	import { serverClock } from '$lib/components/shell/clock';
	let { data, children } = $props();
	beginTyping(() => data);
	$effect.pre(() => {
		const { now_ms } = data.almanac;
		// A page that the device kept brings an old time.
		if (document.documentElement.dataset.kept === undefined) return serverClock.hear(now_ms);
		delete document.documentElement.dataset.kept;
		serverClock.recall();
	});
	// Says that the page answers while one types; until then its forms work by sending.
	$effect(() => {
		// A page whose script comes later says it by itself.
		if (!document.querySelector('[data-later]')) document.documentElement.dataset.live = 'yes';
	});
</script>

{@render children()}
