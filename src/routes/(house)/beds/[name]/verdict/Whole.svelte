<script lang="ts">
	import Answer from '$lib/components/answer/Answer.svelte';
	import BooksLinks from '$lib/components/answer/BooksLinks.svelte';
	import Figures from '$lib/components/answer/Figures.svelte';
	import SmallForm from '$lib/components/entry/SmallForm.svelte';
	import { grams, known, reckon, times } from '$lib/core/units';
	import { sayDay } from '$lib/format/dates';
	import { plain, say, saySpan } from '$lib/format/figure';
	import { slip } from '$lib/format/slip';
	import { capital, count, list, reasonWords, textureWords, wantWords } from '$lib/format/words';
	import { ashFor, gateWords, stoneFor, verdictAnswer } from './answer';
	import Camps from './Camps.svelte';
	import PhHistory from './PhHistory.svelte';
	import PhScale from './PhScale.svelte';
	import PutLime from './PutLime.svelte';
	import Readings from './Readings.svelte';
	import type { PageProps } from './$types';
	let { data, form }: Pick<PageProps, 'data' | 'form'> = $props();
	const system = $derived(data.system);
	const { verdict, bed, ash } = $derived(data);
	const dose = $derived(verdict.dose);
	const amount = $derived(ashFor(data));
	const slips = $derived([
		...(dose
			? [
					slip(
						'Ash for the bed',
						reckon(
							grams,
							times(
								known('dry ash', dose.grams, 'g/m²', 'computed', dose.grams.formula),
								known('area', bed.area_m2, 'm²', 'measured', 'of this bed')
							),
							{ unit: 'g', basis: 'dry' }
						),
						system
					),
					slip('Dry ash on each part', dose.grams, system),
					slip('It lifts the pH by', dose.rise, system),
					slip('Potash with it, as K₂O', dose.k2o, system)
				]
			: []),
		...(verdict.need && verdict.need.value > 0
			? [slip('Lime it wants, as CaCO₃', verdict.need, system)]
			: []),
		...(verdict.limestone ? [slip('Or ground limestone', verdict.limestone, system)] : [])
	]);
	const [first, ...others] = $derived(verdict.gates);
	const by = {
		need: 'what it wants',
		potash: 'the potash a season’s crops take, since it is sweet enough',
		cap: 'what the cap of twelve months still leaves'
	} as const;
	/** What only the cap stands in the way of, stone may do. */
	const mayLime = $derived(verdict.gates.every(({ code }) => code === 'ash-cap'));
	const two = (value: number) => Number(value.toPrecision(2));
	/** What of the crops one minds besides. */
	const minded = $derived([
		...data.likings.flatMap(({ name, remark }) => (remark ? [`${capital(name)}: ${remark}.`] : [])),
		...data.likings.flatMap(({ name, family, when }) =>
			when === 'next' && data.likings.some((one) => one.when === 'now' && one.family === family)
				? [
						`${capital(name)} follows its own family, ${family}: what ails the one waits for the other.`
					]
				: []
		)
	]);
	const expected = $derived(data.ph && dose ? data.ph.mean.ph + dose.rise.value : undefined);
	const books = $derived(`/beds/${encodeURIComponent(bed.name)}`);
</script>

<Answer
	title="{bed.name}: verdict"
	answer={verdictAnswer(data, data.measures, data.almanac, system)}
	crumbs={[
		{ label: 'Beds', href: '/beds' },
		{ label: bed.name, href: books }
	]}
>
	{#snippet reason()}
		<p>
			Char: {wantWords[verdict.char.want]}, {list(
				verdict.char.reasons.map((reason) => reasonWords[reason])
			)}. Ash: {#if first}{gateWords(first, data.almanac, system).says}{:else if dose}by {by[
					dose.by
				]}; {#if dose.years > 1}as ash alone the lime it wants would take {dose.years} years.{:else}with
					a reading to follow.{/if}{:else if data.ph && verdict.target !== undefined}at pH {plain(
					data.ph.mean.ph,
					1
				)} it wants none.{:else}nothing speaks for it.{/if}
		</p>
	{/snippet}
</Answer>

<div class="sheet">
	<div>
		<PhScale
			now={data.ph?.mean.ph}
			low={data.ph?.mean.range.low}
			high={data.ph?.mean.range.high}
			{expected}
			wanted={verdict.target}
			likings={data.likings}
		/>
		{#if slips.length > 0}<Figures {slips} />{/if}
		{#if data.readings.length > 1}<PhHistory
				readings={data.readings}
				limes={data.limes}
				almanac={data.almanac}
				{system}
			/>{/if}
		{#if first}
			<section class="mb-6 border-l-4 border-error pl-4">
				<h2 class="text-xl">Why no ash now</h2>
				<p class="font-semibold">{gateWords(first, data.almanac, system).says}</p>
				<p>{gateWords(first, data.almanac, system).lifts}</p>
				{#if others.length > 0}<ul class="mt-2 list-disc pl-5">
						{#each others as gate (gate.code)}{@const told = gateWords(gate, data.almanac, system)}
							<li>{told.says} <span class="quiet">{told.lifts}</span></li>{/each}
					</ul>{/if}
			</section>
		{/if}
		{#if ash && amount && verdict.gates.length === 0}
			<PutLime
				id="form"
				title="Put the ash on"
				code={ash.code}
				{amount}
				actId={data.actId}
				{form}
				{system}
			>
				Thin and even on damp ground without wind, gloves, goggles and mask on; scratch it in
				shallowly, water it, and let it settle for a week or two before you sow. No manure, urine or
				feed for fourteen days either way. A meter an hour later reads the wet ash at the surface,
				not the bed: read at root depth in four to eight weeks.
			</PutLime>
		{:else if !ash}<p class="mb-4">
				No ash is in stock. <a class="underline" href="/ash">Bring some in</a>, and this page doses
				it.
			</p>{/if}
		{#if verdict.limestone}
			{@const words = saySpan(
				two(verdict.limestone.low),
				two(verdict.limestone.high),
				'g/m²',
				system
			)}
			{#if data.stone && mayLime}
				<PutLime
					id="stone"
					title="{dose ? 'Or ground' : 'Ground'} limestone"
					code={data.stone.code}
					amount={stoneFor(verdict.limestone.value * bed.area_m2, data.stone)}
					actId="{data.actId}-stone"
					{form}
					{system}
					quiet
				>
					{dose
						? 'Ash within its cap does a part of it; stone does it at once, in place of the ash'
						: 'Ash can’t do it, stone can'}:
					{words}. In autumn, even, scratched in; never in one pass with manure or urine; read again
					in spring.
				</PutLime>
			{:else}<p class="mb-4 max-w-prose">
					{dose ? 'Ash within its cap does a part of it.' : 'Ash can’t do it.'} Ground limestone in its
					place does it at once: {words}, in autumn, scratched in, and read again in spring.
					{#if !data.stone}<a class="underline" href="/stock">Bring some in</a>.{/if}
				</p>{/if}
		{/if}
		{#if data.ashes.length > 1}<p class="mb-4 print:hidden">
				With other ash: {#each data.ashes as { code, name } (code)}{#if code !== ash?.code}<a
							class="mr-4 inline-block min-h-11 content-center underline"
							href="?ash={code}">{code} {name}</a
						>{/if}{/each}
			</p>{/if}
		<Camps />
	</div>
	<aside>
		<h2 class="mb-2 border-b-2 border-base-content text-lg">What it goes by</h2>
		<p class="mb-2">
			{capital(textureWords[bed.texture])}, top {say(bed.depth_m * 100, 'cm', system)}; room for {say(
				verdict.room,
				'g/m²',
				system
			)} of dry ash within twelve months, all routes counted.
			{#if data.own}Its own buffer, learned from {data.own.seasons === 1
					? 'one before and after'
					: `${count(data.own.seasons, 'before and after', 'befores and afters')}`}: {plain(
					data.own.low,
					3
				)} to {plain(data.own.high, 3)} mol/kg.{:else}How it holds out against lime is the starting
				value of its texture, good to a factor of one and a half: a reading before and after teaches
				its own.{/if}
			{#if data.unknown.length > 0}{capital(list(data.unknown))} stands in no table of crops: nothing
				is judged by it. <a class="underline" href="/beds/crops">Say what it likes</a>.{/if}
		</p>
		{#if minded.length > 0}<ul class="mb-2 list-disc pl-5">
				{#each minded as words (words)}<li>{words}</li>{/each}
			</ul>{/if}
		<Readings readings={data.readings} almanac={data.almanac} />
		<SmallForm verb="read-ph" actId="{data.smallId}-ph" sent={form} />
		<SmallForm verb="sow" actId="{data.smallId}-sow" sent={form} />
		<SmallForm
			verb="tell-crop"
			actId="{data.smallId}-crop"
			sent={form}
			known={{ cropShare: '100', cropWhen: 'next', cropKind: 'mixed' }}
		/>
		<p class="mt-4">
			<a class="inline-block min-h-11 content-center underline" href="{books}/accounts"
				>What it has had, and gave</a
			>
		</p>
		<BooksLinks code={bed.name} of="bed" />
		<p class="quiet text-sm">As of {sayDay(data.almanac.now_ms, data.almanac)}.</p>
	</aside>
</div>
