<script lang="ts">
	import { formHere } from './form-here';
	/** One thing that is so or not. */
	let { name, label, says = '' }: { name: string; label: string; says?: string } = $props();
	const form = formHere();
</script>

<label class="flex min-h-12 items-center gap-3"
	><input
		type="checkbox"
		class="checkbox shrink-0"
		{name}
		checked={form.values[name] === 'on'}
	/>{label}</label
>
{#if says || form.errors[name]}<p
		class={form.errors[name] ? 'font-semibold text-error' : 'quiet text-sm'}
	>
		{form.errors[name] ?? says}
	</p>{/if}
