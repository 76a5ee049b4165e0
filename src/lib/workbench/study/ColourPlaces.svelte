<script lang="ts" module>
	import { percentOf } from '$lib/ui/percent-of';
	import { type Box } from '$lib/drawing/box';
	import { focusMixer } from '$lib/workbench/mixer/focus-mixer';

	/** A colour of a plate that can be taken hold of. */
	export interface HeldPlace {
		readonly key: string;
		readonly box: Box;
		/** What it is, for those who do not see it. */
		readonly said: string;
		readonly held: boolean;
		/** Whether a bar over it says that it is held; not where that would change how a figure looks. */
		readonly marked: boolean;
	}
</script>

<script lang="ts">
	interface Props {
		places: readonly HeldPlace[];
		/** Size of the plate in its own units. */
		width: number;
		height: number;
		onhold: (index: number) => void;
	}

	/** Buttons over the colours of a plate. Arrow keys go from one to the next, Enter goes to the mixer. */
	let { places, width, height, onhold }: Props = $props();

	let group = $state<HTMLElement>();
	const anyHeld = $derived(places.some(({ held }) => held));

	const STEPS: Readonly<Record<string, number>> = { ArrowLeft: -1, ArrowUp: -1, ArrowRight: 1, ArrowDown: 1 };

	function goByKey(event: KeyboardEvent, index: number) {
		const by = STEPS[event.key];
		if (event.key === 'Enter') focusMixer();
		else if (by !== undefined)
			group?.querySelectorAll<HTMLElement>('button')[(index + by + places.length) % places.length]?.focus();
		else return;
		event.preventDefault();
	}
</script>

<div role="group" aria-label="Colours of the plate" bind:this={group}>
	{#each places as { key, box, said, held, marked }, index (key)}
		<button
			class:mark={held && marked}
			data-index={index}
			aria-pressed={held}
			aria-label={said}
			tabindex={held || (!anyHeld && index === 0) ? 0 : -1}
			style:left={percentOf(box.x, width)}
			style:top={percentOf(box.y, height)}
			style:width={percentOf(box.width, width)}
			style:height={percentOf(box.height, height)}
			onclick={() => onhold(index)}
			onfocus={() => onhold(index)}
			onkeydown={(event) => goByKey(event, index)}
		></button>
	{/each}
</div>

<style>
	button {
		position: absolute;
		padding: 0;
		cursor: pointer;
	}
	.mark::before {
		content: '';
		position: absolute;
		inset: auto 0 calc(100% + 2px);
		height: 3px;
		background: var(--ink);
	}
	button:focus-visible {
		z-index: 1;
		outline: 2px dashed var(--ink);
		outline-offset: 3px;
	}
</style>
