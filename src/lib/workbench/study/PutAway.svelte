<script lang="ts">
	/** What tells colours is put away as long as they are judged by eye: until the check, or until a brief is handed in. */
	let { what, isHidden }: { what: string; isHidden: boolean } = $props();
</script>

<section aria-label={what}>
	<h2>{what}</h2>
	<p>
		{isHidden
			? 'Put away by the brief: this is worked by eye until it is handed in.'
			: 'Put away while the eye works. They come back with the check.'}
	</p>
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
