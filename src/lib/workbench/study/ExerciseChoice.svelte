<script lang="ts" generics="P extends PlateBase">
	import { seenHex } from '$lib/drawing/view';
	import { type LinkedColour } from '$lib/model/linked';
	import { type PlateBase } from '$lib/model/plate-base';
	import { type ExerciseWords } from '$lib/plates/kind';
	import Choices from '$lib/ui/Choices.svelte';
	import { type Workbench } from './workbench.svelte';

	interface Props {
		workbench: Workbench;
		plate: P;
		/** The exercises of its kind. */
		exercises: {
			readonly list: readonly { readonly name: string; readonly words: ExerciseWords }[];
			readonly of: (plate: P) => { readonly name: string };
			readonly codes: (plate: P, name: string, linked: readonly LinkedColour[]) => readonly string[];
		};
		onchoose: (name: string) => void;
	}

	/** What a plate is about: each exercise is shown by the colours that it would have. */
	let { workbench, plate, exercises, onchoose }: Props = $props();

	const choices = $derived(exercises.list.map(({ name, words }) => ({ key: name, ...words })));
	const chosen = $derived(exercises.of(plate).name);
</script>

<Choices
	label="Exercise"
	words={choices.find(({ key }) => key === chosen)?.name ?? ''}
	{choices}
	{chosen}
	preview={(name) => exercises.codes(plate, name, workbench.document.linked).map((hex) => seenHex(workbench.view, hex))}
	{onchoose}
/>
