<script lang="ts">
	import Answer from '$lib/components/answer/Answer.svelte';
	import Caution from '$lib/components/answer/Caution.svelte';
	import ActFoot from '$lib/components/entry/ActFoot.svelte';
	import Choice from '$lib/components/entry/Choice.svelte';
	import Field from '$lib/components/entry/Field.svelte';
	import Form from '$lib/components/entry/Form.svelte';
	import WorkOut from '$lib/components/entry/WorkOut.svelte';
	import { isMaterial } from '$lib/core/materials';
	import { pasteBorne } from '$lib/core/mixes';
	import { inMeasures, plain, say } from '$lib/format/figure';
	import { capital } from '$lib/format/words';
	import { limits } from '$lib/input/limits';
	import PotFields from '../PotFields.svelte';
	import { bodyWords, potsAnswer } from './answer';
	import { potsSent, reckonPots, type PotLine } from './reckoning';
	import type { PageProps } from './$types';
	let { data, form }: Pick<PageProps, 'data' | 'form'> = $props();
	const system = $derived(data.system);
	// svelte-ignore state_referenced_locally
	const given: Readonly<Record<string, string>> = { ...data.asked, ...form?.values };
	const isExample = given.pots === undefined;
	let touched = $state(false);
	// svelte-ignore state_referenced_locally
	let entry = $state({
		recipe: given.recipe ?? data.recipes[0]?.id ?? '',
		pots: given.pots ?? '24',
		shape: given.shape ?? 'round',
		top: given.top ?? (data.system === 'us' ? '4 in' : '11 cm'),
		foot: given.foot ?? '',
		potHigh: given.potHigh ?? '',
		cells: given.cells ?? '',
		cellVolume: given.cellVolume ?? '',
		by: given.by ?? ''
	});
	let happenedAt = $state(given.happenedAt ?? '');
	const yard = $derived({ ...data, ...(system ? { system } : {}) });
	const reckoned = $derived(reckonPots(entry, yard));
	/** Out of which lot, how many pots that is enough for, and how many bags the rest is. */
	const outOf = ({ stuff, litres, lot, lacks_l, enough }: PotLine) => {
		const bag = isMaterial(stuff) ? data.bags[stuff] : undefined;
		const bags = (of: number) =>
			bag ? `${plain(of / bag, 2)} bags` : say(Number(of.toPrecision(2)), 'L', system);
		if (!lot) return bag ? bags(litres) : 'to bring in';
		const left = `${lot.code}, ${say(lot.left_l, 'L', system)} left`;
		return enough === undefined
			? left
			: `${left}: enough for ${plain(enough, 0)} pots, ${bags(lacks_l)} more to bring in`;
	};
	const amountWords = (litres: number) => {
		const measure = data.measures.find(({ name }) => name === entry.by);
		return measure ? inMeasures(litres, measure) : say(Number(litres.toPrecision(3)), 'L', system);
	};
</script>

<Answer
	title="For so many pots"
	answer={potsAnswer(reckoned, system)}
	crumbs={[{ label: 'Mixes', href: '/mixes' }]}
>
	{#snippet reason()}<p>
			{isExample && !touched ? 'An example: put in what you have. ' : ''}{reckoned
				? bodyWords(reckoned)
				: ''}
		</p>{/snippet}
</Answer>

<Form id="form" name="mix" method="get" sent={form} limits={limits.mix} class="sheet">
	<div class="min-w-0" oninput={() => (touched = true)}>
		<input type="hidden" name="mixUse" value={reckoned?.recipe.use ?? 'pots'} />
		<div class="form-grid">
			<Choice
				label="Which mix"
				name="recipe"
				bind:value={entry.recipe}
				options={data.recipes.map(({ id, name }) => ({ value: id, label: capital(name) }))}
			/>
			<PotFields
				bind:pots={entry.pots}
				bind:shape={entry.shape}
				bind:top={entry.top}
				bind:foot={entry.foot}
				bind:potHigh={entry.potHigh}
				bind:cells={entry.cells}
				bind:cellVolume={entry.cellVolume}
			/>
			{#if data.measures.length > 0}<Choice
					label="Measured out in"
					name="by"
					bind:value={entry.by}
					options={[
						{ value: '', label: system === 'us' ? 'Gallons' : 'Litres' },
						...data.measures.map(({ name }) => ({
							value: name,
							label: `Halves of a ${name}`
						}))
					]}
				/>{/if}
		</div>
		{#if reckoned}
			<h2 class="mt-5 mb-1 text-xl">What to measure out</h2>
			<table class="ledger-table mb-3 max-w-2xl">
				<thead
					><tr><th>Part</th><th class="num">Share</th><th class="num">Loose</th><th>Out of</th></tr
					></thead
				>
				<tbody>
					{#each reckoned.lines as line, i (i)}<tr>
							<td>{capital(line.name)}</td>
							<td class="num">{plain(line.share * 100, 0)} %</td>
							<td class="num whitespace-nowrap">{amountWords(line.litres)}</td>
							<td
								>{#if line.stuff === 'char' && !line.lot}<a class="underline" href="/charging/plan"
										>none is charged</a
									>{:else}{outOf(line)}{/if}</td
							>
						</tr>{/each}
				</tbody>
			</table>
			{#each potsSent(reckoned) as { stuff, litres }, i (stuff)}
				<input type="hidden" name="stuff{i + 1}" value={stuff} />
				<input type="hidden" name="part{i + 1}" value="{plain(litres, 2).replaceAll(' ', '')} L" />
			{/each}
			<p class="quiet mb-3 max-w-prose text-sm">
				{reckoned.recipe.source}. Mixed it settles to 85 %: {say(
					Number(reckoned.filled_l.toPrecision(3)),
					'L',
					system
				)} fill the pots.
			</p>
		{/if}
		<div class="form-grid">
			<Field label="What you call it" name="name" hint="Like Spring pots" />
			<Field label="Measured once mixed" name="mixed" hint="Empty: 85 % of the parts" />
		</div>
		<WorkOut />
		<ActFoot actId={data.actId} label="It is mixed" {system} bind:happenedAt />
	</div>
	<aside>
		{#if reckoned && reckoned.paste.value > pasteBorne[reckoned.recipe.use === 'seed' ? 'seed' : 'pots']}<Caution
				>Likely too salty for {reckoned.recipe.use === 'seed' ? 'seedlings' : 'pots'}: less compost
				and castings, more leaf mould or bark.</Caution
			>{/if}
		{#each reckoned?.lines.filter(({ isMuch }) => isMuch) ?? [] as line (line.stuff)}<Caution
				>{capital(line.name)} makes {plain(line.share * 100, 0)} % of it: more than roots bear{reckoned
					?.recipe.use === 'seed'
					? ' in a seed mix'
					: ''}.</Caution
			>{/each}
		<p class="mb-3">
			Char in pots is charged and fine, 5 to 10 %. Seed mixes have little food and no ash.
		</p>
		<Caution>Perlite, char and dry compost are dust: damp them, a mask, upwind; wash.</Caution>
		<h2 class="mt-4 mb-1 text-lg">Set beside each other</h2>
		<ul>
			{#each data.recipes as recipe (recipe.id)}<li class="py-1 text-sm">
					<strong>{capital(recipe.name)}</strong>: {recipe.parts
						.map(({ stuff, share }) => `${plain(share * 100, 0)} % ${stuff.replaceAll('-', ' ')}`)
						.join(', ')}
				</li>{/each}
		</ul>
	</aside>
</Form>
