<script lang="ts">
	import type { Pace } from '$lib/core/tending';
	/** From the last layer on: too soon, when the next is wanted, and from when on it turns to ash. */
	let { pace, now_ms }: { pace: Pace; now_ms: number } = $props();
	const whole = $derived(Math.max(1, (pace.high_ms - pace.since_ms) * 1.45));
	const share = (at_ms: number) =>
		Math.min(100, Math.max(0, ((at_ms - pace.since_ms) / whole) * 100));
	const [low, high, here] = $derived([share(pace.low_ms), share(pace.high_ms), share(now_ms)]);
</script>

<div aria-hidden="true" class="mt-2">
	<svg viewBox="0 0 100 8" preserveAspectRatio="none" class="block h-5 w-full">
		<rect x="0" y="2" width="100" height="4" fill="var(--color-base-300)" />
		<rect x="0" y="2" width={low} height="4" fill="var(--ember)" opacity="0.35" />
		<rect x={low} y="2" width={high - low} height="4" fill="var(--moss)" />
		<rect x={high} y="2" width={100 - high} height="4" fill="var(--ash)" opacity="0.5" />
		<rect x={Math.max(0, here - 0.5)} y="0" width="1.2" height="8" fill="currentColor" />
	</svg>
	<p class="flex justify-between text-sm">
		<span>too soon</span><span>good</span><span>burns away</span>
	</p>
</div>
