<script lang="ts">
	import { FACES, weightOf, type Drawing } from '$lib/drawing/drawing';

	import RowsCanvas from './RowsCanvas.svelte';

	/** A drawing on screen: the same shapes that the files are made of. What is on it is said in words elsewhere. */
	let { drawing }: { drawing: Drawing } = $props();

	// Kind by kind, so that a turn of a dial asks of no shape what it is. Only bars lie over bars and figures over figures, and they keep
	// their order; rules and words lie beside them.
	const figures = $derived(drawing.shapes.filter((shape) => shape.kind === 'figure'));
	const bars = $derived(drawing.shapes.filter((shape) => shape.kind === 'bar'));
	const rows = $derived(drawing.shapes.filter((shape) => shape.kind === 'row'));
	const rules = $derived(drawing.shapes.filter((shape) => shape.kind === 'rule'));
	const texts = $derived(drawing.shapes.filter((shape) => shape.kind === 'words'));
</script>

<svg viewBox="0 0 {drawing.width} {drawing.height}" shape-rendering="crispEdges" aria-hidden="true">
	<rect width="100%" height="100%" fill={drawing.ground} />
	{#each bars as { x, y, width, height, fill }, i (i)}
		<rect {x} {y} {width} {height} {fill} />
	{/each}
	{#each figures as { path, fill }, i (i)}
		<path d={path} {fill} shape-rendering="auto" />
	{/each}
	{#each rules as { x1, y1, x2, y2, stroke }, i (i)}
		<path d="M{x1} {y1}L{x2} {y2}" {stroke} fill="none" />
	{/each}
	{#each texts as text, i (i)}
		<text
			x={text.x}
			y={text.y}
			font-family={FACES[text.face]}
			font-size={text.size}
			font-weight={weightOf(text)}
			text-anchor={text.anchor}
			fill={text.fill}>{text.words}</text
		>
	{/each}
</svg>
{#if rows.length > 0}<RowsCanvas {drawing} {rows} />{/if}

<style>
	svg {
		display: block;
		width: 100%;
		height: auto;
	}
</style>
