<script lang="ts">
	import { linearToHex } from '$lib/core/colour/bytes';
	import { PARTNER_DIFFERENCES, vanishingPartner, vibratingPartner } from '$lib/core/ground/partners';
	import RangeField from '$lib/ui/RangeField.svelte';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import Toggles from '../../../bench/Toggles.svelte';
	import { setGroundColour } from '../../../grounds-edits';
	import { type GroundsPlate } from '../../../schema';
	import { patchBy } from '$lib/drawing/patch';
	import { edges } from '../edges';

	/** Finds a partner for the first colour, and shows how much the border vanishes or vibrates. */
	let { workbench, plate }: { workbench: Workbench; plate: GroundsPlate } = $props();

	/** How far, in ΔE00, the partner that vanishes is to differ. */
	let difference = $state<number>(PARTNER_DIFFERENCES.usual);

	function takePartner(kind: 'vanishing' | 'vibrating') {
		const first = patchBy(plate.grounds[0], workbench.document.linked);
		const { linear } =
			kind === 'vanishing' ? vanishingPartner(first.linear, difference) : vibratingPartner(first.linear);
		workbench.edit('Find the partner', setGroundColour(plate.id, 'ground', 1, { text: linearToHex(...linear) }));
	}
</script>

<div class="sentence" role="group" aria-label="Partner">
	<span>partner of the first that</span>
	<button class="act" onclick={() => takePartner('vanishing')}>vanishes most</button>
	<RangeField
		label="How far the partner that vanishes differs"
		before="at"
		after="{difference} ΔE00"
		value={difference}
		least={PARTNER_DIFFERENCES.least}
		most={PARTNER_DIFFERENCES.most}
		step={1}
		said="{difference} ΔE00"
		onset={(value) => (difference = value)}
	/>
	<button class="act" onclick={() => takePartner('vibrating')}>vibrates most</button>
	<Toggles {workbench} {plate} exercise={edges} toggles={{ measured: 'measure' }} />
</div>
