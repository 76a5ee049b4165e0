<script lang="ts">
	import SelectField from '$lib/ui/SelectField.svelte';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { decide } from '../../../bench/decide';
	import { matchingExercises } from '../../../exercises';
	import { renewed } from '../../../match-state';
	import { type MatchingPlate } from '../../../schema';
	import { missingStep } from '../missing-step';

	/** How many steps the scale has, and which is missing. */
	let { workbench, plate }: { workbench: Workbench; plate: MatchingPlate } = $props();

	const settings = $derived(matchingExercises.on(missingStep, plate, workbench.document.linked)?.settings ?? null);
	const COUNTS = ['5', '6', '7', '8', '9'] as const;
	const countWords = Object.fromEntries(COUNTS.map((count) => [count, `${count} steps`])) as Record<
		(typeof COUNTS)[number],
		string
	>;
	const missing = $derived(Array.from({ length: (settings?.count ?? 7) - 2 }, (_, i) => String(i + 1)));
	const missingWords = $derived(Object.fromEntries(missing.map((step) => [step, `step ${Number(step) + 1} missing`])));

	const renew = (label: string, change: { count?: number; missing?: number }) =>
		decide(workbench, plate, missingStep, label, (latest) => {
			const next = { ...renewed(latest), ...change };
			return { ...next, missing: Math.min(next.missing, next.count - 2) };
		});
</script>

{#if settings}
	<SelectField
		label="Steps of the scale"
		choices={COUNTS}
		words={countWords}
		value={String(settings.count) as (typeof COUNTS)[number]}
		onchoose={(count) => renew('Change the count', { count: Number(count) })}
	/>
	<SelectField
		label="Which step is missing"
		choices={missing}
		words={missingWords}
		value={String(settings.missing)}
		onchoose={(step) => renew('Leave out another step', { missing: Number(step) })}
	/>
{/if}
