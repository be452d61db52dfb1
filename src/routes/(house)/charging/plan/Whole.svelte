<script lang="ts">
	import { onTheSpot } from '$lib/input/spot';
	import { heapWith } from '$lib/format/paths';
	import { limits } from '$lib/input/limits';
	import Answer from '$lib/components/answer/Answer.svelte';
	import Caution from '$lib/components/answer/Caution.svelte';
	import Figures from '$lib/components/answer/Figures.svelte';
	import Rule from '$lib/components/answer/Rule.svelte';
	import Say from '$lib/components/answer/Say.svelte';
	import Sourced from '$lib/components/answer/Sourced.svelte';
	import ActFoot from '$lib/components/entry/ActFoot.svelte';
	import WorkOut from '$lib/components/entry/WorkOut.svelte';
	import Field from '$lib/components/entry/Field.svelte';
	import Form from '$lib/components/entry/Form.svelte';
	import { whenIdle } from '$lib/components/entry/when-idle.svelte';
	import { nitrogenLimits, schools } from '$lib/core/charging';
	import { materialOf } from '$lib/core/materials';
	import { joined, show } from '$lib/format/figure';
	import { slip } from '$lib/format/slip';
	import { slipped } from '$lib/format/sentence';
	import { momentOf } from '$lib/core/time';
	import { capital, nitrogenWords } from '$lib/format/words';
	import { chargePlanAnswer, inTimeWords } from './answer';
	import Beside from './Beside.svelte';
	import KeepChar from './KeepChar.svelte';
	import CharLots from './CharLots.svelte';
	import ReallyIn from './ReallyIn.svelte';
	import RecipeStrip from './RecipeStrip.svelte';
	import OwnResults from '$lib/components/trials/OwnResults.svelte';
	import SchoolCards from './SchoolCards.svelte';
	import { mostCharOf } from './tub';
	import { schoolWords } from '$lib/format/charge-words';
	import Carry from './Carry.svelte';
	import PartnerFields from './PartnerFields.svelte';
	import Extras from './Extras.svelte';
	import { extraFigure } from './parts';
	import { recipeHref, scalesOf } from './scale';
	import { ofSchool, untyped, type OfSchool } from './entry';
	import {
		freshCharge,
		partnerFor,
		reckonPlan,
		spotCharOf,
		spotExample,
		type ReckonedPlan
	} from './reckoning';
	import { typedFor } from '$lib/input/typed-for';
	import type { PageProps } from './$types';
	let { data, form }: Pick<PageProps, 'data' | 'form'> = $props();
	// svelte-ignore state_referenced_locally
	let entry = $state(freshCharge(form?.values ?? data.asked, data.chars, data.tubs, data.system));
	const system = $derived(data.system);
	const isSpot = $derived(entry.char === onTheSpot);
	const isExample = $derived(
		isSpot && data.chars.length === 0 && entry.spotChar === spotExample(system)
	);
	/** What is in the books, and what is typed here. */
	const yard = $derived.by(() => {
		const typed = spotCharOf(entry, data.spot, data);
		return { ...data, chars: typed ? [...data.chars, typed] : data.chars };
	});
	// svelte-ignore state_referenced_locally
	let happenedAt = $state(form?.values.happenedAt ?? data.asked.happenedAt ?? '');
	/** Dates count from when it was really set going. */
	const started = $derived(momentOf(happenedAt, data.almanac.timeZone) ?? data.almanac.now_ms);
	const errors = $derived(form?.errors ?? {});
	const kept: Record<string, OfSchool> = {};
	/** What was typed for a school stays with it, and is there again when one comes back. */
	function pick(id: string) {
		if (id === entry.school) return;
		kept[entry.school] = ofSchool(entry);
		Object.assign(entry, { school: id, ...(kept[id] ?? untyped()) });
	}
	/** The same char, part and warmth in a school; what was typed for one is its own. */
	const planIn = (id: string) =>
		reckonPlan(
			{
				...entry,
				...(id === entry.school ? {} : untyped()),
				school: id,
				partner: partnerFor(id, entry, data.stock)
			},
			yard,
			started
		);
	const plan = $derived(planIn(entry.school));
	const others = whenIdle<ReckonedPlan | undefined>(
		() => JSON.stringify([entry, started]),
		schools.map(({ id }) => id),
		planIn,
		// Which are ready by a day that is asked for cannot be said of one alone.
		// svelte-ignore state_referenced_locally
		entry.neededBy === '' ? {} : Object.fromEntries(schools.map(({ id }) => [id, planIn(id)]))
	);
	const plans = $derived(
		new Map<string, ReckonedPlan | undefined>([
			...Object.entries(others.known),
			[entry.school, plan]
		])
	);
	const soak = $derived(plan?.charge.soak);
	const school = $derived(schools.find(({ id }) => id === entry.school) ?? schools[0]!);
	const needed_ms = $derived(momentOf(entry.neededBy, data.almanac.timeZone) ?? undefined);
	const scales = $derived(scalesOf(entry, school, data));
</script>

<Answer
	title="Plan a charge"
	answer={chargePlanAnswer(plan, isExample, system, data.almanac)}
	crumbs={[{ label: 'Charging', href: '/charging' }]}
>
	{#snippet reason()}
		{#if plan}
			<div>
				<Say sentence={[slipped(joined(show(plan.charge.nitrogen.perKg, system)), 'Mineral N')]} /> of
				mineral N, on the dry char: {nitrogenWords[plan.charge.nitrogen.verdict]}.
				{#if soak}A full soak offers <Rule room="nitrogen" figure="full"
						>{nitrogenLimits.full}–{nitrogenLimits.most} g/kg</Rule
					>. {#if !plan.tub}Which tub it will stand in is not said yet.{:else if plan.tub.holds}{plan
							.tub.name} holds
						<a class="underline" href="/charging/{plan.tub.holds}">{plan.tub.holds}</a> still: drain that
						first.{:else if soak.fits}It fits {plan.tub.name}.{:else}It does not fit the tub, which
						takes <Sourced slip={slip('Char the tub takes', mostCharOf(plan), system)} /> of char at most.{/if}{/if}
				Ready is a date and a passed test.
				{#if needed_ms !== undefined && plans.size === schools.length}<strong
						>{inTimeWords(plans, needed_ms, data.almanac)}</strong
					>{/if}
			</div>
		{/if}
	{/snippet}
</Answer>

<Form
	name={isSpot ? 'keep' : 'charge'}
	method="get"
	sent={form}
	limits={limits.charge}
	class="sheet"
>
	<div>
		{#if plan}
			<RecipeStrip {plan} {system} />
			<Figures
				slips={[
					slip(capital(materialOf(plan.partner).name), plan.charge.partner, system),
					...plan.charge.extras.map((extra) =>
						slip(capital(materialOf(extra.composition.material).name), extraFigure(extra), system)
					),
					...(plan.charge.water.value >= 0.5
						? [slip(capital(plan.wetWith), plan.charge.water, system)]
						: []),
					...(soak
						? [slip('Liquid to cover', soak.liquid, system)]
						: [slip('The mix', plan.charge.mix, system)]),
					slip('Mineral N', plan.charge.nitrogen.perKg, system),
					slip('Total N', plan.charge.nitrogen.total, system)
				]}
			/>
			<Carry {plan} measures={data.measures} {system} />
		{/if}
		<input type="hidden" name={typedFor} value={entry.school} />
		<div id="form" class="my-6">
			<CharLots
				chars={data.chars}
				rest={data.otherChars}
				bind:value={entry.char}
				bind:part={entry.part}
				bind:spot={entry.spotChar}
				bind:spotState={entry.spotState}
				{isExample}
				{errors}
				measures={data.measures}
				{scales}
				{system}
			/>
		</div>
		<SchoolCards
			{plans}
			isStale={others.isStale}
			bind:value={() => entry.school, pick}
			error={errors.school}
			{needed_ms}
			measures={data.measures}
			almanac={data.almanac}
			{system}
		/>
		<OwnResults results={data.own} />
		<div class="mt-3 max-w-xs">
			<Field
				label="Wanted by"
				name="neededBy"
				type="datetime-local"
				bind:value={entry.neededBy}
				hint="To see which schools are ready by then"
			/>
		</div>
		{#if data.recipes.length > 0}<p class="mt-3 flex flex-wrap gap-x-4">
				<span class="font-semibold">Recipes of yours</span>
				{#each data.recipes as recipe (recipe.name)}<a
						class="inline-block min-h-11 content-center underline"
						href={recipeHref(recipe, entry, plan?.volume ?? 0)}
						data-sveltekit-reload>{recipe.name}</a
					>{/each}
			</p>{/if}
		<PartnerFields bind:entry {school} {data} {system} />
		<Caution>{schoolWords[school.id].caution}</Caution>
		{#if school.kind === 'bed' && isSpot}<p class="mt-3">
				It goes on the bed as it is: scatter it thin and cover it with manure or chips.
			</p>{:else if school.kind === 'bed'}<p class="mt-3">
				It goes on the bed as it is: <a class="underline" href="/beds?lot={entry.char}"
					>choose the bed for {entry.char}</a
				>, scatter it thin, cover it with manure or chips, and say why.
			</p>{:else}
			<Extras bind:entry {school} char_l={plan?.volume ?? 0} stock={data.stock} {system} />
			<input type="hidden" name="ownRecipe" value={entry.ownRecipe} />
			{#if !isSpot}
				<ReallyIn bind:entry {plan} {errors} {system} />
				<div class="mt-4 max-w-xs">
					<Field
						label="Keep it as a recipe of yours, called"
						name="recipeName"
						hint="Empty: not kept"
					/>
				</div>
			{/if}
		{/if}
		<WorkOut />
		{#if isSpot}<KeepChar actId={data.actId} {isExample} />
		{:else if school.id === 'co-compost'}<p class="mt-4 max-w-prose">
				Char in a heap is kept as a heap: its heat, its layers, what comes out.
				<a class="btn mt-2 min-h-12 btn-primary" href={heapWith(entry.char, entry.part)}
					>Lay it as a heap</a
				>
			</p>
		{:else if school.kind !== 'bed'}<ActFoot
				actId={data.actId}
				label="Set it going"
				cautions={plan?.cautions ?? []}
				{system}
				bind:happenedAt
			/>{/if}
	</div>
	<aside>
		{#if plan}<Beside {plan} almanac={data.almanac} {system} />{/if}
	</aside>
</Form>
