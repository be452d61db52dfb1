<script lang="ts">
	import ActFoot from '$lib/components/entry/ActFoot.svelte';
	import Choice from '$lib/components/entry/Choice.svelte';
	import Field from '$lib/components/entry/Field.svelte';
	import Fold from '$lib/components/entry/Fold.svelte';
	import Form from '$lib/components/entry/Form.svelte';
	import type { Sent } from '$lib/components/entry/form-here';
	import { sayDay, type Almanac } from '$lib/format/dates';
	/** What a thing is called, was called, and whether it is used: each changed by an act, and undone like any. */
	let {
		name,
		named,
		actId,
		form,
		almanac
	}: {
		name: string;
		named: {
			readonly names: readonly { readonly name: string; readonly at_ms: number }[];
			readonly ended: { readonly into: string | null; readonly at_ms: number } | null;
			/** Of its kind, that it may be the same as. */
			readonly others: readonly string[];
		};
		actId: string;
		form: Sent | null;
		almanac: Almanac;
	} = $props();
	const of = (act: string) => form?.form === act;
	const before = $derived(named.names.filter((one) => one.name !== name));
</script>

<section id="name" class="mb-6">
	<h2 class="mb-1 border-b-2 border-base-content text-lg">Its name</h2>
	<p>
		{name}{#if before.length > 0}, called {before.map((one) => one.name).join(', ')} before{/if}{#if named.ended}.
			Used no longer since {sayDay(named.ended.at_ms, almanac)}{#if named.ended.into}; it is the
				same as
				{named.ended.into}{/if}{/if}.
	</p>
	{#if !named.ended}
		<Fold name="rename" label="Call it otherwise" open={of('rename')}>
			<Form name="rename" sent={form} class="grid gap-3 pb-3">
				<Field label="The new name" name="newName" />
				<ActFoot actId="{actId}-name" label="It is called so" quiet noted={false} />
			</Form>
		</Fold>
		{#if named.others.length > 0}<Fold
				name="merge"
				label="It is the same as another"
				open={of('merge')}
			>
				<Form name="merge" sent={form} class="grid gap-3 pb-3">
					<Choice
						label="The one whose name stays"
						name="into"
						options={named.others.map((value) => ({ value, label: value }))}
					/>
					<p class="quiet text-sm">
						What was done with {name} counts there from then on, and its name leads there.
					</p>
					<ActFoot actId="{actId}-merge" label="They are the same" quiet noted={false} />
				</Form>
			</Fold>{/if}
		<Fold name="retire" label="Use it no longer" open={of('retire')}>
			<Form name="retire" sent={form} class="pb-3">
				<p class="quiet text-sm">Its books stay; it is offered nowhere any more.</p>
				<ActFoot actId="{actId}-retire" label="Retire {name}" quiet noted={false} />
			</Form>
		</Fold>
	{/if}
</section>
