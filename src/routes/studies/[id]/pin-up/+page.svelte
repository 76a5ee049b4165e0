<script lang="ts">
	import PinUpPage from '$lib/handed/PinUpPage.svelte';

	let { data } = $props();
</script>

{#key data.study}<PinUpPage {...data} />{/key}
