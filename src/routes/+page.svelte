<script lang="ts">
	import StudiesPage from '$lib/studies/StudiesPage.svelte';

	let { data } = $props();
</script>

<StudiesPage lines={data.lines} more={data.more} query={data.query} />
