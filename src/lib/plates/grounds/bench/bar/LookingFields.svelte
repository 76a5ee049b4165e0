<script lang="ts">
	import CheckField from '$lib/ui/CheckField.svelte';
	import { linearToHex } from '$lib/core/colour/bytes';
	import { edgePartner } from '$lib/core/ground/propose';
	import { groundsOf } from '../../grounds-of';
	import { type GroundsPlate } from '../../schema';
	import RangeField from '$lib/ui/RangeField.svelte';
	import { exchangeGrounds, setGroundColour } from '../../grounds-edits';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { decide } from '../decide';

	/** What decides edges, the after-image, and patterns of lines. */
	let { workbench, plate }: { workbench: Workbench; plate: GroundsPlate } = $props();

	function takePartner(kind: 'vanishing' | 'vibrating') {
		const first = groundsOf(plate, workbench.document.linked).pair[0].ground;
		const { linear } = edgePartner(first.linear, kind);
		workbench.edit('Find the partner', setGroundColour(plate.id, 'ground', 1, { text: linearToHex(...linear) }));
	}
</script>

{#if plate.exercise === 'edges'}
	<div class="sentence" role="group" aria-label="Partner">
		<span>partner of the first that</span>
		<button class="act" onclick={() => takePartner('vanishing')}>vanishes most</button>
		<button class="act" onclick={() => takePartner('vibrating')}>vibrates most</button>
		<CheckField
			words="measure"
			checked={plate.predicted}
			onset={(checked) => decide(workbench, plate, 'Show the measure', { predicted: checked })}
		/>
	</div>
{:else if plate.exercise === 'after-image'}
	<div class="sentence" role="group" aria-label="After-image">
		<CheckField
			words="neutral field"
			checked={plate.cover}
			onset={(checked) => decide(workbench, plate, 'Show the neutral field', { cover: checked })}
		/>
		<CheckField
			words="prediction"
			checked={plate.predicted}
			onset={(checked) => decide(workbench, plate, 'Show the prediction', { predicted: checked })}
		/>
		<button class="act" onclick={() => (workbench.teaching = true)}>Look</button>
	</div>
{:else if plate.exercise === 'assimilation'}
	<div class="sentence" role="group" aria-label="Lines">
		<RangeField
			label="Width of the lines"
			before="lines, fine to broad"
			value={plate.line}
			least={1}
			most={30}
			step={0.5}
			said="{plate.line} units"
			onset={(line) => decide(workbench, plate, 'Change the lines', { line }, 'line')}
		/>
		<CheckField
			words="proof strip"
			checked={plate.strip}
			onset={(checked) => decide(workbench, plate, 'Show the proof strip', { strip: checked })}
		/>
		<button class="act" onclick={() => workbench.edit('Exchange the grounds', exchangeGrounds(plate.id))}
			>Exchange lines</button
		>
	</div>
{/if}
