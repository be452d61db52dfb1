<script lang="ts">
	import type { BrewWorked, Recipe } from '$lib/core/brews';
	import type { System } from '$lib/core/units';
	import { partWords, stuffName } from '$lib/format/brew-words';
	import { say } from '$lib/format/figure';
	import { capital } from '$lib/format/words';
	/** What goes into the pail, each with its amount and what of it lacks. */
	let {
		recipe,
		reckoned,
		system
	}: { recipe: Recipe; reckoned: BrewWorked; system: System | undefined } = $props();
</script>

<h2 class="mt-3 mb-1 text-lg">What goes in</h2>
<ul class="mb-3">
	<li class="flex justify-between gap-3 border-b border-base-300 py-1">
		<span>{recipe.base.of === 'water' ? 'Water' : capital(stuffName(recipe.base.of[0]!))}</span
		><strong>{say(reckoned.base_l, 'L', system)}</strong>
	</li>
	{#each reckoned.parts as part (part.part.id)}<li
			class="flex justify-between gap-3 border-b border-base-300 py-1"
		>
			<span
				>{partWords[part.part.id]}: {stuffName(part.stuff)}{part.short === undefined
					? ''
					: `, ${say(part.short, 'L', system)} more than there is`}</span
			><strong class={part.short === undefined ? '' : 'text-error'}
				>{say(part.part.by === 'kg' ? part.kg : part.litres, part.part.by, system)}</strong
			>
		</li>{/each}
</ul>
