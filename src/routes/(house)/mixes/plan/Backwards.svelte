<script lang="ts">
	import Choice from '$lib/components/entry/Choice.svelte';
	import Field from '$lib/components/entry/Field.svelte';
	import Tick from '$lib/components/entry/Tick.svelte';
	import type { BlendAnswer, Program } from '$lib/core/mixes';
	import { say } from '$lib/format/figure';
	import { solvedWords } from './answer';
	import { programFor } from './reckoning';
	import { solveBlend, type Solving } from './solve';
	import type { BlendEntry, BlendYard } from './told';
	/** What is wanted first, and how much of each then: the solver comes when it is asked. */
	let {
		entry = $bindable(),
		yard,
		money,
		take
	}: {
		entry: BlendEntry;
		yard: BlendYard;
		money: (amount: number) => string;
		/** What was found becomes the parts above. */
		take: (parts: readonly { readonly stuff: string; readonly kg: number }[]) => void;
	} = $props();
	let solving = $state.raw<Solving | undefined>();
	let solved = $state.raw<{ answer: BlendAnswer; program: Program } | undefined>();
	let trouble = $state('');
	const lacks = {
		ratio: 'Say what is wanted: a number at least for one of the three.',
		area: 'Choose a bed, or say how much ground it is for.'
	};

	async function workOut() {
		solved = undefined;
		trouble = '';
		const program = programFor(entry, yard);
		if (typeof program === 'string') {
			trouble = lacks[program];
			return;
		}
		const running = solveBlend(program);
		solving = running;
		try {
			solved = { answer: await running.answer, program };
		} catch (error) {
			trouble =
				error instanceof Error && error.message === 'cancelled' ? 'Cancelled.' : String(error);
		}
		solving = undefined;
	}

	const found = $derived(
		solved?.answer.status === 'found'
			? solved.answer.kg.flatMap((kg, i) => {
					const one = solved?.program.candidates[i];
					return one && kg > 1e-4 ? [{ ...one, kg, n: kg / (one.measure_kg ?? 1) }] : [];
				})
			: []
	);
	const stuffOf = (id: string) => (/^[A-Z]\d+$/.test(id) ? `lot:${id}` : id);
</script>

<fieldset class="mt-6" aria-label="Backwards">
	<h2 class="mb-1 text-xl">Backwards: what is wanted?</h2>
	<div class="form-grid">
		<Field label="N" name="nWanted" inputmode="decimal" bind:value={entry.nWanted} />
		<Field
			label={entry.as === 'oxide' ? 'P₂O₅' : 'P'}
			name="pWanted"
			inputmode="decimal"
			bind:value={entry.pWanted}
		/>
		<Field
			label={entry.as === 'oxide' ? 'K₂O' : 'K'}
			name="kWanted"
			inputmode="decimal"
			bind:value={entry.kWanted}
		/>
		<Choice
			label="For the bed"
			name="bed"
			bind:value={entry.bed}
			options={[
				{ value: '', label: 'None of them' },
				...yard.beds.map(({ name, area_m2 }) => ({
					value: name,
					label: `${name}, ${say(area_m2, 'm²', yard.system)}`
				}))
			]}
		/>
		<Field
			label={yard.system === 'us' ? 'Or on so many ft²' : 'Or on so many m²'}
			name="dressed"
			bind:value={entry.dressed}
		/>
		<Field
			label="N on a square metre, g"
			name="perArea"
			inputmode="decimal"
			bind:value={entry.perArea}
			hint="Empty: as its crops want, else 8"
		/>
		<Choice
			label="The best is"
			name="aim"
			bind:value={entry.aim}
			options={[
				{ value: 'cost', label: 'what costs least' },
				{ value: 'bought', label: 'what buys least' },
				{ value: 'own', label: 'most of my own' }
			]}
		/>
		<Field
			label="At least so much my own, %"
			name="leastOwn"
			inputmode="decimal"
			bind:value={entry.leastOwn}
		/>
		<Field
			label="At most so much lime value, %"
			name="mostLime"
			inputmode="decimal"
			bind:value={entry.mostLime}
		/>
		<Field
			label="At most so much salty stuff, %"
			name="mostSalty"
			inputmode="decimal"
			bind:value={entry.mostSalty}
		/>
	</div>
	<div class="mt-2 flex flex-wrap items-end gap-x-8">
		<Tick name="whole" label="Only whole measures" bind:checked={entry.whole} />
		{#if entry.whole}<div class="w-48">
				<Field
					label="A measure holds"
					name="measure"
					bind:value={entry.measure}
					hint="Empty: 1 L"
				/>
			</div>{/if}
	</div>
	<p class="mt-3 flex flex-wrap gap-3">
		<button
			type="button"
			class="btn min-h-12 text-base btn-neutral"
			disabled={solving !== undefined}
			onclick={workOut}>Find the blend</button
		>
		{#if solving}<button
				type="button"
				class="btn min-h-12 btn-outline"
				onclick={() => solving?.cancel()}>Cancel</button
			>{/if}
	</p>
	<noscript
		><p class="mt-2">
			Finding a blend needs script; what you put in above is reckoned without.
		</p></noscript
	>
	<div aria-live="polite" class="mt-3">
		{#if solving}<p>Looking for it …</p>{/if}
		{#if trouble}<p class="font-semibold text-error">{trouble}</p>{/if}
		{#if solved}
			<p class="mb-2">{solvedWords(solved.answer, solved.program, money)}</p>
			{#if found.length > 0}
				<table class="ledger-table mb-3 max-w-xl">
					<thead
						><tr><th>Stuff</th><th class="num">Weight</th><th class="num">Measures</th></tr></thead
					>
					<tbody>
						{#each found as one (one.id)}<tr
								><td>{one.name}</td><td class="num whitespace-nowrap"
									>{say(one.kg, 'kg', yard.system)}</td
								><td class="num whitespace-nowrap"
									>{entry.whole ? Math.round(one.n) : Number(one.n.toPrecision(2))}</td
								></tr
							>{/each}
					</tbody>
				</table>
				<button
					type="button"
					class="btn min-h-12 btn-outline"
					onclick={() => take(found.map(({ id, kg }) => ({ stuff: stuffOf(id), kg })))}
					>Take these as the parts</button
				>
			{/if}
		{/if}
	</div>
</fieldset>
