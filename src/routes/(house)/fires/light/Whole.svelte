<script lang="ts">
	import Answer from '$lib/components/answer/Answer.svelte';
	import Caution from '$lib/components/answer/Caution.svelte';
	import ActFoot from '$lib/components/entry/ActFoot.svelte';
	import Choice from '$lib/components/entry/Choice.svelte';
	import Field from '$lib/components/entry/Field.svelte';
	import Form from '$lib/components/entry/Form.svelte';
	import { woodClasses } from '$lib/core/woodyard';
	import { useWords } from '$lib/format/vessel-words';
	import { limits } from '$lib/input/limits';
	import type { PageProps } from './$types';
	let { data, form }: Pick<PageProps, 'data' | 'form'> = $props();
	const vessels = $derived(data.vessels.rows);
</script>

<Answer
	title="Light one now"
	answer={vessels.length > 0
		? 'Say where it burns, and it is tended from then on'
		: 'No kiln, trench or barrel is measured yet'}
	crumbs={[{ label: 'Fires', href: '/fires' }]}
>
	{#snippet reason()}
		{#if vessels.length > 0}<p>
				Nothing else is needed before the match but water, a calm day and somebody who stays. A plan
				says how much water; without one, twice the char you expect stands by.
			</p>{:else}<p>
				<a class="underline" href="/vessels/new">Measure one first</a>: its depth tells how much
				char lies in it.
			</p>{/if}
		{#if data.planned.length > 0}<p class="mt-2">
				Planned and waiting: {#each data.planned as { code, name }, i (code)}{i > 0 ? ', ' : ''}<a
						class="underline"
						href="/fires/{code}/now">{code} in {name}</a
					>{/each}.
			</p>{/if}
	{/snippet}
</Answer>

{#if vessels.length > 0}
	<Form id="form" name="light" sent={form} limits={limits.fire} class="max-w-xl">
		<div class="form-grid">
			<Choice
				label="It burns in"
				name="vessel"
				options={vessels.map(({ name, usedFor }) => ({
					value: name,
					label: `${name}, ${useWords[usedFor]}`
				}))}
			/>
			<Choice
				label="Its wood"
				name="woodClass"
				options={[...woodClasses]
					.sort((a, b) => Number(b.id === 'mixed') - Number(a.id === 'mixed'))
					.map(({ id, name }) => ({ value: id, label: name }))}
			/>
			<Field label="Its pieces, thick" name="thick" hint="Empty: an inch" />
			<Field label="Water in it, %" name="wet" inputmode="decimal" hint="Empty: 15, air-dry" />
		</div>
		{#if data.vessels.rest}<p class="mt-2">
				<a class="underline" href={data.vessels.rest.href}>Other vessels of {data.vessels.rest.n}</a
				>
			</p>{/if}
		<ActFoot actId={data.actId} label="It is lit" system={data.system} />
	</Form>
	<Caution
		>Permit or notice where the local code asks for it, no fire ban, wind below 15 km/h and not
		toward houses, bare or wetted ground for three metres around, water under pressure or in tanks,
		a second person for anything larger than a bucket. Never on peat, roots or buried lines; no
		lighter fuel on embers. The local code and licensed advice come before this page.</Caution
	>
{/if}
