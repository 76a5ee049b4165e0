<script lang="ts">
	import Mark from './Mark.svelte';

	/** The head of the pages that list things: where one is, and where else one can go. */
	let { here }: { here: string } = $props();

	const PAGES = [
		{ name: 'Studies', href: '/' },
		{ name: 'Briefs', href: '/briefs' },
		{ name: 'Palettes', href: '/palettes' }
	] as const;
</script>

<header>
	<Mark />
	<p>Colour scales, made in one gesture, measured and explained.</p>
	<nav aria-label="Pages">
		{#each PAGES as { name, href } (name)}
			<a {href} aria-current={name === here ? 'page' : undefined}>{name}</a>
		{/each}
		<a href="/help">Help and keys</a>
	</nav>
</header>

<style>
	header {
		display: flex;
		align-items: center;
		gap: 20px;
		height: 52px;
		padding: 0 32px;
		background: var(--panel);
		border-bottom: 1px solid var(--rule);
	}
	p {
		flex: 1;
		font: italic 15px var(--font-serif);
		color: var(--soft);
	}
	nav {
		display: flex;
		gap: 20px;
		margin-left: auto;
	}
	a {
		padding: 4px 0;
		color: var(--ink);
		text-decoration: none;
		white-space: nowrap;
	}
	a:hover {
		text-decoration: underline;
		text-underline-offset: 4px;
	}
	a[aria-current] {
		font-weight: 600;
		box-shadow: 0 2px var(--ink);
	}
	@media (max-width: 800px) {
		header {
			padding-inline: 16px;
		}
		p {
			display: none;
		}
	}
</style>
