<script lang="ts">
	import CloseOutline from 'flowbite-svelte-icons/CloseOutline.svelte';
	import PlusOutline from 'flowbite-svelte-icons/PlusOutline.svelte';
	import { patchBy } from '$lib/drawing/patch';
	import { seenHex } from '$lib/drawing/view';
	import { nextColour } from '$lib/model/surroundings';
	import { surroundingsOf } from '$lib/plates/kinds';
	import ColourChip from '$lib/ui/ColourChip.svelte';
	import IconButton from '$lib/ui/IconButton.svelte';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { LEAST_PAINTS, MOST_PAINTS } from '../common';
	import { type MatchingPlace } from '../exercise';
	import { choosesPaints } from '../places';
	import { addPaint, removePaint, setMatch, setPaint, type AnyMatched } from '../matching-edits';
	import { paintNames } from '../paint-names';
	import { filled, MOST_PARTS, withParts } from '../match-state';
	import { type MatchingPlate } from '../schema';
	import { regionHeld } from './held-region';

	/** The paints: chosen while the subject is put together; then with their parts in the region that is held, dragged, a touch added, a touch taken back. */
	let { workbench, plate }: { workbench: Workbench; plate: MatchingPlate } = $props();

	const index = $derived(regionHeld(workbench) ?? 0);
	const chooses = $derived(choosesPaints(plate));
	const held = $derived(workbench.placeHeld as MatchingPlace | null);
	const state = $derived(plate.exercise as unknown as AnyMatched);
	const parts = $derived(filled(state.parts[index] ?? [], plate.paints.length, 0));
	const names = $derived(paintNames(plate, workbench.document.linked));
	const paints = $derived(
		plate.paints.map((paint, i) => ({
			name: names[i]!,
			hex: seenHex(workbench.view, patchBy(paint, workbench.document.linked).hex)
		}))
	);
	const TOUCH = 0.25;

	function put(at: number, amount: number, what: string | null = null) {
		const held = Math.max(0, Math.min(MOST_PARTS, Math.round(amount / TOUCH) * TOUCH));
		const next = parts.map((part, i) => (i === at ? held : part));
		workbench.edit(
			'Mix a region',
			setMatch(plate.id, (latest) => withParts(latest, index, next)),
			what
		);
	}
	const add = () =>
		workbench.edit('Add a paint', addPaint(plate.id, nextColour(surroundingsOf(workbench.document), plate.paints)));
</script>

<section aria-label="Paints">
	<h3>Paints</h3>
	{#if chooses}<p>Click a paint to set it in the mixer.</p>{/if}
	{#each paints as { name, hex }, i (i)}
		<div class="paint" class:chooses>
			{#if chooses}
				<ColourChip
					{name}
					fill={hex}
					held={held?.what === 'paint' && held.key === String(i)}
					onhold={() => workbench.hold({ what: 'paint', key: String(i) } satisfies MatchingPlace)}
					ontake={(colour) => workbench.edit('Take a colour from a palette', setPaint(plate.id, i, colour))}
				/>
			{:else}
				<i style:background={hex}></i>
				<span class="name">{name}</span>
				<input
					type="range"
					min="0"
					max={MOST_PARTS}
					step={TOUCH}
					value={parts[i]}
					aria-label="Parts of {name}"
					aria-valuetext="{parts[i]} parts"
					oninput={(event) => put(i, event.currentTarget.valueAsNumber, `mix ${index} ${i}`)}
				/>
				<button
					class="act small"
					disabled={parts[i] === 0}
					aria-label="A touch less of {name}"
					onclick={() => put(i, parts[i]! - TOUCH)}>−</button
				>
				<button
					class="act small"
					disabled={parts[i] === MOST_PARTS}
					aria-label="A touch more of {name}"
					onclick={() => put(i, parts[i]! + TOUCH)}>+</button
				>
			{/if}
			{#if paints.length > LEAST_PAINTS}
				<IconButton
					label="Put away {name}"
					onclick={() => workbench.edit('Put a paint away', removePaint(plate.id, i))}
					icon={CloseOutline}
				/>
			{/if}
		</div>
	{/each}
	<div class="acts">
		{#if paints.length < MOST_PAINTS}<IconButton label="Add a paint" onclick={add} icon={PlusOutline} />{/if}
		{#if chooses}
			<span>{LEAST_PAINTS} to {MOST_PAINTS}; white and black among them or not.</span>
		{:else}
			<button
				class="act"
				onclick={() =>
					workbench.edit(
						'Wipe the mixture off',
						setMatch(plate.id, (latest) => withParts(latest, index, []))
					)}>Wipe off</button
			>
		{/if}
	</div>
</section>

<style>
	section {
		display: grid;
		gap: 4px;
		padding-top: 8px;
		border-top: 1px solid var(--rule);
		font-size: 12px;
	}
	h3 {
		font-size: 16px;
	}
	.paint {
		display: grid;
		grid-template-columns: 20px minmax(0, 1fr) 76px 26px 26px auto;
		gap: 5px;
		align-items: center;
	}
	.paint.chooses {
		grid-template-columns: minmax(0, 1fr) auto;
	}
	.name {
		overflow: hidden;
		text-overflow: ellipsis;
		white-space: nowrap;
	}
	i {
		width: 20px;
		height: 20px;
	}
	input {
		width: 76px;
		accent-color: var(--ink);
	}
	.acts {
		display: flex;
		gap: 8px;
		align-items: center;
	}
</style>
