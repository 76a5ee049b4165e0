<script lang="ts">
	import SelectField from '$lib/ui/SelectField.svelte';
	import { placesIn } from '$lib/plates/kinds';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { setMatch, setPlace } from '../../../matching-edits';
	import { fromGrey } from '../../../match-state';
	import { type MatchingPlate } from '../../../schema';
	import { holdRegion } from '../../../bench/held-region';
	import { inTurn } from '$lib/study/edits';

	/** Which picture of the study, and which of its places. */
	let { workbench, plate }: { workbench: Workbench; plate: MatchingPlate } = $props();

	const places = $derived(placesIn(workbench.decided.plates));
	const pictures = $derived([...new Set(places.map(({ picture }) => picture.id))]);
	const words = $derived(
		Object.fromEntries(pictures.map((id) => [id, places.find(({ picture }) => picture.id === id)!.picture.name]))
	);
	const own = $derived(places.filter(({ picture }) => picture.id === (plate.place?.picture.id ?? pictures[0])));
	const at = $derived(own.findIndex(({ x, y }) => x === plate.place?.x && y === plate.place.y));

	function take(index: number, among = own) {
		const place = among[index % among.length];
		if (!place) return;
		workbench.edit(
			'Another place',
			inTurn([setPlace(plate.id, place), setMatch(plate.id, (state) => fromGrey(state))])
		);
		holdRegion(workbench, 0);
	}
</script>

{#if pictures.length > 1}
	<SelectField
		label="Picture"
		choices={pictures}
		{words}
		value={plate.place?.picture.id ?? pictures[0]!}
		onchoose={(id) =>
			take(
				0,
				places.filter(({ picture }) => picture.id === id)
			)}
	/>
{/if}
<button class="act" onclick={() => take(at + 1)}>Another place</button>
