<script lang="ts">
	import { newId } from '$lib/model/ids';
	import { begunAs } from '$lib/core/scale/recipe-defaults';
	import { asLine } from '$lib/model/line';
	import { plateOfScales } from '$lib/plates/scales/make';
	import { type ScaleDecision } from '$lib/plates/scales/scale';
	import { openPlate } from '$lib/workbench/index/plate-actions';
	import { hasRoomForPlate } from '$lib/workbench/study/room';
	import { addPlate } from '$lib/model/edit-plates';
	import { linkAll } from '$lib/workbench/study/link-all';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { seenAt } from '../places';
	import { type MixesPlate } from '../schema';
	import { benchOfExercise } from './exercise-benches';
	import { placeOn } from './held';

	/** What can be done with a mix: what its exercise has for it, link it, or start a scale from it. */
	let { workbench, plate }: { workbench: Workbench; plate: MixesPlate } = $props();

	const held = $derived(placeOn(workbench));
	const mix = $derived(held?.what === 'mix' ? seenAt(plate, held, workbench.document.linked) : null);
	const Follows = $derived(benchOfExercise(plate).follows);

	const nameOf = (): string => asLine(`${mix!.name}, ${plate.title}`);

	function link() {
		if (!mix) return;
		const colour = { id: newId(), name: nameOf(), text: mix.hex, namedBy: 'machine' } as const;
		linkAll(workbench, 'Make a mix a linked colour', [colour]);
	}

	function startScale() {
		if (!mix || !hasRoomForPlate(workbench.document)) return;
		const scale: ScaleDecision = {
			id: newId(),
			...begunAs('tints', { recipe: null, method: 'oklab', spacing: 'shares' }),
			parents: [{ text: mix.hex }, plate.parents[0]!.colour],
			between: 5
		};
		const added = plateOfScales(nameOf(), [scale]);
		workbench.edit('Start a scale from a mix', addPlate(added, plate.id));
		openPlate(workbench, added.id);
	}
</script>

{#if mix}
	{#if Follows}<Follows {workbench} {plate} />{/if}
	<button class="act" onclick={link}>Link it</button>
	<button class="act" onclick={startScale}>Start a scale</button>
{/if}
