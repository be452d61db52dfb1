<script lang="ts">
	import type { DueTask } from '$lib/core/charging';
	import { taskWords } from '$lib/format/charge-words';
	import { sayWhen, type Almanac } from '$lib/format/dates';
	/** What it wants next, the soonest first. */
	let { tasks, almanac }: { tasks: readonly DueTask[]; almanac: Almanac } = $props();
</script>

<h2 class="mt-6 mb-1 text-xl">What is to do</h2>
<ul class="max-w-prose">
	{#each tasks as { does, due_ms } (does)}
		<li class="flex flex-wrap justify-between gap-x-4 border-b border-base-300 py-1">
			<strong class={due_ms <= almanac.now_ms ? 'text-error' : ''}>{taskWords[does].due}</strong>
			<span class="quiet">{sayWhen(due_ms, almanac)}</span>
		</li>
	{/each}
</ul>
