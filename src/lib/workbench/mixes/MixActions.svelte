<script lang="ts">
	import { WAYS } from '$lib/core/mix/ways';
	import { newId } from '$lib/model/ids';
	import { asLine } from '$lib/model/line';
	import { MOST_PLATES } from '$lib/model/study';
	import { notices } from '$lib/ui/notices.svelte';
	import { addPlate } from '../study/edits';
	import { linkAll } from '../study/link-all';
	import { decideMixes } from '../study/mixes-edits';
	import { type Workbench } from '../study/workbench.svelte';
	import { mixAt } from './mixes-subject';

	/** What can be done with a mix: let it count as the mix, link it, or start a scale from it. */
	let { workbench }: { workbench: Workbench } = $props();

	const plate = $derived(workbench.mixesPlate);
	const key = $derived(workbench.held?.kind === 'mixed' && workbench.held.what === 'mix' ? workbench.held.key : null);
	const mix = $derived(plate && key ? mixAt(plate, key, workbench.document.linked) : null);
	const way = $derived(WAYS.find((each) => each === key) ?? null);

	const nameOf = (): string => asLine(`${mix!.name}, ${plate!.title}`);

	function link() {
		if (mix) linkAll(workbench, 'Make a mix a linked colour', [{ id: newId(), name: nameOf(), text: mix.hex }]);
	}

	function startScale() {
		if (!plate || !mix) return;
		if (workbench.document.plates.length >= MOST_PLATES)
			return notices.say(`A study holds ${MOST_PLATES} plates at most.`);
		const scale = {
			id: newId(),
			recipe: 'tints',
			parents: [{ text: mix.hex }, plate.parents[0]!.colour],
			between: 5,
			method: 'oklab',
			spacing: 'shares'
		} as const;
		const id = newId();
		workbench.edit(
			'Start a scale from a mix',
			addPlate({ id, kind: 'scales', title: nameOf(), scales: [{ ...scale, parents: [...scale.parents] }] }, plate.id)
		);
		workbench.choosePlate(id);
	}
</script>

{#if plate && mix}
	{#if way && way !== plate.way}
		<button class="act" onclick={() => workbench.edit('Choose the mix', decideMixes(plate.id, { way }))}
			>Make it the mix</button
		>
	{/if}
	<button class="act" onclick={link}>Link it</button>
	<button class="act" onclick={startScale}>Start a scale</button>
{/if}
