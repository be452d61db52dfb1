<script lang="ts">
	import { drinks, targetOn } from '$lib/core/brews';
	import type { System } from '$lib/core/units';
	import { sayDay, type Almanac } from '$lib/format/dates';
	import { plain, say, saySpan } from '$lib/format/figure';
	import type { ShareBed, Shared } from './sharing';
	/** The beds of a round: what each wants, what it gets, the brew and the cans in that. */
	let {
		beds,
		amounts = $bindable(),
		shared,
		onto,
		basis,
		errors,
		almanac,
		system
	}: {
		beds: readonly (ShareBed & { readonly note: string })[];
		amounts: Record<string, string>;
		shared: Shared | undefined;
		onto: 'soil' | 'leaves';
		basis: 'diluted' | 'brew';
		errors: Readonly<Record<string, string>>;
		almanac: Almanac;
		system: System | undefined;
	} = $props();
	const stopOf = $derived((bed: string) => shared?.stops.find((stop) => stop.bed === bed));
	const usual = (bed: ShareBed) => {
		const diluted = drinks(targetOn(bed, onto)).value;
		return say(basis === 'brew' ? diluted / (1 + (shared?.parts ?? 0)) : diluted, 'L', system);
	};
	/** As many as an eye takes in; the rest unfolds, and without script stands there. */
	const most = 6;
	let all = $state(false);
	const isFolded = (bed: ShareBed, i: number) =>
		!all && i >= most && !(amounts[bed.name] ?? '') && beds.length > most + 1;
	const isShort = $derived(shared !== undefined && shared.short_l > 0.001 && !shared.inTurn);
	const less = (stop: { total_l?: number; gets_l?: number } | undefined) =>
		stop?.gets_l !== undefined && stop.total_l !== undefined && stop.gets_l < stop.total_l - 0.005;
</script>

<div class="overflow-x-auto">
	<table class="ledger-table">
		<thead
			><tr
				><th>who gets it</th><th
					>{basis === 'brew' ? 'of the brew itself' : 'as poured, diluted'}</th
				><th class="num max-sm:hidden">diluted</th><th class="num">brew in it</th><th
					class="num max-sm:hidden">cans</th
				><th class="max-sm:hidden">last had any</th></tr
			></thead
		>
		<tbody>
			{#each beds as bed, i (bed.name)}
				{@const stop = stopOf(bed.name)}
				{@const error = errors[`diluted:${bed.name}`]}
				<tr
					class="[&>td]:py-1 [&>td]:align-middle {isFolded(bed, i) ? '[[data-live]_&]:hidden' : ''}"
				>
					<td
						><label class="font-semibold" for="diluted-{i}">{bed.name}</label>
						{#if bed.note}<span class="quiet block text-sm">{bed.note}</span>{/if}</td
					>
					<td
						><span class="flex items-center gap-2"
							><input
								id="diluted-{i}"
								name="diluted:{bed.name}"
								bind:value={amounts[bed.name]}
								class="input min-h-12 w-24 border-base-content/60 bg-base-200 sm:w-28 {error
									? 'border-2 border-error'
									: ''}"
								autocomplete="off"
								aria-invalid={error ? 'true' : undefined}
							/>
							<button
								type="button"
								class="btn min-h-11 btn-outline px-2 text-sm font-normal whitespace-nowrap"
								aria-label="{bed.name}: {usual(bed)}, as usual"
								onclick={() => (amounts[bed.name] = usual(bed))}>{usual(bed)}</button
							></span
						>
						{#if error}<p class="font-semibold text-error">{error}</p>
						{:else if stop?.odd}<p class="text-sm font-semibold text-error" aria-live="polite">
								{saySpan(stop.odd.low_l, stop.odd.high_l, 'L', system)} diluted is usual
							</p>{/if}</td
					>
					<td class="num max-sm:hidden {less(stop) ? 'font-semibold' : ''}"
						>{stop?.gets_l === undefined ? '–' : say(stop.gets_l, 'L', system)}</td
					>
					<td class="num">{stop?.brew_l === undefined ? '–' : say(stop.brew_l, 'L', system)}</td>
					<td class="num max-sm:hidden">{stop?.cans === undefined ? '–' : plain(stop.cans, 1)}</td>
					<td class="quiet max-sm:hidden"
						>{bed.last_ms === null ? 'never' : sayDay(bed.last_ms, almanac)}</td
					>
				</tr>
			{/each}
			{#if !all && beds.length > most + 1}<tr class="hidden [&>td]:py-0 [[data-live]_&]:table-row"
					><td colspan="6"
						><button
							type="button"
							class="min-h-11 cursor-pointer underline"
							onclick={() => (all = true)}>All {beds.length} beds</button
						></td
					></tr
				>{/if}
			<tr>
				<td><strong>in all</strong></td><td></td>
				<td class="num max-sm:hidden">{shared ? say(shared.total_l, 'L', system) : '–'}</td>
				<td class="num {isShort ? 'font-semibold text-error' : ''}"
					>{shared
						? isShort
							? `${say(shared.short_l, 'L', system)} short`
							: `${say(shared.left_l, 'L', system)} left over`
						: '–'}</td
				><td class="num max-sm:hidden"
					>{shared && shared.total_l > 0 ? plain(shared.total_l / shared.can_l, 1) : '–'}</td
				><td class="max-sm:hidden"></td>
			</tr>
		</tbody>
	</table>
</div>
