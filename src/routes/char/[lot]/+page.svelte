<script lang="ts">
	import Answer from '$lib/components/answer/Answer.svelte';
	import Caution from '$lib/components/answer/Caution.svelte';
	import Figures from '$lib/components/answer/Figures.svelte';
	import Trace from '$lib/components/answer/Trace.svelte';
	import ActFoot from '$lib/components/entry/ActFoot.svelte';
	import Choice from '$lib/components/entry/Choice.svelte';
	import Field from '$lib/components/entry/Field.svelte';
	import Sourced from '$lib/components/answer/Sourced.svelte';
	import { crushLimits, expectCrushed, judgeCrush } from '$lib/core/char';
	import { estimate, exactly, kgDry, litres, parseVolume } from '$lib/core/units';
	import { woodClass } from '$lib/core/woodyard';
	import { joined, say, show, slip } from '$lib/format/figure';
	import { wetnessWords } from '$lib/format/words';
	import { charAnswer } from './answer';
	let { data, form } = $props();
	const system = $derived(data.system);
	const char = $derived(data.char);
	const went = $derived(
		data.trace.forward.filter((step) => step.depth === 1).map((step) => step.code)
	);
	const volume = $derived(litres(char.volume_ml / 1000));
	// svelte-ignore state_referenced_locally
	let before = $state(form?.values.before ?? '');
	// svelte-ignore state_referenced_locally
	let after = $state(form?.values.after ?? '');
	const errors = $derived(form?.errors ?? {});
	const read = (text: string) => {
		const parsed = parseVolume(text, data);
		return parsed.status === 'ok' && parsed.value <= 1e6 ? litres(parsed.value) : undefined;
	};
	const taken = $derived(read(before) ?? volume);
	const expected = $derived(expectCrushed(taken));
	const expectedSlip = $derived.by(() => {
		const made = slip(
			'After crushing',
			estimate(
				litres,
				{ ...expected, value: Math.sqrt(expected.low * expected.high) },
				{
					unit: 'L',
					basis: 'crushed',
					formula: 'litres before × (1 − share packed away)',
					from: [
						{ name: 'before', value: taken, unit: 'L', origin: 'typed', source: 'whole pieces' },
						{
							name: 'packed away',
							value: (crushLimits.usual[0] + crushLimits.usual[1]) / 2,
							low: crushLimits.usual[0],
							high: crushLimits.usual[1],
							unit: 'share',
							origin: 'default',
							source: crushLimits.source
						}
					]
				}
			),
			system
		);
		return { ...made, text: made.range ?? made.text };
	});
	const crushed = $derived(read(after));
	const verdict = $derived(crushed === undefined ? undefined : judgeCrush(taken, crushed));
	const slips = $derived([
		slip(
			'Litres',
			estimate(litres, exactly(volume), {
				unit: 'L',
				basis: char.state,
				formula: 'what came in less what went out',
				from: []
			}),
			system
		),
		slip(
			'Dry char',
			estimate(kgDry, exactly(char.dry_g / 1000), {
				unit: 'kg',
				basis: 'oven-dry char',
				formula: 'carried through every act, in whole grams',
				from: [
					{
						name: 'density when measured',
						value: char.density.value,
						low: char.density.low,
						high: char.density.high,
						unit: 'kg/L',
						origin: char.density.from[0]?.origin ?? 'default',
						source: char.density.formula
					}
				]
			}),
			system
		),
		slip('Density', char.density, system)
	]);
</script>

<Answer
	title={char.code}
	answer={charAnswer({ ...char, went }, data.use, system)}
	crumbs={[{ label: 'Charging', href: '/charging' }]}
>
	{#snippet reason()}
		<p>
			From <a class="underline" href="/fires/{char.burnCode}">{char.burnCode}</a>, {woodClass(
				char.wood
			).name}, {wetnessWords[char.wetness]}. Litres whole and litres crushed are different measures;
			the kilograms stay.
			{#if data.held !== undefined}Held because: {data.held}.{/if}
		</p>
		{#if data.use === 'charge-first'}
			<p class="mt-3">
				<a class="btn min-h-12 text-base btn-primary" href="/charging/plan?char={char.code}"
					>Charge it</a
				>
			</p>
		{:else if data.use === 'not-proven'}
			<p class="mt-3">
				<a class="btn min-h-12 text-base btn-primary" href="/fires/{char.burnCode}"
					>Check the fire</a
				>
			</p>
		{/if}
	{/snippet}
</Answer>

<div class="sheet">
	<div>
		{#if data.use !== 'gone'}<Figures {slips} />{/if}
		{#if data.use === 'crush-first'}
			<form method="post" action="?/crush">
				<h2 class="mb-2 text-xl">Crush it</h2>
				<div class="mb-3 max-w-prose" aria-live="polite">
					{#if verdict}{joined(show({ value: verdict.packedAway, unit: 'share' }, system))} of the volume
						packs away{verdict.verdict === 'usual'
							? ', as usual'
							: verdict.verdict === 'unusual'
								? '; 25–40 % is usual'
								: ': that can hardly be'}.
					{:else}Expect <Sourced slip={expectedSlip} /> from {say(taken, 'L', system)}: 25–40 %
						packs away and nothing is lost.{/if}
				</div>
				<Caution
					>Crush damp, never dry, with a P2 or N95 mask and goggles: char dust, and husk char above
					all, harms lungs.</Caution
				>
				<div class="form-grid">
					<Field
						label="Before"
						name="before"
						bind:value={before}
						error={errors.before}
						hint="Empty: all {say(volume, 'L', system)}"
					/>
					<Field label="After crushing" name="after" bind:value={after} error={errors.after} />
					<Choice
						label="How wet it is"
						name="wetness"
						value={form?.values.wetness ?? 'drained'}
						error={errors.wetness}
						options={Object.entries(wetnessWords).map(([value, label]) => ({ value, label }))}
					/>
					{#if errors.oddReason || form?.values.oddReason}<Field
							label="Why that is right"
							name="oddReason"
							value={form?.values.oddReason ?? ''}
							error={errors.oddReason}
						/>{/if}
				</div>
				<ActFoot
					actId={data.actId}
					action="?/crush"
					label="Log it crushed"
					values={form?.values}
					{errors}
				/>
			</form>
		{/if}
	</div>
	<aside>
		<Trace title="Came of" steps={data.trace.back} almanac={data.almanac} />
		<Trace title="Went into" steps={data.trace.forward} almanac={data.almanac} />
		<a class="inline-block min-h-6 underline" href="/ledger/{char.code}"
			>Its books; put something right</a
		>
	</aside>
</div>
