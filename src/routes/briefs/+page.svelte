<script lang="ts">
	import BriefsPage from '$lib/briefs/BriefsPage.svelte';

	let { data } = $props();
</script>

<BriefsPage list={data.list} query={data.query} />
