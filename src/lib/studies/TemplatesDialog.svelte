<script lang="ts">
	import { drawPlate } from '$lib/plates/draw-plate';
	import { type Template } from '$lib/templates/templates';
	import DrawingCanvas from '$lib/ui/DrawingCanvas.svelte';
	import Sheet from '$lib/ui/Sheet.svelte';

	interface Props {
		open: boolean;
		title: string;
		templates: readonly Template[];
		onchoose: (template: Template) => void;
	}

	/** The sheets to start from, each with its picture and what it is for. */
	let { open = $bindable(), title, templates, onchoose }: Props = $props();
</script>

<Sheet bind:open {title} wide>
	<ul>
		{#each templates as template (template.name)}
			{@const plate = template.document.plates[0]}
			<li>
				<button
					onclick={() => {
						open = false;
						onchoose(template);
					}}
				>
					{#if plate}
						{@const drawing = drawPlate(plate, template.document.linked, 'colours')}
						<DrawingCanvas {drawing} shapes={drawing.shapes} />
					{/if}
					<b>{template.name}</b>
					<span>{template.says}</span>
				</button>
			</li>
		{/each}
	</ul>
	{#snippet footer()}
		<button class="act" onclick={() => (open = false)}>Cancel</button>
	{/snippet}
</Sheet>

<style>
	ul {
		display: grid;
		grid-template-columns: repeat(3, minmax(0, 1fr));
		gap: 14px;
		margin: 0;
		padding: 0;
		list-style: none;
	}
	button:not(.act) {
		display: grid;
		align-content: start;
		gap: 3px;
		width: 100%;
		height: 100%;
		padding: 8px;
		background: var(--panel);
		text-align: left;
		cursor: pointer;
	}
	button:not(.act):hover {
		background: var(--panel-low);
	}
	b {
		margin-top: 5px;
		font: 500 16px/1.2 var(--font-serif);
	}
	span {
		font-size: 12px;
		line-height: 1.35;
		color: var(--soft);
	}
	@media (max-width: 800px) {
		ul {
			grid-template-columns: 1fr;
		}
	}
</style>
