<script lang="ts">
	import { formedActOf } from '$lib/input/small-acts/formed';
	import ActFoot from './ActFoot.svelte';
	import Choice from './Choice.svelte';
	import Field from './Field.svelte';
	import Fold from './Fold.svelte';
	import Form from './Form.svelte';
	import type { Sent } from './form-here';
	/** The form of an act that only writes down a finding, from its declaration. */
	let {
		verb,
		actId,
		sent,
		options = {},
		known = {},
		label,
		folded = true
	}: {
		verb: string;
		actId: string;
		sent: Sent | null | undefined;
		/** Words of a choice that its page knows better, by its field. */
		options?: Readonly<Record<string, readonly { value: string; label: string }[]>>;
		/** What the fields hold before anything is typed. */
		known?: Readonly<Record<string, string>>;
		/** Another word on its button. */
		label?: string;
		/** Behind a line that opens; without fields there is nothing to fold. */
		folded?: boolean;
	} = $props();
	const act = $derived(formedActOf(verb));
	const limits = $derived(
		Object.fromEntries(
			act.fields.flatMap((field) =>
				'reads' in field && !field.isList ? [[field.name, field.reads]] : []
			)
		)
	);
	const isBare = $derived(act.fields.length === 0 && !act.holds);
</script>

{#snippet form()}
	<Form name={verb} {sent} {limits} {known} class={isBare ? '' : 'grid max-w-xl gap-3 pb-4'}>
		{#each act.fields as field (field.name)}
			{#if 'oneOf' in field}
				<Choice
					label={field.label}
					name={field.name}
					options={[...(options[field.name] ?? field.oneOf)]}
				/>
			{:else}
				<Field
					label={field.label}
					name={field.name}
					hint={field.hint ?? ''}
					inputmode={'reads' in field ? 'decimal' : 'text'}
				/>
			{/if}
		{/each}
		{#if (act.ways?.length ?? 0) > 1}<Choice
				label="Read by"
				name="way"
				options={[...(act.ways ?? [])]}
			/>{/if}
		{#if act.holds}<div class="grid gap-3 sm:grid-cols-2">
				<Field label="From the day" name="firstDay" type="date" hint="Empty: from today" />
				{#if act.holds === 'between-days'}<Field
						label="To the day"
						name="lastDay"
						type="date"
						hint="Empty: until said otherwise"
					/>{/if}
			</div>{/if}
		<ActFoot {actId} label={label ?? act.button} quiet noted={act.isDated ?? false} />
	</Form>
{/snippet}

{#if isBare || !folded}
	{@render form()}
{:else}
	<Fold name={verb} label={act.asks} open={sent?.form === verb}>{@render form()}</Fold>
{/if}
