<script lang="ts">
	import ActFoot from '$lib/components/entry/ActFoot.svelte';
	import Choice from '$lib/components/entry/Choice.svelte';
	import Form from '$lib/components/entry/Form.svelte';
	import { covers } from '$lib/core/woodyard';
	import { sayDay } from '$lib/format/dates';
	import type { ActionData, PageData } from './$types';
	/** How a stack is kept from the weather, what that does, and what else to know of it. */
	let { data, form }: { data: PageData; form: ActionData } = $props();
	const kept = $derived(covers.find(({ id }) => id === data.cover?.cover));
</script>

{#if data.stack.walnut}<p class="mt-4 text-sm">
		<strong>There is walnut in it.</strong> Fire destroys its juglone, yet many growers keep its ash out
		of beds too. Unburnt chips, leaves and compost of it stay away from tomatoes and their kin, apples,
		brambles and heathers.
	</p>{/if}
{#if kept && data.cover}<p class="mt-4 text-sm">
		Kept {kept.name} since {sayDay(data.cover.at_ms, data.almanac)}. {kept.says}
	</p>{/if}
<details class="mt-2" open={form?.form === 'cover-stack'}>
	<summary class="inline-flex min-h-11 cursor-pointer items-center underline"
		>{kept ? 'Keep it otherwise' : 'Say how it is kept'}</summary
	>
	<Form name="cover-stack" sent={form} class="grid gap-3 pb-4">
		<Choice
			label="From now on"
			name="cover"
			options={covers.map(({ id, name }) => ({ value: id, label: name }))}
		/>
		<ActFoot actId={data.coverId} label="Keep it so" quiet noted={false} />
	</Form>
</details>
