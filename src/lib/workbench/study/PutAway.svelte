<script lang="ts">
	/** What tells colours is put away as long as they are judged by eye. */
	let { what }: { what: string } = $props();
</script>

<section aria-label={what}>
	<h2>{what}</h2>
	<p>Put away while the eye works. They come back with the check.</p>
</section>

<style>
	section {
		padding: 12px;
		border-top: 1px solid var(--rule);
	}
	h2 {
		font-size: 15px;
	}
	p {
		margin-top: 4px;
		font-size: 12px;
		color: var(--soft);
	}
</style>
