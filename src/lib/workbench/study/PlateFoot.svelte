<script lang="ts">
	import { BOARD_COLOURS, type Board } from '$lib/ui/boards';
	import { inksOn } from '$lib/drawing/inks';
	import { INK } from '$lib/drawing/words';
	import { type PlateBase } from '$lib/model/plate-base';
	import CaptionField from './CaptionField.svelte';
	import PlateGround from './PlateGround.svelte';
	import { type Workbench } from './workbench.svelte';
	import ZoomPicker from './ZoomPicker.svelte';

	/** Under the board: what every plate has, whatever is on it, and how large it is seen. */
	let { workbench, plate, board }: { workbench: Workbench; plate: PlateBase; board: Board } = $props();

	const ink = $derived(inksOn(BOARD_COLOURS[board])[INK]);
</script>

<div class="foot" style:--on-board={ink} style:--focus={ink} style:color={ink}>
	<PlateGround {workbench} {plate} />
	{#key plate.id}<CaptionField {workbench} {plate} />{/key}
	<ZoomPicker {workbench} />
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
	}
	@media (max-width: 800px) {
		.foot {
			flex-wrap: wrap;
			padding-top: 6px;
		}
	}
</style>
