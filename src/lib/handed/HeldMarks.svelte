<script lang="ts">
	/** Which checks hold: a full square for each that does, an open one for each that does not. */
	let { holds }: { holds: readonly boolean[] } = $props();
</script>

<span class="marks" aria-hidden="true">
	{#each holds as full, i (i)}<i class:full></i>{/each}
</span>

<style>
	.marks {
		display: inline-flex;
		flex-wrap: wrap;
		gap: 2px;
	}
	i {
		width: 7px;
		height: 7px;
		border: 1px solid var(--on-board, var(--ink));
	}
	.full {
		background: var(--on-board, var(--ink));
	}
</style>
