<script lang="ts" module>
	import Later, { arriving } from '$lib/components/shell/Later.svelte';
	const page = await arriving(() => import('./Whole.svelte'));
</script>

<script lang="ts">
	let props = $props();
</script>

<Later {page} {props} />
