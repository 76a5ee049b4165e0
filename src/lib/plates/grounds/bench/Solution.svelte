<script
	lang="ts"
	generics="S extends Settings & { solved: boolean; attempt?: string | undefined }, M extends { solution: () => { hex: string } }"
>
	import { textOf } from '$lib/model/resolve';
	import CheckField from '$lib/ui/CheckField.svelte';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { type Settings } from '../../exercise';
	import { type GroundExercise } from '../exercise';
	import { groundExercises } from '../exercises';
	import { setGroundColour } from '../grounds-edits';
	import { type GroundsPlate } from '../schema';
	import { decideOn } from './decide';

	interface Props {
		workbench: Workbench;
		plate: GroundsPlate;
		exercise: GroundExercise<S, M>;
		/** Which figure is set by eye. */
		figure: 0 | 1;
	}

	/** Shows the solution beside what was set by eye, and takes it. What stands when it is shown for the first time is the attempt. */
	let { workbench, plate, exercise, figure }: Props = $props();

	const settings = $derived(groundExercises.settingsOf(exercise, plate));
	const linked = $derived(workbench.document.linked);

	function show(solved: boolean) {
		const attempt = settings.attempt ?? textOf(plate.figures[figure], linked);
		const shown = (solved ? { solved, attempt } : { solved }) as Partial<Omit<S, 'name'>>;
		decideOn(exercise, workbench, plate, 'Show the solution', shown);
	}

	function take() {
		const solution = groundExercises.on(exercise, plate, linked)?.made.solution();
		if (solution)
			workbench.edit('Take the solution', setGroundColour(plate.id, 'figure', figure, { text: solution.hex }));
	}
</script>

<CheckField words="solution" checked={settings.solved} onset={show} />
{#if settings.solved}<button class="act" onclick={take}>Take the solution</button>{/if}
