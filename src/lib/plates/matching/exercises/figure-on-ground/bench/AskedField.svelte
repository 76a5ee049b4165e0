<script lang="ts">
	import SelectField from '$lib/ui/SelectField.svelte';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { decide } from '../../../bench/decide';
	import { matchingExercises } from '../../../exercises';
	import { renewed } from '../../../match-state';
	import { type MatchingPlate } from '../../../schema';
	import { ASKED, figureOnGround } from '../figure-on-ground';

	/** Whether what it is, or what it looks like, is to be found. */
	let { workbench, plate }: { workbench: Workbench; plate: MatchingPlate } = $props();

	const settings = $derived(matchingExercises.on(figureOnGround, plate, workbench.document.linked)?.settings ?? null);
	const WORDS = { is: 'what it is', looks: 'what it looks like' } as const;
</script>

{#if settings}
	<SelectField
		label="What is to be found"
		choices={ASKED}
		words={WORDS}
		value={settings.asked}
		onchoose={(asked) =>
			decide(workbench, plate, figureOnGround, 'Ask for something else', (latest) => ({ ...renewed(latest), asked }))}
	/>
{/if}
