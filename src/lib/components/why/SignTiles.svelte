<script lang="ts">
	import { onMount } from 'svelte';
	import type { SignId } from '$lib/core/detective';
	import { signGroups, signWords } from '$lib/format/why-words';
	import SignDrawing from './SignDrawing.svelte';
	/** All signs as tiles: a tap says it is seen, another that it was looked for in vain, a third takes it back. */
	let {
		seen = $bindable([]),
		vain = $bindable([])
	}: { seen: readonly SignId[]; vain: readonly SignId[] } = $props();
	/** Without script boxes stand in the place of tiles, and are sent under the same names. */
	let isLive = $state(false);
	onMount(() => {
		isLive = true;
	});
	const stateOf = (id: SignId) =>
		seen.includes(id) ? 'seen' : vain.includes(id) ? 'looked for in vain' : 'not looked for';
	function tap(id: SignId) {
		const was = stateOf(id);
		const without = (ids: readonly SignId[]) => ids.filter((one) => one !== id);
		[seen, vain] = [without(seen), without(vain)];
		if (was === 'not looked for') seen = [...seen, id];
		else if (was === 'seen') vain = [...vain, id];
	}
</script>

{#if isLive}
	<input type="hidden" name="seen" value={seen.join(' ')} />
	<input type="hidden" name="vain" value={vain.join(' ')} />
{/if}
{#each signGroups as { title, signs } (title)}
	<fieldset class="mb-4">
		<legend class="mb-1 font-semibold">{title}</legend>
		<div class="scripted grid grid-cols-2 gap-2">
			{#each signs as id (id)}
				{@const state = stateOf(id)}
				<button
					type="button"
					class="flex min-h-14 items-center gap-2 border px-2 py-1 text-left text-sm {state ===
					'seen'
						? 'border-2 border-base-content bg-base-100 font-semibold'
						: state === 'looked for in vain'
							? 'border-base-300 bg-base-300 line-through'
							: 'border-base-content/50 bg-base-200'}"
					aria-label="{signWords[id]}: {state}"
					onclick={() => tap(id)}
				>
					<SignDrawing sign={id} />
					<span>{signWords[id]}</span>
				</button>
			{/each}
		</div>
		<noscript>
			<ul>
				{#each signs as id (id)}<li class="flex flex-wrap items-center gap-x-4">
						<span class="grow">{signWords[id]}</span>
						<label class="inline-flex min-h-11 items-center gap-2"
							><input
								type="checkbox"
								name="seen"
								value={id}
								checked={seen.includes(id)}
							/>seen</label
						>
						<label class="inline-flex min-h-11 items-center gap-2"
							><input type="checkbox" name="vain" value={id} checked={vain.includes(id)} />not there</label
						>
					</li>{/each}
			</ul>
		</noscript>
	</fieldset>
{/each}
