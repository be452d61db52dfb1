<script lang="ts">
	import type { System } from '$lib/core/units';
	import { say } from '$lib/format/figure';
	/** How fast water went in, reading by reading; those before the bed's first char light, those after it dark. */
	let {
		seeps,
		system
	}: {
		seeps: readonly {
			readonly actId: string;
			readonly day: string;
			readonly mm_h: number;
			readonly run?: string | undefined;
			readonly isAfter: boolean;
		}[];
		system: System | undefined;
	} = $props();
	const most = $derived(Math.max(1, ...seeps.map(({ mm_h }) => mm_h)));
	const inHour = (mm_h: number) => `${say(mm_h / 10, 'cm', system)} an hour`;
</script>

<ul class="mb-3 max-w-xl">
	{#each seeps as { actId, day, mm_h, run, isAfter } (actId)}
		<li class="grid grid-cols-[6rem_1fr] items-center gap-x-3 py-1">
			<span>{day}</span>
			<span>
				<span
					class="inline-block h-4 align-middle"
					style:width="{Math.max(1, (mm_h / most) * 55)}%"
					style:background-color={isAfter ? 'var(--char)' : 'var(--straw)'}
				></span>
				{inHour(mm_h)}{run === 'first' ? ', first run' : ''}
				<span class="quiet text-sm">{isAfter ? 'with char' : 'before any char'}</span>
			</span>
		</li>
	{/each}
</ul>
