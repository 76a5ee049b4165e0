<script lang="ts">
	import { newId } from '$lib/model/ids';
	import { type SchemePlate } from '../../schema';
	import { linkAll } from '$lib/workbench/study/link-all';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { coloursOfRelatives } from '../scheme-actions';
	import { chooseRelatives, chosenRelatives } from '../scheme-state.svelte';

	/** What becomes of the relatives that are chosen. */
	let { workbench, plate }: { workbench: Workbench; plate: SchemePlate } = $props();

	function link() {
		const colours = coloursOfRelatives(workbench, plate).map(({ name, hex }) => ({
			id: newId(),
			name,
			text: hex,
			namedBy: 'machine' as const
		}));
		linkAll(workbench, 'Make relatives linked colours', colours);
	}
</script>

<div class="sentence" role="group" aria-label="Chosen relatives">
	<span>{chosenRelatives(plate).length} chosen:</span>
	<button class="act" onclick={() => workbench.showBeside('Palettes')}>Keep as palette</button>
	<button class="act" onclick={link}>Link</button>
	<button class="act" onclick={() => chooseRelatives(plate, [])}>None</button>
</div>
