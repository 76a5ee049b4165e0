<script lang="ts">
	import { FACES, weightOf, type Drawing } from '$lib/drawing/drawing';

	/** A drawing on screen: the same shapes that the files are made of. What is on it is said in words elsewhere. */
	let { drawing }: { drawing: Drawing } = $props();
</script>

<svg viewBox="0 0 {drawing.width} {drawing.height}" shape-rendering="crispEdges" aria-hidden="true">
	<rect width="100%" height="100%" fill={drawing.ground} />
	{#each drawing.shapes as shape, i (i)}
		{#if shape.kind === 'bar'}
			<rect x={shape.x} y={shape.y} width={shape.width} height={shape.height} fill={shape.fill} />
		{:else if shape.kind === 'words'}
			<text
				x={shape.x}
				y={shape.y}
				font-family={FACES[shape.face]}
				font-size={shape.size}
				font-weight={weightOf(shape)}
				text-anchor={shape.anchor}
				fill={shape.fill}>{shape.words}</text
			>
		{:else}
			<path d="M{shape.x1} {shape.y1}L{shape.x2} {shape.y2}" stroke={shape.stroke} fill="none" />
		{/if}
	{/each}
</svg>

<style>
	svg {
		display: block;
		width: 100%;
		height: auto;
	}
</style>
