<script lang="ts">
	import PalettesPage from '$lib/palettes/PalettesPage.svelte';

	let { data } = $props();
</script>

<PalettesPage list={data.list} />
