<script lang="ts">
	/** Where something is put on beds: one of them might keep a strip without it. */
	let { offer }: { offer: { readonly bed: string; readonly where: string } } = $props();
</script>

<p class="my-3 max-w-prose print:hidden">
	Does it help? Leave a strip of {offer.bed} without it this season: chance has drawn {offer.where}.
	<a
		class="inline-block min-h-11 content-center underline"
		href="/trials?strip={encodeURIComponent(offer.bed)}#leave">Leave that strip</a
	>
</p>
