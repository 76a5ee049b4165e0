<script lang="ts">
	/** The name of the product with its sign: a rising scale of greys. */
	const BARS = [
		{ x: 0, height: 5, fill: '#1c1c1c' },
		{ x: 6.4, height: 9, fill: '#4d4d4d' },
		{ x: 12.8, height: 12.5, fill: '#7b7b7b' },
		{ x: 19.2, height: 16, fill: '#a9a9a9' },
		{ x: 25.6, height: 20, fill: '#d0d0d0' }
	];
</script>

<a class="mark" href="/">
	<svg width="32" height="20" aria-hidden="true">
		{#each BARS as { x, height, fill } (x)}<rect {x} y={20 - height} width="6.4" {height} {fill} />{/each}
	</svg>
	Ricercar
</a>

<style>
	.mark {
		display: flex;
		min-height: 24px;
		align-items: flex-end;
		gap: 9px;
		font: 500 22px/1 var(--font-serif);
		letter-spacing: -0.01em;
		color: var(--ink);
		text-decoration: none;
	}
</style>
