<script lang="ts">
	import { limits } from '$lib/input/limits';
	import Answer from '$lib/components/answer/Answer.svelte';
	import Caution from '$lib/components/answer/Caution.svelte';
	import Figures from '$lib/components/answer/Figures.svelte';
	import RipeningBand from '$lib/components/band/RipeningBand.svelte';
	import BrewCutaway from '$lib/components/cutaway/BrewCutaway.svelte';
	import ActFoot from '$lib/components/entry/ActFoot.svelte';
	import Choice from '$lib/components/entry/Choice.svelte';
	import Field from '$lib/components/entry/Field.svelte';
	import Form from '$lib/components/entry/Form.svelte';
	import { recipeOf, recipes } from '$lib/core/brews';
	import { bandParts, hours } from '$lib/core/time';
	import { capacity } from '$lib/core/vessels';
	import { sayMoment } from '$lib/format/dates';
	import { plain, say } from '$lib/format/figure';
	import { slip } from '$lib/format/slip';
	import { capital } from '$lib/format/words';
	import { reckonBrew, usualWater } from './reckoning';
	let { data, form } = $props();
	const system = $derived(data.system);
	const unit = $derived(system === 'us' ? 'gal' : 'L');
	const recipe = recipes[0]!;
	// svelte-ignore state_referenced_locally
	const given = { ...data.asked, ...form?.values };
	const free = $derived(data.vessels.filter(({ holds }) => holds === undefined));
	// svelte-ignore state_referenced_locally
	let vesselName = $state(given.vessel ?? data.vessels.find(({ holds }) => !holds)?.name ?? '');
	const vessel = $derived(data.vessels.find(({ name }) => name === vesselName));
	// svelte-ignore state_referenced_locally
	let water = $state(
		given.water ?? (vessel ? say(usualWater(recipe.id, vessel.capacity_l), 'L', data.system) : '')
	);
	// svelte-ignore state_referenced_locally
	let temperature = $state(given.temperature ?? (data.system === 'us' ? '64' : '18'));
	// svelte-ignore state_referenced_locally
	let lot = $state(given.partnerLot ?? data.lots[0]?.code ?? '');
	const reckoned = $derived(
		vessel
			? reckonBrew(
					{ recipe: recipe.id, water, temperature },
					vessel.capacity_l,
					data.almanac.now_ms,
					data
				)
			: undefined
	);
	// svelte-ignore state_referenced_locally
	let partner = $state(
		given.partner ?? (reckoned ? say(reckoned.asked.partner, 'L', data.system) : '')
	);
	const window = $derived(reckoned?.window);
	const to = $derived(
		window?.past_ms ? Math.min(window.past_ms + hours(6), window.start_ms + hours(144)) : 0
	);
	const answer = $derived.by((): string => {
		if (data.vessels.length === 0)
			return 'Measure a pail first: what it holds to its rim says how much it takes';
		if (data.lots.length === 0) return 'No castings or compost in stock: bring some in first';
		if (!vessel) return 'Every pail and tub is in use: empty one first';
		if (!reckoned) return 'How much water? Then the bag and the hour follow';
		if (!reckoned.fits)
			return `That runs over with its froth: ${say((vessel?.capacity_l ?? 0) * recipeOf(recipe.id).fill, 'L', system)} is the most`;
		const bag = `${say(reckoned.asked.partnerLow, 'L', system)} to ${say(reckoned.asked.partnerHigh, 'L', system)} in the bag`;
		if (!window?.usable_ms) return `${bag}; at this temperature it comes to nothing`;
		return `${capital(bag)}; ripe from ${sayMoment(window.usable_ms, data.almanac)}`;
	});
	const slips = $derived(
		reckoned?.hours ? [slip('Hours to first use', reckoned.hours, system)] : []
	);
</script>

<Answer title="Plan a brew" {answer} crumbs={[{ label: 'Brews', href: '/brews' }]}>
	{#snippet reason()}<p>
			{capital(recipe.name)}: castings or compost in a bag, bubbled strongly the whole time. {recipe.source}.
		</p>{/snippet}
</Answer>

{#if data.vessels.length === 0}
	<p><a class="btn min-h-12 text-base btn-primary" href="/vessels/new">Measure a pail</a></p>
{:else if data.lots.length === 0}
	<p><a class="btn min-h-12 text-base btn-primary" href="/stock">Bring in castings</a></p>
{:else}
	<Form name="start" method="get" sent={form} limits={limits.brew} class="sheet">
		<div>
			<input type="hidden" name="recipe" value={recipe.id} />
			<div class="form-grid">
				<Choice
					label="Vessel"
					name="vessel"
					bind:value={vesselName}
					options={data.vessels.map(({ name, capacity_l, holds }) => ({
						value: name,
						label: `${name}, ${say(capacity_l, 'L', system)}${holds ? `, holds ${holds}` : ''}`
					}))}
				/>
				<Field
					label="Water, rain or well"
					name="water"
					bind:value={water}
					hint={vessel
						? `Up to ${say(vessel.capacity_l * recipe.fill, 'L', system)}: froth wants the rest`
						: unit}
				/>
				<Field
					label="How warm it stands"
					name="temperature"
					bind:value={temperature}
					hint={system === 'us' ? '°F' : '°C'}
				/>
				<Choice
					label="In the bag"
					name="partnerLot"
					bind:value={lot}
					options={data.lots.map(({ code, name, left_l }) => ({
						value: code,
						label: `${code} ${name}, ${say(left_l, 'L', system)}`
					}))}
				/>
				<Field
					label="How much of it"
					name="partner"
					bind:value={partner}
					hint={reckoned
						? `${say(reckoned.asked.partnerLow, 'L', system)} to ${say(reckoned.asked.partnerHigh, 'L', system)} for this water`
						: unit}
				/>
			</div>
			{#if window?.past_ms}
				<div class="mt-5">
					<RipeningBand
						parts={bandParts(window, window.start_ms, to)}
						from={window.start_ms}
						{to}
						now={data.almanac.now_ms}
						words
						length={720}
					/>
				</div>
			{/if}
			{#if slips.length > 0}<div class="mt-4"><Figures {slips} /></div>{/if}
			<Caution
				>Tap water with chlorine harms it: let it stand open for a day or bubble two hours;
				chloramine does not leave. Keep the pump dry above the rim, on a residual-current outlet.
				Gloves, and wash your hands: no brew is for a body.</Caution
			>
			<noscript><button class="btn mt-3 min-h-12 btn-outline">Work it out</button></noscript>
			<ActFoot actId={data.actId} label="It is bubbling" />
		</div>
		<aside>
			{#if vessel}
				<BrewCutaway
					shape={vessel.shape}
					capacity={capacity(vessel.shape)}
					held={reckoned ? reckoned.asked.water : 0}
					bag={reckoned?.asked.partner ?? 0}
					fill={recipe.fill}
					state="working"
					bubbling
					caption="{vessel.name} holds {say(vessel.capacity_l, 'L', system)}; filled to {plain(
						recipe.fill * 100,
						0
					)} % at most. Drawn to scale."
					{system}
				/>
			{/if}
			{#if free.length === 0}<p class="mt-3">Every tub and pail is in use.</p>{/if}
		</aside>
	</Form>
{/if}
