<script lang="ts">
	import { MOST_COLOURS } from '$lib/model/palette';
	import { newId } from '$lib/model/ids';
	import { type SchemePlate } from '../../schema';
	import { Library } from '$lib/palettes/library.svelte';
	import { keepAsPalette, paletteOf } from '$lib/workbench/palettes/palette-actions';
	import { linkAll } from '$lib/workbench/study/link-all';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { coloursOfRelatives } from '../scheme-actions';
	import { chosenOf } from '../../scheme-of';
	import { chooseRelatives } from '../chosen-relatives';

	/** What becomes of the relatives that are chosen. */
	let { workbench, plate }: { workbench: Workbench; plate: SchemePlate } = $props();

	const library = new Library();

	function keep() {
		const colours = () => coloursOfRelatives(workbench, plate).slice(0, MOST_COLOURS);
		void keepAsPalette(
			library,
			paletteOf(workbench, { what: 'Relatives', name: `Relatives, ${plate.title}`, colours })
		);
	}

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
	<span>{chosenOf(plate, workbench.document.linked).length} chosen:</span>
	<button class="act" onclick={keep}>Keep as palette</button>
	<button class="act" onclick={link}>Link</button>
	<button class="act" onclick={() => chooseRelatives(workbench, plate, [])}>None</button>
</div>
