<script lang="ts">
	import { choiceText } from '$lib/input/chosen';
	import { typedFor } from '$lib/input/typed-for';
	import { onTheSpot } from '$lib/input/spot';
	import { limits } from '$lib/input/limits';
	import { amountIn } from '$lib/input/read-field';
	import Answer from '$lib/components/answer/Answer.svelte';
	import Figures from '$lib/components/answer/Figures.svelte';
	import RipeningBand from '$lib/components/band/RipeningBand.svelte';
	import BrewCutaway from '$lib/components/cutaway/BrewCutaway.svelte';
	import ActFoot from '$lib/components/entry/ActFoot.svelte';
	import WorkOut from '$lib/components/entry/WorkOut.svelte';
	import Choice from '$lib/components/entry/Choice.svelte';
	import Field from '$lib/components/entry/Field.svelte';
	import Form from '$lib/components/entry/Form.svelte';
	import { goesFigure, isLeafy, isRecipe, recipeOf, vesselFor } from '$lib/core/brews';
	import type { RecipeId } from '$lib/core/brews';
	import { bandParts, momentOf } from '$lib/core/time';
	import { capacity } from '$lib/core/vessels';
	import { stuffName } from '$lib/format/brew-words';
	import { plain, say } from '$lib/format/figure';
	import { slip } from '$lib/format/slip';
	import { capital } from '$lib/format/words';
	import { planAnswer } from './answer';
	import { freshEntry, spotExample, spotPailOf, usualAmount } from './entry';
	import GoesIn from './GoesIn.svelte';
	import KeepPail from './KeepPail.svelte';
	import PartFields from './PartFields.svelte';
	import PlaceFields from './PlaceFields.svelte';
	import RecipeTiles from './RecipeTiles.svelte';
	import { choiceFor, drawnSpan, reckonBrew } from './reckoning';
	import WaterFields from './WaterFields.svelte';
	import type { PageProps } from './$types';
	let { data, form }: Pick<PageProps, 'data' | 'form'> = $props();
	const system = $derived(data.system);
	// svelte-ignore state_referenced_locally
	const given = { ...data.asked, ...form?.values };
	// A form starts from what was sent; afterwards it belongs to the person typing.
	// svelte-ignore state_referenced_locally
	let entry = $state(freshEntry(given, data.vessels, data.system));
	let happenedAt = $state(given.happenedAt ?? '');
	const recipe = $derived(recipeOf(entry.recipe));
	const spotPail = $derived(spotPailOf(entry.spotVessel, data) ?? []);
	const isSpot = $derived(entry.vessel === onTheSpot);
	const isExample = $derived(
		isSpot && data.vessels.length === 0 && entry.spotVessel === spotExample(data.system)
	);
	const vessel = $derived([...data.vessels, ...spotPail].find(({ name }) => name === entry.vessel));
	const vesselName = $derived(isSpot ? 'A pail like this' : (vessel?.name ?? ''));
	const started = $derived(momentOf(happenedAt, data.almanac.timeZone) ?? data.almanac.now_ms);
	const reckoned = $derived(reckonBrew(entry, vessel, started, data));
	const window = $derived(reckoned?.window);
	const span = $derived(window ? drawnSpan(window) : 0);
	const baseOptions = $derived(
		recipe.base.of === 'water'
			? []
			: [
					...data.stock
						.filter(({ stuff }) => recipe.base.of !== 'water' && recipe.base.of.includes(stuff))
						.map(({ code, name, stuff, left_l, doubt }) => ({
							value: choiceText({ lot: code, stuff }),
							label: `${code} ${name}, ${say(left_l, 'L', system)}${doubt ? ` (${doubt})` : ''}`
						})),
					...recipe.base.of
						.filter((stuff) => !isRecipe(stuff))
						.map((stuff) => ({
							value: stuff as string,
							label: `${capital(stuffName(stuff))}, brought in now`
						}))
				]
	);
	const lacksBase = $derived(recipe.base.of !== 'water' && baseOptions.length === 0);
	const needsVessel = $derived(!recipe.standsAnywhere);
	const vesselOptions = $derived([
		...(needsVessel ? [] : [{ value: '', label: 'No vessel that is measured' }]),
		...data.vessels.map(({ name, capacity_l, holds }) => ({
			value: name,
			label: `${name}, ${say(capacity_l, 'L', system)}${holds ? `, holds ${holds}` : ''}`
		})),
		{ value: onTheSpot, label: 'not in the books yet' }
	]);

	/** Another recipe wants another vessel, and as much as that takes. */
	function pick(id: RecipeId) {
		entry.recipe = id;
		const fits = vesselFor(id, isSpot || data.vessels.length === 0 ? spotPail : data.vessels);
		if (fits) entry.vessel = fits.name;
		entry.base = usualAmount(id, fits, data.system);
		entry.withBase = '';
		for (const part of Object.keys(entry.parts)) entry.parts[part] = { amount: '', with: '' };
		entry.place = { ...entry.place, ...(recipeOf(id).isLye ? { plastic: false } : {}) };
	}
	const slips = $derived([
		...(reckoned?.hours && recipe.hours[1] > 0
			? [slip('Until first use', reckoned.hours, system)]
			: []),
		...(reckoned?.goes
			? [slip('Goes as far as', goesFigure(reckoned.made, reckoned.goes.parts), system)]
			: [])
	]);
</script>

<Answer
	title="Plan a brew"
	answer={`${isExample ? 'For example: ' : ''}${planAnswer(
		entry,
		recipe,
		reckoned,
		vessel && { name: isSpot ? 'it' : vessel.name },
		data
	)}`}
	crumbs={[{ label: 'Brews', href: '/brews' }]}
>
	{#snippet reason()}<p>{recipe.source}.</p>{/snippet}
</Answer>

<Form
	id="form"
	name={isSpot ? 'keep' : 'start'}
	method="get"
	sent={form}
	limits={limits.brew}
	class="sheet"
>
	<div class="min-w-0">
		<input type="hidden" name={typedFor} value={entry.recipe} />
		<RecipeTiles
			value={entry.recipe}
			onpick={pick}
			temperature={amountIn(entry.temperature, limits.brew.temperature, data)}
		/>
		{#if lacksBase && recipe.base.of !== 'water'}
			<p class="mt-4 border-l-4 border-warning pl-3">
				No {stuffName(recipe.base.of[0]!)} is there.
				<a class="underline" href="/brews/plan?recipe={recipe.base.of[0]}">Set that going first</a>.
			</p>
		{/if}
		<div class="form-grid mt-5">
			{#if data.vessels.length > 0 || !needsVessel}<Choice
					label="Vessel"
					name="vessel"
					rest={data.otherVessels}
					bind:value={entry.vessel}
					options={vesselOptions}
				/>{:else}<input type="hidden" name="vessel" value={onTheSpot} />{/if}
			{#if isSpot}<Field
					label="The pail holds, to its rim"
					name="spotVessel"
					bind:value={
						() => entry.spotVessel,
						(holds) => {
							entry.spotVessel = holds;
							entry.base = usualAmount(entry.recipe, spotPailOf(holds, data)?.[0], data.system);
						}
					}
					hint={isExample ? 'An example: put in what yours holds' : 'Not in the books yet'}
				/>{/if}
			{#if recipe.base.of === 'water'}
				<Field
					label="Water"
					name="base"
					bind:value={entry.base}
					hint={reckoned && vessel ? `Up to ${say(reckoned.room, 'L', system)}` : ''}
				/>
			{:else}
				<Choice
					label="Made from"
					name="with-base"
					bind:value={
						() =>
							recipe.base.of === 'water'
								? ''
								: choiceFor(recipe.base.of, entry.withBase, data.stock),
						(chosen) => (entry.withBase = chosen)
					}
					options={baseOptions}
				/>
				<Field
					label="How much of it"
					name="base"
					bind:value={entry.base}
					hint={recipe.base.by === 'kg' ? 'By weight, like 300 g' : 'Like 2 L'}
				/>
			{/if}
			<Field
				label="How warm it stands"
				name="temperature"
				bind:value={entry.temperature}
				inputmode="decimal"
			/>
			{#if recipe.base.of === 'water' && recipe.alive}<WaterFields
					bind:entry
					verdict={reckoned?.water}
					base_l={reckoned?.base_l ?? 0}
					{system}
				/>{/if}
			<PartFields bind:entry {recipe} {reckoned} stock={data.stock} {system} />
			<Field label="A name of its own" name="name" hint="Empty: {recipe.name}" />
		</div>
		<PlaceFields bind:entry {recipe} typed={given} />
		<WorkOut />
		{#if isSpot}<KeepPail actId={data.actId} {isExample} />
		{:else}<ActFoot
				actId={data.actId}
				label="It is set going"
				cautions={reckoned?.cautions ?? []}
				{system}
				bind:happenedAt
			/>{/if}
	</div>
	<aside>
		{#if vessel}
			<BrewCutaway
				shape={vessel.shape}
				capacity={capacity(vessel.shape)}
				held={reckoned?.level ?? 0}
				bag={reckoned?.parts.find(({ part }) => part.inBag)?.litres ?? 0}
				fill={recipe.fill}
				state="working"
				air={recipe.air}
				leaves={isLeafy(recipe)}
				bubbling
				caption="{vesselName} holds {say(vessel.capacity_l, 'L', system)}; filled to {plain(
					recipe.fill * 100,
					0
				)} % at most. Drawn to scale."
				{system}
			/>
		{/if}
		{#if reckoned}<GoesIn {recipe} {reckoned} {system} />{/if}
		{#if slips.length > 0}<Figures {slips} large={2} />{/if}
		{#if reckoned?.goes}<p class="quiet -mt-2 mb-3 text-sm">
				At 1 : {plain(reckoned.goes.parts, 0)}, {plain(reckoned.goes.parts + 1, 0)} parts in all: some
				{say(reckoned.goes.area_m2, 'm²', system)} of bed.
			</p>{/if}
		{#if window && span > 0}
			<RipeningBand
				parts={bandParts(window, window.start_ms, window.start_ms + span)}
				from={window.start_ms}
				to={window.start_ms + span}
				now={data.almanac.now_ms}
				words
				length={300}
			/>
		{/if}
	</aside>
</Form>
