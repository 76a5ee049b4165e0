<script lang="ts">
	import StudiesPage from '$lib/studies/StudiesPage.svelte';

	let { data } = $props();
</script>

<StudiesPage list={data.list} query={data.query} />
