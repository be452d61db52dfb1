<script lang="ts">
	import Answer from '$lib/components/answer/Answer.svelte';
	import { limits } from '$lib/input/limits';
	import ActFoot from '$lib/components/entry/ActFoot.svelte';
	import Fold from '$lib/components/entry/Fold.svelte';
	import Form from '$lib/components/entry/Form.svelte';
	import Pager from '$lib/components/answer/Pager.svelte';
	import Figures from '$lib/components/answer/Figures.svelte';
	import Rule from '$lib/components/answer/Rule.svelte';
	import Say from '$lib/components/answer/Say.svelte';
	import ShareGauge from '$lib/components/cutaway/ShareGauge.svelte';
	import { charShareLimits, roomFigure, roomUnder, shareFigure } from '$lib/core/beds';
	import { say, sayOfSoil } from '$lib/format/figure';
	import { figurePath } from '$lib/format/paths';
	import { slip } from '$lib/format/slip';
	import { list, reasonWords, wantWords } from '$lib/format/words';
	import BedFields from './BedFields.svelte';
	import { ashShortly } from './may-have';
	import { bedsAnswer, whyWanted } from './answer';
	import type { PageProps } from './$types';
	let { data, form }: Pick<PageProps, 'data' | 'form'> = $props();
	/** What most beds are, until it is said. */
	const newBed = {
		target: 'area',
		pieces: '1',
		texture: 'loam',
		drainage: 'even',
		humus: 'usual',
		cropKind: 'mixed'
	};
	const system = $derived(data.system);
	const first = $derived(data.first);
	const pathOfFirst = (figure: string) => first && figurePath('bed', first.name, figure);
	const roomOf = (bed: (typeof data.beds)[number]) => {
		const room = (limit: number) => roomUnder(limit, bed.char_l, bed.ground);
		const toTarget = room(charShareLimits.target);
		return toTarget > 0
			? { figure: 'target', litres: toTarget, words: 'to the target' }
			: { figure: 'ceiling', litres: room(charShareLimits.ceiling), words: 'to the ceiling' };
	};
	const target = $derived(data.lot ? `?lot=${data.lot}` : '');
</script>

<Answer title="Beds" answer={bedsAnswer(data.first, system)}>
	{#snippet reason()}
		{#if first}
			<p>
				<Say sentence={whyWanted(first)} />. Char is for ever: reach
				<Rule room="soil" figure="target">5 %</Rule> of the top soil in two seasons, at most
				<Rule room="soil" figure="first">3 %</Rule> at first, <Rule room="soil" figure="ceiling"
					>10 %</Rule
				> for life.
				{#if data.ready.length}Ready to spread: {#each data.ready as lot, i (lot.code)}{i > 0
							? '; '
							: ''}{lot.code}, {say(lot.litresLeft, 'L', system)}{/each}.{:else}Nothing charged is
					ready to spread.{/if}
			</p>
			<p class="mt-3 flex flex-wrap gap-2">
				<a
					class="btn min-h-12 text-base btn-primary"
					href="/beds/{encodeURIComponent(first.name)}{target}">Dose {first.name}</a
				>
				<a class="btn min-h-12 btn-outline text-base" href="/beds/round{target}"
					>Carry one lot round the beds</a
				>
				<a class="mr-5 inline-flex min-h-12 items-center underline" href="/ash">Who may have ash</a>
				<a class="mr-5 inline-flex min-h-12 items-center underline" href="/beds/crops"
					>What crops like</a
				>
				<a class="mr-5 inline-flex min-h-12 items-center underline" href="/beds/kitchen"
					>A note for the kitchen door</a
				>
				<a class="inline-flex min-h-12 items-center underline" href="/beds/plan"
					>How much for ground that is not in the books</a
				>
			</p>
		{:else}<p>
				Every rate people quote means litres on a known area and depth; with the bed measured the
				program can say what any of them is.
			</p>
			<p class="mt-3">
				<a class="btn min-h-12 text-base btn-primary" href="/beds/plan">How much for a bed?</a>
			</p>{/if}
	{/snippet}
</Answer>

<div>
	{#if first}
		<Figures
			slips={[
				slip(
					`${first.name} holds`,
					shareFigure(first.char, first.ground),
					system,
					pathOfFirst('share')
				),
				slip(
					'Room to the target',
					roomFigure('target', first.char, first.ground),
					system,
					pathOfFirst('room')
				),
				slip(
					'Room to the ceiling',
					roomFigure('ceiling', first.char, first.ground),
					system,
					pathOfFirst('good')
				)
			]}
		/>
		<h2 class="mb-1 text-xl">In the order of their want</h2>
		<p class="quiet mb-2 text-sm">
			Each gauge ends at the ceiling of <Rule room="soil" figure="ceiling">10 %</Rule>; its dashed
			mark is the target of <Rule room="soil" figure="target">5 %</Rule>.
		</p>
		<ul>
			{#each data.beds as bed (bed.name)}
				<li
					class="thing-row grid min-h-16 grid-cols-[1fr_auto] items-center gap-x-6 gap-y-1 py-2 sm:grid-cols-[1fr_12rem_11rem]"
				>
					<span>
						<a class="row-link font-semibold" href="/beds/{encodeURIComponent(bed.name)}{target}"
							>{bed.name}</a
						>
						{bed.crop}
						<span class="quiet block text-sm"
							>{wantWords[bed.want]}: {list(bed.reasons.map((why) => reasonWords[why]))}; {ashShortly(
								bed.may,
								data.almanac
							)}</span
						>
					</span>
					<span class="order-3 col-span-2 sm:order-none sm:col-span-1"
						><ShareGauge share={bed.share} /></span
					>
					<span class="text-right">
						<strong class="block">{sayOfSoil(bed.share)} char</strong>
						<span class="quiet text-sm"
							>{say(roomOf(bed).litres, 'L', system)}
							{roomOf(bed).words}</span
						>
					</span>
				</li>
			{/each}
		</ul>
		<Pager
			page={data.page}
			pages={data.pages}
			label="More beds"
			before="Those that want it more"
			after="Those that want it less"
			href={(page) => `/beds?page=${page}${data.lot ? `&lot=${data.lot}` : ''}`}
		/>
	{/if}
	<Fold
		name="measure"
		class="mt-10"
		line="text-xl font-semibold"
		label="Measure {data.beds.length ? 'another' : 'a'} bed"
		open={data.beds.length === 0 || form?.form === 'measure'}
	>
		<Form id="form" name="measure" sent={form} known={newBed} limits={limits.bed} class="mt-3">
			<BedFields {system} />
			<ActFoot actId={data.actId} label="Keep this bed" noted={false} />
		</Form>
	</Fold>
</div>
