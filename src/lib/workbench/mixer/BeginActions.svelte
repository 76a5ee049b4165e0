<script lang="ts">
	import { addPlate } from '$lib/model/edit-plates';
	import { type ColourSource } from '$lib/model/colour-text';
	import { KIND_NAMES, kindNamed, kindOf, surroundingsOf } from '$lib/plates/kinds';
	import { type PlateKind } from '$lib/plates/kind';
	import { type PlateBase } from '$lib/model/plate-base';
	import { hasRoomForPlate } from '../study/room';
	import { openPlate } from '../index/plate-actions';
	import { type Workbench } from '../study/workbench.svelte';
	import { settableHeld, subjectOf } from './subject';

	/** Kinds of which one can be begun from whatever the mixer holds; beside the tracks not the kind that is open. */
	let { workbench, where }: { workbench: Workbench; where: 'tracks' | 'actions' } = $props();

	const kinds = $derived(
		KIND_NAMES.filter((kind) => where === 'actions' || kind !== workbench.plate?.kind)
			.flatMap((kind) => kindNamed(kind).begin ?? [])
			.filter(({ rarely }) => where === 'actions' || !rarely)
	);

	/** What is held, to be followed by what is begun from it, where its kind has it so. */
	function followedHeld(): ColourSource | null {
		const { plate, placeHeld, document } = workbench;
		const gives = plate && kindOf(plate).gives;
		const place = placeHeld !== null && gives?.begun?.(plate!, placeHeld);
		const given = place && gives?.at(plate!, place, document.linked);
		return place && given ? { text: given.hex, follows: { plate: plate!.id, place } } : null;
	}

	function begin({ words, from }: NonNullable<PlateKind<PlateBase, unknown>['begin']>) {
		const subject = subjectOf(workbench);
		if (!subject || !hasRoomForPlate(workbench.document)) return;
		const source = subject.linked ? { linked: subject.linked.id } : (settableHeld(workbench)?.source ?? followedHeld());
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
