<script lang="ts">
	import HandInPage from '$lib/handed/HandInPage.svelte';

	let { data } = $props();
</script>

{#key data.line.id}<HandInPage line={data.line} others={data.others} />{/key}
