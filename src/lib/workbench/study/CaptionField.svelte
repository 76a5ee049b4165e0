<script lang="ts">
	import { decidePlate } from '$lib/model/edit-plates';
	import { type PlateBase } from '$lib/model/plate-base';
	import { MOST_CAPTION } from '$lib/model/plate-fields';
	import { type Workbench } from './workbench.svelte';

	/** What the maker writes under the plate; it stands there while it is typed. */
	let { workbench, plate }: { workbench: Workbench; plate: PlateBase } = $props();

	function write(text: string) {
		const caption = text === '' ? undefined : text.replace(/\p{Control}+/gu, ' ');
		workbench.edit('Write a caption', decidePlate(plate.id, { caption }), `caption ${plate.id}`);
	}
</script>

<input
	class="field"
	data-caption
	aria-label="Caption under the plate"
	placeholder="A caption under this plate …"
	maxlength={MOST_CAPTION}
	value={plate.caption ?? ''}
	oninput={(event) => write(event.currentTarget.value)}
	onkeydown={(event) => {
		if (event.key === 'Enter' || event.key === 'Escape') event.currentTarget.blur();
	}}
/>

<style>
	input {
		flex: 1;
		min-width: 90px;
		font: 400 14px/1.3 var(--font-serif);
	}
</style>
