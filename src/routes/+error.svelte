<script lang="ts">
	import Trouble from './Trouble.svelte';
</script>

<Trouble />
