<script lang="ts">
	import { addPlate } from '$lib/model/edit-plates';
	import { KIND_NAMES, kindNamed, surroundingsOf } from '$lib/plates/kinds';
	import { type PlateKind } from '$lib/plates/kind';
	import { type PlateBase } from '$lib/model/plate-base';
	import { hasRoomForPlate } from '../study/room';
	import { openPlate } from '../index/plate-actions';
	import { type Workbench } from '../study/workbench.svelte';
	import { settableHeld, subjectOf } from './subject';

	/** Kinds of which one can be begun from whatever the mixer holds; beside the tracks not the kind that is open. */
	let { workbench, where }: { workbench: Workbench; where: 'tracks' | 'actions' } = $props();

	const kinds = $derived(
		KIND_NAMES.filter((kind) => where === 'actions' || kind !== workbench.plate?.kind).flatMap(
			(kind) => kindNamed(kind).begin ?? []
		)
	);

	function begin({ words, from }: NonNullable<PlateKind<PlateBase, unknown>['begin']>) {
		const subject = subjectOf(workbench);
		if (!subject || !hasRoomForPlate(workbench.document)) return;
		const source = subject.linked ? { linked: subject.linked.id } : settableHeld(workbench)?.source;
		const plate = from(surroundingsOf(workbench.document), source ?? { text: subject.text });
		workbench.edit(words, addPlate(plate, workbench.plate?.id ?? null));
		openPlate(workbench, plate.id);
	}
</script>

{#each kinds as kind (kind.words)}
	<button class={where === 'tracks' ? 'start' : 'act'} title={kind.title} onclick={() => begin(kind)}>
		{kind.words}
	</button>
{/each}
