<script lang="ts">
	import type { BandPart } from '$lib/core/time';
	import { bandWords } from '$lib/format/words';
	/**
	 * Working, may be used, best, fading, past: told apart by pattern and word. `parts` come from
	 * core; `from`–`to` is the span drawn, ms; `now` is marked.
	 */
	let {
		parts,
		from,
		to,
		now,
		words = false,
		length = 400
	}: {
		parts: readonly BandPart[];
		from: number;
		to: number;
		now: number;
		words?: boolean;
		/** Units across; the height stays, so a wide place wants more of them. */
		length?: number;
	} = $props();
	const uid = $props.id();
	/** Of the span: a narrower part has no room for its word on a phone. */
	const leastForWords = 0.2;
	/** To a tenth of a unit. */
	const at = (ms: number) => Math.round(((ms - from) / (to - from)) * length * 10) / 10;
	const label = $derived(parts.map((part) => bandWords[part.state]).join(', then '));
	const fills = {
		working: `url(#${uid}-hatch)`,
		usable: 'var(--moss-light)',
		best: 'var(--moss)',
		fading: `url(#${uid}-stripe)`,
		past: 'none'
	};
</script>

<svg viewBox="0 0 {length} 26" class="block w-full" role="img" aria-label={label}>
	<defs>
		<pattern id="{uid}-hatch" width="7" height="7" patternUnits="userSpaceOnUse">
			<path d="M0 7 7 0" stroke="var(--ash)" stroke-width="1.4" />
		</pattern>
		<pattern id="{uid}-stripe" width="8" height="8" patternUnits="userSpaceOnUse">
			<path d="M2 0v8" stroke="var(--straw)" stroke-width="4" />
		</pattern>
	</defs>
	{#each parts as part (part.state)}
		<rect
			x={at(part.from_ms)}
			y="10"
			width={(at(part.to_ms) - at(part.from_ms)).toFixed(1)}
			height="13"
			fill={fills[part.state]}
			stroke="var(--ash)"
			stroke-width={part.state === 'past' || part.state === 'working' ? 1 : 0}
		/>
		{#if part.state === 'past'}<path
				d="M{at(part.from_ms)} 23L{at(part.to_ms)} 10"
				stroke="var(--ash)"
			/>{/if}
	{/each}
	{#if now >= from && now <= to}
		<path
			d="M{at(now) - 5} 0h10l-5 7v18"
			fill="var(--ink)"
			stroke="var(--ink)"
			stroke-width="1.5"
		/>
	{/if}
</svg>
{#if words}
	<!-- Letters of the page's own size: in the drawing they would shrink with it. -->
	<span class="relative block h-5 text-xs" aria-hidden="true">
		{#each parts as part (part.state)}
			{@const share = (part.to_ms - part.from_ms) / (to - from)}
			{#if share > leastForWords}<span
					class="absolute truncate"
					style="left: {((part.from_ms - from) / (to - from)) * 100}%; max-width: {share * 100}%"
					>{bandWords[part.state]}</span
				>{/if}
		{/each}
	</span>
{/if}
