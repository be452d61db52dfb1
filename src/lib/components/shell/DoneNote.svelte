<script lang="ts">
	import { Check } from 'lucide';
	import Icon from './Icon.svelte';
	/** What was just written down, first of all on the page it led to, with its undo. */
	let {
		did
	}: {
		did: {
			/** "Mere 2: spread, 30 L of C4" */
			readonly says: string;
			readonly stands: boolean;
			readonly actId: string;
			readonly undoId: string;
		};
	} = $props();
</script>

<div
	id="did"
	role="status"
	tabindex="-1"
	class="mb-4 flex flex-wrap items-center gap-x-4 gap-y-2 border-l-4 border-success bg-base-200 py-2 pr-2 pl-4 outline-none"
>
	<Icon of={Check} size={20} class="shrink-0" />
	<p class="min-w-0 flex-1">
		<strong>{did.stands ? 'Written down' : 'Taken back'}</strong>: {did.says}
	</p>
	{#if did.stands}
		<form method="post" action="/log?/undo">
			<input type="hidden" name="actId" value={did.undoId} />
			<input type="hidden" name="act" value={did.actId} />
			<button class="btn min-h-12 btn-outline">Undo it</button>
		</form>
	{/if}
</div>
