<script lang="ts">
	import { brewSpeed, cultures, recipeOf, recipes, type RecipeId } from '$lib/core/brews';
	import { celsius } from '$lib/core/units';
	import { sayHours } from '$lib/format/brew-words';
	import { plain } from '$lib/format/figure';
	import { capital } from '$lib/format/words';
	/** The kinds of brew: what each takes in time where it will stand, and how far it is thinned. */
	let {
		value,
		onpick,
		temperature
	}: {
		value: RecipeId;
		onpick: (id: RecipeId) => void;
		/** Where it stands, °C; none while that can't be read. */
		temperature: number | undefined;
	} = $props();
	const isFor = (id: RecipeId, what: 'tea' | 'culture' | 'ferment') => {
		const culture = cultures.some((one) => one.id === id);
		const tea = recipeOf(id).hours[1] <= 72 && !culture && recipeOf(id).base.of === 'water';
		return what === (culture ? 'culture' : tea ? 'tea' : 'ferment');
	};
	const groups = (
		[
			['Teas, for a day', 'tea'],
			['Cultures, to start others', 'culture'],
			['Ferments and liquors', 'ferment']
		] as const
	).map(([name, what]) => ({ name, of: recipes.filter(({ id }) => isFor(id, what)) }));
	const speed = $derived(temperature === undefined ? 1 : brewSpeed(celsius(temperature)));
	const takes = (id: RecipeId): string => {
		const [low, high] = recipeOf(id).hours;
		if (high === 0) return 'at once';
		return speed === 0 ? 'never, so cold or hot' : sayHours(low / speed, high / speed);
	};
	const thinned = (id: RecipeId): string => {
		const { soil } = recipeOf(id);
		if (!soil) return 'feeds the next';
		return soil.strongest === 0
			? `undiluted to 1 : ${plain(soil.finest, 0)}`
			: `1 : ${plain(soil.strongest, 0)}${soil.finest === soil.strongest ? '' : ` to ${plain(soil.finest, 0)}`}`;
	};
</script>

<fieldset>
	<legend class="sr-only">What to brew</legend>
	<div class="grid gap-x-5 gap-y-3 md:grid-cols-3">
		{#each groups as group (group.name)}
			<div>
				<p class="mb-1 text-sm font-semibold">{group.name}</p>
				{#each group.of as recipe (recipe.id)}
					<label
						class="flex min-h-11 cursor-pointer items-center justify-between gap-2 border-b border-l-4 border-base-300 border-l-transparent px-2 leading-tight has-checked:border-l-secondary has-checked:bg-secondary/10 has-checked:font-semibold has-focus-visible:outline-3 max-md:min-h-12"
					>
						<input
							type="radio"
							class="sr-only"
							name="recipe"
							value={recipe.id}
							checked={recipe.id === value}
							onchange={() => onpick(recipe.id)}
						/>
						<span class="text-sm">{capital(recipe.name)}</span>
						<span class="quiet shrink-0 text-right text-xs font-normal"
							>{takes(recipe.id)}<br />{thinned(recipe.id)}</span
						>
					</label>
				{/each}
			</div>
		{/each}
	</div>
</fieldset>
