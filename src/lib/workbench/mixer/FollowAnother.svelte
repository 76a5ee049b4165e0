<script lang="ts">
	import { wordsOfHex } from '$lib/drawing/patch';
	import { seenHex } from '$lib/drawing/view';
	import { kindOf } from '$lib/plates/kinds';
	import { leadsTo } from '$lib/study/followed';
	import SwatchRows, { type SwatchRow } from '$lib/ui/SwatchRows.svelte';
	import { tick } from 'svelte';
	import { type Workbench } from '../study/workbench.svelte';
	import { focusMixer } from './focus-mixer';
	import { settableHeld } from './subject';

	/** Lets the place that is held follow a colour of another plate, of any that does not follow this one. */
	let { workbench }: { workbench: Workbench } = $props();

	const held = $derived(settableHeld(workbench));

	const plates = $derived(workbench.document.plates);
	const others = $derived(
		plates.filter((each) => kindOf(each).gives && workbench.plate && !leadsTo(plates, each.id, workbench.plate.id))
	);

	const found = () =>
		others.flatMap((plate) =>
			kindOf(plate)
				.gives!.rows(plate, workbench.document.linked)
				.map(({ name, colours }) => ({ plate, name: `${name}, on “${plate.title}”`, colours }))
		);

	const rows = (): SwatchRow[] =>
		found().map(({ name, colours }) => ({
			name,
			colours: colours.map((given) => ({
				key: given.place,
				said: `${given.name}, ${wordsOfHex(given.hex)}, ${given.hex}`,
				hex: given.hex,
				shown: seenHex(workbench.view, given.hex)
			}))
		}));

	async function follow(place: string, row: number) {
		if (!held) return;
		const { plate, colours } = found()[row]!;
		const given = colours.find((each) => each.place === place)!;
		workbench.edit(
			'Follow a colour of another plate',
			held.put({ text: given.hex, follows: { plate: plate.id, place } })
		);
		await tick();
		focusMixer();
	}
</script>

{#if held && others.length > 0}
	<SwatchRows look="start" words="Follow …" label="Colours of other plates" {rows} onchoose={follow} />
{/if}
