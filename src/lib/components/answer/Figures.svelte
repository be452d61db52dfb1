<script lang="ts">
	import type { Slip } from '$lib/format/figure';
	/** The figures behind an answer, large; a tap on one shows its inputs and their sources. */
	let { slips }: { slips: readonly Slip[] } = $props();
	const uid = $props.id();
</script>

<dl class="mb-6 flex flex-wrap gap-x-8 gap-y-3">
	{#each slips as slip, i (slip.label)}
		<div>
			<dt class="quiet text-sm">{slip.label}</dt>
			<dd>
				<button
					type="button"
					popovertarget="{uid}-{i}"
					class="min-h-11 text-left underline decoration-dotted decoration-2 underline-offset-4 hover:decoration-primary"
					aria-label="{slip.label}: {slip.text} {slip.unit}. Where it comes from"
				>
					<span class="text-3xl font-bold">{slip.text}</span>
					<span class="text-base">{slip.unit}</span>
				</button>
				{#if slip.range}<div class="quiet text-sm">{slip.range} {slip.unit}</div>{/if}
				<div
					popover="auto"
					id="{uid}-{i}"
					class="fixed inset-0 m-auto h-fit max-h-[80vh] w-[min(34rem,92vw)] overflow-auto border-2 border-base-content bg-base-200 p-5 text-base-content"
				>
					<p class="text-lg font-bold">{slip.label}: {slip.range ?? slip.text} {slip.unit}</p>
					<p class="quiet mt-1">{slip.basis}. {slip.formula}.</p>
					{#if slip.range}<p class="quiet text-sm">
							Eight times in ten it lies in this range.
						</p>{/if}
					<ul class="mt-3">
						{#each slip.lines as line (line.name)}
							<li class="border-t border-base-300 py-2">
								<div class="flex justify-between gap-4">
									<span>{line.name}</span><strong>{line.amount}</strong>
								</div>
								<div class="quiet text-sm">{line.origin}. {line.source}</div>
							</li>
						{/each}
					</ul>
					<button
						type="button"
						class="btn mt-4 btn-neutral"
						popovertarget="{uid}-{i}"
						popovertargetaction="hide">Close</button
					>
				</div>
			</dd>
		</div>
	{/each}
</dl>
