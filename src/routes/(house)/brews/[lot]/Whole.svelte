<script lang="ts">
	import { inLitres } from '$lib/core/units';
	import Answer from '$lib/components/answer/Answer.svelte';
	import BooksLinks from '$lib/components/answer/BooksLinks.svelte';
	import Caution from '$lib/components/answer/Caution.svelte';
	import Say from '$lib/components/answer/Say.svelte';
	import BrewCutaway from '$lib/components/cutaway/BrewCutaway.svelte';
	import ActFoot from '$lib/components/entry/ActFoot.svelte';
	import Tiles from '$lib/components/entry/Tiles.svelte';
	import Form from '$lib/components/entry/Form.svelte';
	import Countdown from '$lib/components/shell/Countdown.svelte';
	import { careRules, feeds, recipeOf } from '$lib/core/brews';
	import { sayMoment } from '$lib/format/dates';
	import { askWords, brewTaskWords, endWords, sensesOf, whatToDo } from '$lib/format/brew-words';
	import { plain, say } from '$lib/format/figure';
	import { capital } from '$lib/format/words';
	import { verdictOf, type Smell } from '$lib/core/brews';
	import { brewAnswer } from '../answer';
	import { judge } from '$lib/core/cautions';
	import { sayCaution } from '$lib/format/caution-words';
	import Aside from './Aside.svelte';
	import BrewClock from './BrewClock.svelte';
	import Discard from './Discard.svelte';
	import StripOffer from '$lib/components/trials/StripOffer.svelte';
	import ShareOut from './ShareOut.svelte';
	import Tending from './Tending.svelte';
	import WhereItWent from './WhereItWent.svelte';
	import type { PageProps } from './$types';
	let { data, form }: Pick<PageProps, 'data' | 'form'> = $props();
	const system = $derived(data.system);
	const brew = $derived(data.brew);
	const recipe = $derived(recipeOf(brew.recipe));
	const of = (name: string) => (form?.form === name ? form : undefined);
	const isThere = $derived(brew.volume_ul > 0);
	const mayPour = $derived(isThere && data.held === undefined && recipe.soil !== undefined);
	let smell = $state(of('smell')?.values.smell ?? '');
	const check = $derived(askWords(brew.recipe));
	const isOver = $derived(data.state === 'ripe' || data.state === 'fading');
	/** No use is left in it: it is discarded. */
	const isLost = $derived(data.state === 'failed' || data.state === 'past');
	/** What the clock runs to: its hour, or its last. */
	const next = $derived(isOver ? data.window.past_ms : data.window.usable_ms);
	const chosen = $derived(
		smell ? whatToDo(brew.recipe, smell as Smell, verdictOf(brew.recipe, smell as Smell)) : ''
	);
	const startParts = $derived(
		data.saltParts !== undefined && recipe.soil && data.saltParts > recipe.soil.usual
			? Math.ceil(data.saltParts)
			: (recipe.soil?.usual ?? 10)
	);
	const cares = $derived(judge(careRules, { recipe, hasSugar: false }));
	const leaks = $derived(data.tasks.some(({ does }) => does === 'mend-lid'));
</script>

<Answer
	title={brew.code}
	answer={brewAnswer(
		{
			code: brew.code,
			recipe: brew.recipe,
			state: data.state,
			window: data.window,
			volume_ul: brew.volume_ul,
			asleep: data.asleep
		},
		data.almanac
	)}
	crumbs={[{ label: 'Brews', href: '/brews' }]}
>
	{#snippet reason()}
		<p>
			{capital(brew.name)}{brew.name === recipe.name ? '' : `, ${recipe.name}`}{data.drawing
				? ` in ${data.drawing.vessel}`
				: ''}, set going {sayMoment(brew.startedAt_ms, data.almanac)} at {say(
				brew.temperature_c,
				'°C',
				system
			)}.
			{#if data.setBack_h !== undefined && Math.abs(data.setBack_h) >= 0.5}The cold and warm hours
				since put its hour {plain(Math.abs(data.setBack_h), 0)} h {data.setBack_h > 0
					? 'back'
					: 'forward'}.{/if}
			{#if brew.stoppedAt_ms !== null}Its pump stands since {sayMoment(
					brew.stoppedAt_ms,
					data.almanac
				)}.{/if}
			{#if isOver || data.state === 'past'}{endWords[recipe.end]}.{/if}
			{#if data.held !== undefined}Held because: {data.held}.{/if}
		</p>
		{#each data.tasks as task (task.does)}<p class="font-semibold">
				{brewTaskWords[task.does].how}
			</p>{/each}
	{/snippet}
</Answer>

<div class="sheet">
	<div class="min-w-0">
		<div class="grid gap-6 md:grid-cols-[16rem_1fr]">
			{#if data.drawing}<BrewCutaway {...data.drawing} {system} />{/if}
			<div class="min-w-0">
				<h2 class="text-lg">
					Its clock{#if isThere && next !== null && data.state !== 'failed'}<span
							class="ml-3 font-sans text-base font-normal"
							>{isOver ? 'over' : next < data.almanac.now_ms ? 'its hour was' : 'its hour comes'}
							<Countdown at_ms={next} almanac={data.almanac} /></span
						>{/if}
				</h2>
				<BrewClock window={data.window} warmth={data.warmth} almanac={data.almanac} {system} />
				{#if isThere && isLost}<Discard
						reason={data.state === 'failed'
							? 'It has failed: on a heap, on no food'
							: 'It is off: on a heap'}
						unopened={data.state === 'failed' && recipe.end === 'unopened'}
						actId={data.id}
						{form}
					/>{/if}
				{#if isThere && data.state !== 'failed'}
					<Form id="form" name="smell" sent={form} class="mt-3">
						<Tiles
							legend={check.legend}
							name="smell"
							bind:value={smell}
							options={sensesOf(brew.recipe)}
						/>
						<p class="mt-1 text-sm {chosen ? 'font-semibold' : 'quiet'}" aria-live="polite">
							<Say sentence={chosen ? `${chosen}.` : check.says} />
						</p>
						<ActFoot
							actId={data.id}
							label="So it is"
							quiet={data.state === 'ripe' || isLost}
							noted={false}
						/>
					</Form>
				{/if}
			</div>
		</div>
		{#if mayPour && data.pours && !isLost}
			<div class="mt-6">
				<ShareOut
					recipe={brew.recipe}
					held_l={inLitres(brew.volume_ul)}
					contents={data.pours.contents}
					thing={data.pours.thing}
					beds={data.beds}
					rest={data.otherBeds}
					{startParts}
					isRead={data.saltParts !== undefined}
					actId={data.id}
					{form}
					almanac={data.almanac}
					{system}
					measures={data.measures}
				/>
				{#if data.strip}<StripOffer offer={data.strip} />{/if}
				{#if data.saltParts !== undefined}<p class="quiet mt-2 text-sm">
						By its own salt, 1 : {plain(Math.ceil(data.saltParts), 0)} keeps it below 2 dS/m on soil;
						its kind is thinned as the field says, and the finer of the two stands there first.
					</p>{/if}
			</div>
		{:else if isThere && !recipe.soil && !isLost}
			<p class="mt-6">
				It feeds the next brew: <a
					class="btn ml-2 min-h-12 text-base btn-primary"
					href="/brews/plan?recipe={feeds(brew.recipe) ?? ''}">Brew from it</a
				>
			</p>
		{/if}
		<WhereItWent drenches={data.drenches} almanac={data.almanac} {system} />
	</div>
	<aside>
		<Aside
			code={brew.code}
			kin={data.kin.leaves}
			earlier={data.kin.earlier}
			wentIn={data.wentIn}
			water={brew.start.water}
			smells={data.smells}
			findings={data.findings}
			almanac={data.almanac}
			{system}
		/>
		{#if isThere && 'takes' in data.feeds}
			<Tending
				recipe={brew.recipe}
				isStrained={brew.strainedAt_ms !== null}
				pumpRuns={brew.stoppedAt_ms === null}
				{leaks}
				{isLost}
				feeds={data.feeds}
				vessels={data.vessels}
				actId={data.id}
				{form}
				{system}
			/>
		{/if}
		<Caution
			>{data.germs === 'none'
				? ''
				: 'What multiplies here may carry germs: not on parts that are eaten raw, and nothing raw from its beds before the day each says.'}
			{cares.map((one) => sayCaution(one, system)).join(' ')}</Caution
		>
		<BooksLinks code={brew.code} />
	</aside>
</div>
