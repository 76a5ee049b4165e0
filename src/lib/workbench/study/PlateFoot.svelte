<script lang="ts">
	import { type PlateBase } from '$lib/model/plate-base';
	import AlonePicker from './AlonePicker.svelte';
	import CaptionField from './CaptionField.svelte';
	import PlateGround from './PlateGround.svelte';
	import { type Workbench } from './workbench.svelte';
	import ZoomPicker from './ZoomPicker.svelte';

	/** Under the board: what every plate has, whatever is on it, and how large it is seen. */
	let { workbench, plate }: { workbench: Workbench; plate: PlateBase } = $props();
</script>

<div class="foot">
	<PlateGround {workbench} {plate} />
	{#key plate.id}<CaptionField {workbench} {plate} />{/key}
	<ZoomPicker {workbench} />
	<AlonePicker {workbench} />
</div>

<style>
	.foot {
		display: flex;
		flex: none;
		align-items: center;
		gap: 12px;
		min-width: 0;
		padding: 0 16px 8px;
		font-size: 12px;
		color: var(--on-board);
		--focus: var(--on-board);
	}
	@media (max-width: 800px) {
		.foot {
			padding-top: 4px;
			overflow-x: auto;
		}
		.foot > :global(*) {
			flex: none;
		}
	}
</style>
