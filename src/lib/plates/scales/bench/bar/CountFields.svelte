<script lang="ts">
	import IconButton from '$lib/ui/IconButton.svelte';
	import MinusOutline from 'flowbite-svelte-icons/MinusOutline.svelte';
	import PlusOutline from 'flowbite-svelte-icons/PlusOutline.svelte';
	import { MOST_BETWEEN } from '$lib/core/scale/scale';
	import { type ScalesPlate } from '../../schema';
	import { type ScaleDecision } from '../../scale';
	import { notices } from '$lib/ui/notices.svelte';
	import { setBetween } from '../../scale-edits';
	import { chosen } from '../chosen-scale';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';

	interface Props {
		workbench: Workbench;
		plate: ScalesPlate;
		scale: ScaleDecision;
	}

	/** The number of steps, both ways of counting it: between, and in all. */
	let { workbench, plate, scale }: Props = $props();

	function set(between: number, what: string | null = null) {
		const count = Math.max(0, Math.min(MOST_BETWEEN, Math.round(between)));
		workbench.edit('Set the number of steps', setBetween(plate.id, scale.id, count), what);
	}

	/** One step more or fewer; presses that follow each other quickly are undone together, what is typed is undone by itself. */
	function step(by: number) {
		set(scale.between + by, `count ${scale.id}`);
	}

	/** Reads a typed count; what is no number leaves the count as it was, and the field says it again. */
	function type(field: HTMLInputElement, offset: number) {
		const typed = Number(field.value);
		if (field.value.trim() !== '' && Number.isFinite(typed)) {
			set(typed - offset);
			const now = (chosen(workbench)?.scale.between ?? 0) + offset;
			if (now !== Math.round(typed))
				notices.say(
					`A scale has ${offset} to ${MOST_BETWEEN + offset} steps ${offset === 0 ? 'between' : 'in all'}: now ${now}.`
				);
		}
		field.value = String((chosen(workbench)?.scale.between ?? 0) + offset);
	}
</script>

<div class="count" role="group" aria-label="Number of steps">
	<IconButton label="One step fewer" disabled={scale.between === 0} onclick={() => step(-1)} icon={MinusOutline} />
	<input
		class="field"
		inputmode="numeric"
		value={scale.between}
		aria-label="Steps between"
		onchange={(event) => type(event.currentTarget, 0)}
		onkeydown={(event) => {
			if (event.key !== 'ArrowUp' && event.key !== 'ArrowDown') return;
			event.preventDefault();
			step(event.key === 'ArrowUp' ? 1 : -1);
		}}
	/>
	<IconButton
		label="One step more"
		disabled={scale.between === MOST_BETWEEN}
		onclick={() => step(1)}
		icon={PlusOutline}
	/>
	<span>between,</span>
	<input
		class="field"
		inputmode="numeric"
		value={scale.between + 2}
		aria-label="Steps in all"
		onchange={(event) => type(event.currentTarget, 2)}
	/>
	<span>in all</span>
</div>

<style>
	.count {
		display: flex;
		align-items: center;
		gap: 4px;
		white-space: nowrap;
	}
	.field {
		width: 34px;
		padding-inline: 4px;
		text-align: center;
	}
</style>
