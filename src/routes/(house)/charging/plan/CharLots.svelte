<script lang="ts">
	import { inLitres } from '$lib/core/units';
	import Choice from '$lib/components/entry/Choice.svelte';
	import Field from '$lib/components/entry/Field.svelte';
	import { onTheSpot } from '$lib/input/spot';
	import Fold from '$lib/components/entry/Fold.svelte';
	import Taps from '$lib/components/entry/Taps.svelte';
	import type { System } from '$lib/core/units';
	import { bestMeasure, inMeasures, say, typedAmount } from '$lib/format/figure';
	import { stateWords, wetnessWords } from '$lib/format/words';
	import type { PlanChar } from './reckoning';
	/** The char to charge, lot by lot to one scale, and how much of it. */
	let {
		chars,
		value = $bindable(''),
		part = $bindable(''),
		spot = $bindable(''),
		spotState = $bindable('crushed'),
		isExample,
		errors,
		measures,
		scales = [],
		rest,
		system
	}: {
		chars: readonly PlanChar[];
		value?: string;
		part?: string;
		/** Char that is in no books: how much, and whether it is crushed. */
		spot?: string;
		spotState?: string;
		/** Nobody typed it: it stands there so that the page answers. */
		isExample: boolean;
		errors: Readonly<Record<string, string>>;
		measures: readonly { name: string; litres: number }[];
		/** Where these are a part of a long list. */
		rest?: { readonly n: number; readonly href: string } | undefined;
		/** Amounts that the tub or a scarce partner sets. */
		scales?: readonly { readonly label: string; readonly litres: number }[];
		system: System | undefined;
	} = $props();
	const most = $derived(Math.max(0, ...chars.map(({ volume_ul }) => volume_ul)));
	const chosen = $derived(chars.find(({ code }) => code === value));
	const parts = $derived.by(() => {
		if (!chosen) return [];
		const litres = inLitres(chosen.volume_ul);
		const measure = bestMeasure(litres, measures);
		const some = [
			{ label: 'all of it', litres: undefined },
			{ label: 'half', litres: litres / 2 },
			...(measure && measure.litres < litres
				? [{ label: inMeasures(measure.litres, measure), litres: measure.litres }]
				: []),
			...scales.filter((scale) => scale.litres > 0 && scale.litres < litres)
		];
		return some.map(({ label, litres: amount }) => ({
			label,
			value: amount === undefined ? '' : typedAmount(amount, 'L', system)
		}));
	});
	/** Few are looked at; the rest are a tap away. What came chosen is in sight, and nothing moves under a finger. */
	const cameChosen = value;
	const most_shown = 6;
	const shown = $derived(chars.filter(({ code }, i) => i < most_shown || code === cameChosen));
	const folded = $derived(chars.filter((char) => !shown.includes(char)));
</script>

{#snippet row(char: PlanChar)}
	<label class="choice-line">
		<input type="radio" class="radio" name="char" value={char.code} bind:group={value} />
		<span
			><strong>{char.code}</strong>
			{say(inLitres(char.volume_ul), 'L', system)}
			<span class="quiet text-sm">{stateWords[char.state]}, {wetnessWords[char.wetness]}</span
			></span
		>
		<svg
			viewBox="0 0 300 10"
			preserveAspectRatio="none"
			class="col-start-2 h-2.5 w-full sm:col-start-3"
			role="presentation"
			><rect
				width={Math.round((char.volume_ul / most) * 300)}
				height="10"
				fill="var(--char-line)"
			/></svg
		>
	</label>
{/snippet}

<fieldset>
	<legend class="mb-1 font-slab text-xl">Which char</legend>
	{#each shown as char (char.code)}{@render row(char)}{/each}
	{#if folded.length > 0}<Fold
			name="more-char"
			label="{folded.length} more, most of them whole: crush those first for beds"
			>{#each folded as char (char.code)}{@render row(char)}{/each}</Fold
		>{/if}
	{#if rest}<a
			class="inline-flex min-h-11 items-center underline"
			href={rest.href}
			data-sveltekit-noscroll>{rest.n} lots in all: others</a
		>{/if}
	{#if chars.length > 0}<label class="choice-line">
			<input type="radio" class="radio" name="char" value={onTheSpot} bind:group={value} />
			<span>Char that is not in the books</span>
		</label>{:else}<input type="hidden" name="char" value={onTheSpot} />{/if}
	{#if errors.char}<p class="mt-1 font-semibold text-error">{errors.char}</p>{/if}
</fieldset>
{#if value === onTheSpot}
	{#if isExample}<p class="max-w-prose">
			This is an example: put in the char that you have. Nothing is written down by it.
		</p>{/if}
	<div class="form-grid mt-3">
		<Field label="How much char" name="spotChar" bind:value={spot} />
		<Choice
			label="It is"
			name="spotState"
			bind:value={spotState}
			options={[
				{ value: 'crushed', label: 'crushed' },
				{ value: 'whole', label: 'whole, as it came out of the fire' }
			]}
		/>
	</div>
{:else}
	<div class="mt-3 flex flex-wrap items-start gap-x-4">
		<div class="w-44">
			<Field label="How much of it" name="part" bind:value={part} hint="Empty: all of it" />
		</div>
		<div class="sm:pt-5"><Taps label="Usual parts of it" bind:value={part} options={parts} /></div>
	</div>
{/if}
