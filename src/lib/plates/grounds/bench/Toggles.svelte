<script lang="ts" generics="S extends Settings, M">
	import CheckField from '$lib/ui/CheckField.svelte';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { type Settings } from '../../exercise';
	import { type GroundExercise } from '../exercise';
	import { groundExercises } from '../exercises';
	import { type GroundsPlate } from '../schema';
	import { decideOn } from './decide';

	interface Props {
		workbench: Workbench;
		plate: GroundsPlate;
		exercise: GroundExercise<S, M>;
		/** What can be shown and hidden, with its words. */
		toggles: Partial<Readonly<Record<keyof S, string>>>;
	}

	/** What of an exercise is shown. */
	let { workbench, plate, exercise, toggles }: Props = $props();

	const settings = $derived(groundExercises.settingsOf(exercise, plate));
	const all = $derived(Object.entries(toggles) as [keyof Omit<S, 'name'>, string][]);
</script>

{#each all as [key, words] (key)}
	<CheckField
		{words}
		checked={settings[key] === true}
		onset={(checked) =>
			decideOn(exercise, workbench, plate, `Show the ${words}`, { [key]: checked } as Partial<Omit<S, 'name'>>)}
	/>
{/each}
