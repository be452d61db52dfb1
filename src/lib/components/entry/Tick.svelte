<script lang="ts">
	import { formHere } from './form-here';
	/** One thing that is so or not. */
	const form = formHere();
	let {
		name,
		label,
		says = '',
		checked = $bindable(form.values[name] === 'on')
	}: { name: string; label: string; says?: string; checked?: boolean } = $props();
</script>

<label class="flex min-h-12 items-center gap-3"
	><input type="checkbox" class="checkbox shrink-0" {name} bind:checked />{label}</label
>
{#if says || form.errors[name]}<p
		class={form.errors[name] ? 'font-semibold text-error' : 'quiet text-sm'}
	>
		{form.errors[name] ?? says}
	</p>{/if}
