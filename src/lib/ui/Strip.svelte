<script lang="ts">
	/** A row of colours that touch, to look at: what a choice would give. */
	let { codes }: { codes: readonly string[] } = $props();
</script>

<svg viewBox="0 0 {codes.length} 1" preserveAspectRatio="none" shape-rendering="crispEdges" aria-hidden="true">
	{#each codes as code, i (i)}<rect x={i} y="0" width="1" height="1" fill={code} />{/each}
</svg>

<style>
	svg {
		display: block;
		width: 100%;
		height: 100%;
	}
</style>
