<script lang="ts">
	import ActFoot from '$lib/components/entry/ActFoot.svelte';
	import Choice from '$lib/components/entry/Choice.svelte';
	import Field from '$lib/components/entry/Field.svelte';
	import Form from '$lib/components/entry/Form.svelte';
	import { limits } from '$lib/input/limits';
	import type { ActionData, PageData } from './$types';
	/** A part of a stack on its own, or two stacks laid together. */
	let { data, form }: { data: PageData; form: ActionData } = $props();
</script>

<details class="mt-4" open={form?.form === 'split'}>
	<summary class="inline-flex min-h-11 cursor-pointer items-center underline">Split it</summary>
	<Form name="split" sent={form} limits={limits.load} class="grid gap-3 pb-4">
		<Field
			label="The part that becomes its own"
			name="part"
			hint="Such as 3 barrows, or half of it"
		/>
		<ActFoot actId={data.splitId} label="Split it" quiet noted={false} />
	</Form>
</details>
{#if data.others.length > 0}<details open={form?.form === 'join'}>
		<summary class="inline-flex min-h-11 cursor-pointer items-center underline"
			>Lay it together with another</summary
		>
		<Form name="join" sent={form} class="grid gap-3 pb-4">
			<p class="quiet text-sm">One new stack of both, whose moisture is to be read anew.</p>
			<Choice label="With" name="other" options={data.others} />
			<ActFoot actId={data.joinId} label="Lay them together" quiet noted={false} />
		</Form>
	</details>{/if}
