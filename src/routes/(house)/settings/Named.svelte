<script lang="ts">
	import ActFoot from '$lib/components/entry/ActFoot.svelte';
	import Choice from '$lib/components/entry/Choice.svelte';
	import Field from '$lib/components/entry/Field.svelte';
	import Form from '$lib/components/entry/Form.svelte';
	import type { Sent } from '$lib/components/entry/form-here';
	import { kindOf, type NamedKind } from '$lib/core/kinds';
	import { booksPath } from '$lib/format/paths';
	import { capital } from '$lib/format/words';
	/** What goes by a name and has books: renamed, retired and merged there. */
	let {
		named,
		actId,
		sent
	}: {
		named: readonly { readonly kind: NamedKind; readonly names: readonly string[] }[];
		actId: string;
		sent: Sent | null;
	} = $props();
	const some = $derived(named.filter(({ names }) => names.length > 0));
	const reads = ['temperature', 'mass', 'moisture', 'ph', 'weather'];
</script>

<section>
	<h2 class="mb-1 border-b-2 border-base-content text-lg">What has books</h2>
	{#each some as { kind, names } (kind)}<p class="py-0.5">
			<span class="quiet">{capital(kindOf(kind).word)}:</span>
			{#each names as name, i (name)}{i > 0 ? ', ' : ''}<a
					class="inline-block min-h-8 content-center underline"
					href={booksPath(kind, name)}>{name}</a
				>{/each}
		</p>{/each}
	<details open={sent?.form === 'name'}>
		<summary class="min-h-11 cursor-pointer content-center underline"
			>Name a place, a device or a person</summary
		>
		<Form name="name" {sent} class="grid gap-3 pb-3">
			<Choice
				label="It is"
				name="kind"
				options={[
					{ value: 'place', label: 'A place where something stands' },
					{ value: 'device', label: 'A device that reads' },
					{ value: 'person', label: 'Somebody who keeps the books' }
				]}
			/>
			<Field label="Called" name="name" />
			<Choice
				label="A device reads"
				name="reads"
				options={[
					{ value: '', label: 'It is no device' },
					...reads.map((value) => ({ value, label: capital(value === 'ph' ? 'pH' : value) }))
				]}
			/>
			<ActFoot {actId} label="It has books" quiet noted={false} />
		</Form>
	</details>
</section>
