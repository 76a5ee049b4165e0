<script lang="ts">
	import { linearToHex } from '$lib/core/colour/bytes';
	import { edgePartner } from '$lib/core/ground/propose';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import Toggles from '../../../bench/Toggles.svelte';
	import { setGroundColour } from '../../../grounds-edits';
	import { type GroundsPlate } from '../../../schema';
	import { patchBy } from '$lib/drawing/patch';
	import { edges } from '../edges';

	/** Finds a partner for the first colour, and shows how much the border vanishes or vibrates. */
	let { workbench, plate }: { workbench: Workbench; plate: GroundsPlate } = $props();

	function takePartner(kind: 'vanishing' | 'vibrating') {
		const first = patchBy(plate.grounds[0], workbench.document.linked);
		const { linear } = edgePartner(first.linear, kind);
		workbench.edit('Find the partner', setGroundColour(plate.id, 'ground', 1, { text: linearToHex(...linear) }));
	}
</script>

<div class="sentence" role="group" aria-label="Partner">
	<span>partner of the first that</span>
	<button class="act" onclick={() => takePartner('vanishing')}>vanishes most</button>
	<button class="act" onclick={() => takePartner('vibrating')}>vibrates most</button>
	<Toggles {workbench} {plate} exercise={edges} toggles={{ measured: 'measure' }} />
</div>
