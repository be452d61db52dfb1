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
		const culture = cultures.some((one) => one.id === id) && !recipeOf(id).soil;
		const tea = recipeOf(id).hours[1] <= 72 && !culture && id !== 'drained-liquor';
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
	{#each groups as group (group.name)}
		<p class="mt-3 text-sm font-semibold first-of-type:mt-0">{group.name}</p>
		<div class="mt-1 grid grid-cols-2 gap-2 md:grid-cols-3 xl:grid-cols-4">
			{#each group.of as recipe (recipe.id)}
				<label
					class="flex min-h-12 cursor-pointer flex-col rounded-field border-[1.5px] border-base-content/40 bg-base-200 px-3 py-1.5 leading-tight has-checked:border-2 has-checked:border-secondary has-checked:bg-secondary/10 has-focus-visible:outline-3"
				>
					<input
						type="radio"
						class="sr-only"
						name="recipe"
						value={recipe.id}
						checked={recipe.id === value}
						onchange={() => onpick(recipe.id)}
					/>
					<strong class="text-sm">{capital(recipe.name)}</strong>
					<span class="quiet text-xs">{takes(recipe.id)}; {thinned(recipe.id)}</span>
				</label>
			{/each}
		</div>
	{/each}
</fieldset>
