<script lang="ts">
	import { rimArea, type Shape } from '$lib/core/vessels';
	import type { System } from '$lib/core/units';
	import { say, unbroken } from '$lib/format/figure';
	import { capital, count } from '$lib/format/words';
	import type { PageData } from './$types';
	/** What is in a vessel, what it gave, and what its measures are good for. */
	let {
		vessel,
		inside,
		done,
		shape,
		system
	}: Pick<PageData, 'vessel' | 'inside' | 'done'> & {
		shape: Shape | undefined;
		system: System | undefined;
	} = $props();
	const isTub = $derived(vessel?.usedFor === 'tub');
	/** Burnt from above, flames over its whole rim. */
	const burnsOpen = $derived(vessel?.usedFor === 'open-kiln' || vessel?.usedFor === 'trench');
	const gave = $derived(
		done &&
			`${capital(count(done.burns, 'burn', 'burns'))} in it gave ${say(done.litres, 'L', system)} of char${done.burns > 1 ? ' each, as a mean' : ''}.`
	);
</script>

<p>
	{#if inside?.now?.does === 'soaks'}<a class="underline" href={inside.now.href}
			>{inside.now.code}</a
		> stands in it.{:else if isTub}It is free.{/if}
	{#if gave}{unbroken(gave)}{/if}
	{#if shape && burnsOpen}Flames stand over {say(rimArea(shape), 'm²', system)} at the rim.{/if}
	Measured once, a stick is enough afterwards: the depth of {isTub ? 'what is in it' : 'char'} tells its
	volume.
</p>
