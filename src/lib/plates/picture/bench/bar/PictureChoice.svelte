<script lang="ts">
	import BesideButton from '$lib/ui/BesideButton.svelte';
	import DrawingCanvas from '$lib/ui/DrawingCanvas.svelte';
	import { type Drawing } from '$lib/drawing/drawing';
	import { seenDrawing } from '$lib/drawing/view';
	import { type PictureRef } from '$lib/model/picture';
	import { bringPicture, READ_AS_PICTURE } from '$lib/workbench/study/bring';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { takePicture } from '../../picture-edits';
	import { SHIPPED } from '../../shipped';
	import { type PicturePlate } from '../../schema';

	/** Which picture it is: one that ships, or one that is brought. */
	let { workbench, plate }: { workbench: Workbench; plate: PicturePlate } = $props();

	const small = ({ id, width, height }: PictureRef): Drawing => ({
		title: '',
		width: 120,
		height: 80,
		paper: '#c9c9c9',
		shapes: [
			{
				kind: 'image',
				x: 0,
				y: 0,
				width: 120,
				height: (120 * height) / width,
				id,
				seen: { as: 'itself' }
			}
		]
	});

	function take(picture: PictureRef, close: () => void) {
		close();
		if (picture.id !== plate.picture.id) workbench.edit('Take another picture', takePicture(plate.id, picture));
	}

	async function bring(field: HTMLInputElement, close: () => void) {
		const file = field.files?.[0];
		field.value = '';
		const picture = file ? await bringPicture(file) : null;
		if (picture) take(picture, close);
	}
</script>

<BesideButton
	role="group"
	label="Picture"
	buttonLabel="Picture: {plate.picture.name}"
	hint="A picture can also be dropped on the page, or pasted: it comes on a plate of its own."
	kind="act choices"
	first="button"
>
	{#snippet button()}<span class="words">{plate.picture.name}</span>{/snippet}
	{#snippet children(close)}
		<div class="bring">
			<label class="act main">
				Bring a picture
				<input
					type="file"
					class="unseen"
					accept={READ_AS_PICTURE}
					onchange={(event) => void bring(event.currentTarget, close)}
				/>
			</label>
			<p>PNG, JPEG, WebP, AVIF, GIF or TIFF, up to 50 million pixels and 40 megabytes. Or take one that is here:</p>
		</div>
		{#each SHIPPED as { picture, says } (picture.id)}
			{@const drawing = seenDrawing(workbench.view, small(picture))}
			<button class="offered" aria-pressed={picture.id === plate.picture.id} onclick={() => take(picture, close)}>
				<i><DrawingCanvas {drawing} shapes={drawing.shapes} /></i>
				<b>{picture.name}</b>
				<span>{says}</span>
			</button>
		{/each}
	{/snippet}
</BesideButton>

<style>
	.words {
		overflow: hidden;
		text-overflow: ellipsis;
	}
	.bring {
		display: grid;
		gap: 8px;
		justify-items: start;
		padding: 12px 18px;
		font-size: 12px;
	}
	.bring p {
		color: var(--soft);
	}
	.bring label:focus-within {
		outline: 2px solid var(--ink);
		outline-offset: 2px;
	}
	.offered {
		grid-template: auto 1fr / 108px minmax(0, 1fr);
		gap: 1px 10px;
	}
	.offered i {
		grid-row: 1 / 3;
	}
	.offered b {
		font: 500 15px/1.2 var(--font-serif);
	}
	.offered[aria-pressed='true'] {
		border-color: var(--ink);
	}
</style>
