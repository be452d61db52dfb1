<script lang="ts">
	import Say from '$lib/components/answer/Say.svelte';
	import type { System } from '$lib/core/units';
	import { say } from '$lib/format/figure';
	import { slipped, type Sentence } from '$lib/format/sentence';
	import { charTold } from './answer';
	import { capital } from '$lib/format/words';
	import { recipeOf, type RecipePart } from './recipe';
	import type { ReckonedPlan } from './reckoning';
	/** What goes together, as long as its litres, over what it settles to: the recipe at a glance. */
	let { plan, system }: { plan: ReckonedPlan; system: System | undefined } = $props();
	const recipe = $derived(recipeOf(plan));
	const told = (part: RecipePart): Sentence => {
		const text = say(part.litres, 'L', system);
		if (part.slip === '') return [text];
		return part.slip === undefined ? charTold(plan, system) : [slipped(text, part.slip)];
	};
	const words = $derived(
		`${recipe.parts.map(({ name, litres }) => `${say(litres, 'L', system)} of ${name}`).join(', ')}; together ${say(recipe.settled, 'L', system)} ${recipe.settles}.`
	);
</script>

<figure class="mb-5">
	<svg viewBox="0 0 400 46" class="block w-full" role="img" aria-label={words}>
		{#each recipe.parts as part (part.is)}
			<rect x={part.x} width={part.width} height="22" fill={part.fill} />
			<path d="M{part.x} 0v26" stroke="var(--ink)" stroke-width="1.2" />
		{/each}
		<path
			d="M0 30v12M0 36h{recipe.settledWidth}M{recipe.settledWidth} 30v12"
			stroke="var(--ink)"
			stroke-width="2"
		/>
	</svg>
	<figcaption class="quiet flex flex-wrap gap-x-5 text-sm">
		{#each recipe.parts as part (part.is)}<span class="whitespace-nowrap"
				><svg width="12" height="12" class="inline-block" aria-hidden="true"
					><rect width="12" height="12" fill={part.fill} /></svg
				>
				{capital(part.name)}
				<Say sentence={told(part)} /></span
			>{/each}
		<span class="whitespace-nowrap"
			>together <Say sentence={[slipped(say(recipe.settled, 'L', system), 'The mix')]} />
			{recipe.settles}</span
		>
	</figcaption>
</figure>
