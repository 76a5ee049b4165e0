<script lang="ts">
	import { percentOf } from '$lib/ui/percent-of';
	import { tick } from 'svelte';
	import { colourWords } from '$lib/core/colour/hue-words';
	import { RECIPE_WORDS } from '$lib/core/scale/words';
	import { type Step } from '$lib/core/scale/scale';
	import { drawnFor } from '$lib/workbench/study/drawn';
	import { scaleOf } from '../scale-of';
	import { type Box } from '$lib/drawing/box';
	import { layOutScales, type RowShape } from '../layout';
	import { PLATE_WIDTH } from '$lib/drawing/plate-size';
	import { type TakenColour } from '$lib/model/colour-text';
	import { type ScalesPlate } from '../schema';
	import { putInHeld } from '$lib/workbench/palettes/put-colour';
	import { nameRow, pinStep } from '../scale-edits';
	import { labelOfRow } from '../draw-scales';
	import { namingOf } from './naming.svelte';
	import RenameField from '$lib/ui/RenameField.svelte';
	import PenOutline from 'flowbite-svelte-icons/PenOutline.svelte';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { type ScalesPlace } from '../places';
	import { chooseScale, placeOn, scaleOn } from './chosen-scale';
	import AsItStands from './AsItStands.svelte';
	import BrokenSteps from './BrokenSteps.svelte';
	import NestHandles from './NestHandles.svelte';
	import PathHandles from './PathHandles.svelte';
	import PlateSurface from '$lib/workbench/study/PlateSurface.svelte';
	import { deleteChosen, moveChosen } from './row-actions';
	import { focusMixer } from '$lib/workbench/mixer/focus-mixer';

	let { workbench, plate }: { workbench: Workbench; plate: ScalesPlate } = $props();

	const naming = $derived(namingOf(workbench));
	const linked = $derived(workbench.document.linked);
	const drawing = $derived(drawnFor(workbench, plate));
	const scales = $derived(plate.scales.map((decision) => scaleOf(decision, linked)));
	const shapes = $derived(JSON.stringify(plate.scales.map(({ look }, i) => ({ inAll: scales[i]!.inAll, look }))));
	// The places only depend on counts and looks, so they stay as they are while a colour is turned.
	const layout = $derived(layOutScales(JSON.parse(shapes) as RowShape[], true));

	const across = (x: number): string => percentOf(x, PLATE_WIDTH);
	const down = (y: number): string => percentOf(y, layout.height);
	const boxStyle = ({ x, y, width, height }: Box): string =>
		`left:${across(x)};width:${across(width)};top:${down(y)};height:${down(height)}`;

	/** Where each step stands, as style; figures that are no boxes are clicked within their outline. */
	const places = $derived(
		layout.rows.map(({ steps }) =>
			steps.map(({ box, reach }) => {
				const points = reach?.map(([x, y]) => `${(100 * x).toFixed(1)}% ${(100 * y).toFixed(1)}%`).join(',');
				return boxStyle(box) + (points ? `;clip-path:polygon(${points})` : '');
			})
		)
	);
	const turned = (row: number): boolean => plate.scales[row]!.look?.turned ?? false;

	const heldOf = (row: number, index: number, step: Step): ScalesPlace => {
		const scale = plate.scales[row]!.id;
		return step.parent === null || step.pinned
			? { kind: 'step', scale, step: index }
			: { kind: 'parent', scale, index: step.parent };
	};

	function isHeld(row: number, index: number, step: Step): boolean {
		const held = placeOn(workbench);
		if (held?.kind === 'step') return held.scale === plate.scales[row]!.id && held.step === index;
		return held?.kind === 'parent' && held.scale === plate.scales[row]!.id && held.index === step.parent;
	}

	/**
	 * Code and value of the step that is held, for screen readers: said when a step is reached. They stand here once and not
	 * in the name of each of many buttons, which would all have to be named anew at every turn of a dial.
	 */
	const heldWords = $derived.by((): string => {
		const held = placeOn(workbench);
		const row = held ? plate.scales.findIndex(({ id }) => id === held.scale) : -1;
		const step = scales[row]?.steps.find((each, i) => isHeld(row, i, each));
		return step ? `${step.hex}, value ${step.value.toFixed(0)}, ${colourWords(step.linear)}` : '';
	});

	/** A colour dropped on a parent takes its place; dropped on a step between parents, it is pinned there. */
	function takeDropped(colour: TakenColour, on: Element | null) {
		const [row, index] = (on?.closest<HTMLElement>('[data-place]')?.dataset.place ?? '').split(' ').map(Number);
		const step = scales[row!]?.steps[index!];
		if (row === undefined || index === undefined || !step) return;
		const scale = plate.scales[row]!;
		const pins = step.parent === null && index > 0 && index <= scale.between;
		if (pins) workbench.edit('Pin a step', pinStep(plate.id, scale.id, index, colour, linked));
		workbench.hold(heldOf(row, index, scales[row]!.steps[index]!));
		if (!pins) putInHeld(workbench, colour);
	}

	let surface = $state<HTMLElement>();

	function focusStep(row: number, index: number) {
		surface?.querySelector<HTMLElement>(`[data-place="${row} ${index}"]`)?.focus();
	}

	/** Moves or deletes the chosen row and keeps the focus on a step of what is chosen then. */
	async function actOnRow(act: () => void, index: number) {
		act();
		await tick();
		const row = plate.scales.findIndex(({ id }) => id === scaleOn(workbench, plate)?.id);
		if (row >= 0) focusStep(row, Math.min(index, scales[row]!.inAll - 1));
	}

	/** When the name is written the focus goes back to the row. */
	async function endNaming(row: number) {
		naming.row = null;
		await tick();
		surface?.querySelectorAll<HTMLElement>('.row .name')[row]?.focus();
	}

	const MOVES: Readonly<Record<string, readonly [number, number]>> = {
		ArrowLeft: [0, -1],
		ArrowRight: [0, 1],
		ArrowUp: [-1, 0],
		ArrowDown: [1, 0]
	};

	/** Arrows go from step to step, Home and End to the ends; Alt with an arrow moves the row, Delete takes it away. */
	function goByKey(event: KeyboardEvent, row: number, index: number) {
		const last = scales[row]!.inAll - 1;
		const move = MOVES[event.key];
		if (event.altKey && move && move[0] !== 0) void actOnRow(() => moveChosen(workbench, move[0]), index);
		else if (event.key === 'Delete') void actOnRow(() => deleteChosen(workbench), index);
		else if (event.key === 'F2') naming.row = plate.scales[row]!.id;
		else if (event.key === 'Enter') focusMixer();
		else if (event.key === 'Home') focusStep(row, 0);
		else if (event.key === 'End') focusStep(row, last);
		else if (move) {
			const target = Math.max(0, Math.min(scales.length - 1, row + move[0]));
			focusStep(target, Math.max(0, Math.min(scales[target]!.inAll - 1, index + move[1])));
		} else return;
		event.preventDefault();
	}
</script>

<PlateSurface {workbench} {plate} {drawing} {heldWords} bind:element={surface} ondropped={takeDropped}>
	{#if !workbench.isHidden}<BrokenSteps {plate} {linked} {layout} />{/if}
	{#each plate.scales as decision, row (decision.id)}
		{@const place = layout.rows[row]!}
		{@const chosen = scaleOn(workbench, plate)?.id === decision.id}
		<div
			class="row"
			class:chosen
			class:gathered={workbench.isGathered('parts', decision.id)}
			class:tried={chosen && workbench.isTried}
			role="group"
			aria-label="Row {row + 1}, {labelOfRow(decision)}"
			aria-owns={scales[row]!.steps.map((_, i) => `step-${row}-${i}`).join(' ')}
			style:top={down(place.y + 2)}
			style:height={down(place.height - 4)}
		>
			<button class="caption" tabindex="-1" aria-hidden="true" onclick={() => chooseScale(workbench, decision.id)}
			></button>
			{#if naming.row === decision.id}
				<RenameField
					kind="row-label"
					name={decision.label ?? ''}
					empty
					placeholder={RECIPE_WORDS[decision.recipe].name}
					label="Name of row {row + 1}; empty for that of its recipe"
					onrename={(label) => workbench.edit('Name a row', nameRow(plate.id, decision.id, label))}
					onend={() => void endNaming(row)}
				/>
			{:else}
				<button
					class="name"
					tabindex={chosen ? 0 : -1}
					title="Double click, Enter or F2 to name the row"
					aria-label="Row {row + 1}: {labelOfRow(decision)}. Name it"
					onclick={() => chooseScale(workbench, decision.id)}
					ondblclick={() => (naming.row = decision.id)}
					onkeydown={(event) => {
						if (event.key !== 'Enter' && event.key !== 'F2') return;
						event.preventDefault();
						naming.row = decision.id;
					}}
				>
					{#if chosen}<PenOutline size="xs" aria-hidden="true" />{/if}
				</button>
			{/if}
		</div>
		{#each scales[row]!.steps as step, i (i)}
			{@const held = isHeld(row, i, step)}
			{#if held}<span class="mark" style={boxStyle(place.steps[i]!.mark)}></span>{/if}
			<button
				class="step"
				id="step-{row}-{i}"
				style:z-index={turned(row) ? scales[row]!.inAll - i : undefined}
				data-place="{row} {i}"
				tabindex={held || (workbench.held?.kind === 'linked' && row === 0 && i === 0) ? 0 : -1}
				style={places[row]![i]}
				aria-pressed={held}
				aria-label="{labelOfRow(decision)}, step {i + 1} of {scales[row]!.inAll}{step.parent === null
					? ''
					: ', parent'}{step.pinned ? ', pinned' : ''}"
				onclick={() => workbench.hold(heldOf(row, i, step))}
				onfocus={() => workbench.hold(heldOf(row, i, step))}
				onkeydown={(event) => goByKey(event, row, i)}
			></button>
		{/each}
		{#if chosen && workbench.isTried}<AsItStands {workbench} id={decision.id} {place} height={layout.height} />{/if}
		{#if chosen}<NestHandles {workbench} {plate} {decision} {place} height={layout.height} />{/if}
		{#if decision.recipe === 'path' || decision.recipe === 'interval'}
			<PathHandles {workbench} {plate} {decision} {place} scale={scales[row]!} height={layout.height} />
		{/if}
	{/each}
</PlateSurface>

<style>
	.row {
		position: absolute;
		left: 1.6%;
		right: 1.2%;
		pointer-events: none;
	}
	.row:is(.chosen, .gathered)::before,
	.row:is(.chosen, .gathered)::after {
		content: '';
		position: absolute;
		top: 3px;
		bottom: 3px;
		width: 8px;
		border: 2px solid var(--ink);
	}
	.row.tried::before,
	.row.tried::after {
		border-style: dashed;
	}
	.row:is(.chosen, .gathered)::before {
		left: 0;
		border-right: 0;
	}
	.row:is(.chosen, .gathered)::after {
		right: 0;
		border-left: 0;
	}
	.caption {
		position: absolute;
		inset: 0;
		pointer-events: auto;
		cursor: pointer;
	}
	.name {
		display: flex;
		position: absolute;
		left: 1%;
		top: 50%;
		width: 18.5%;
		height: min(100%, 66px);
		padding: 0 2px;
		transform: translateY(-50%);
		justify-content: flex-end;
		align-items: flex-start;
		color: var(--soft);
		pointer-events: auto;
		cursor: text;
	}
	.name:focus-visible {
		outline: 2px dashed var(--ink);
		outline-offset: -1px;
		box-shadow: none;
	}
	.row :global(.row-label) {
		position: absolute;
		left: 1%;
		top: 50%;
		width: 19%;
		padding: 2px 5px;
		border: 1px solid var(--edge);
		background: #fff;
		color: #1c1c1c;
		font: 500 15px/1.2 var(--font-serif);
		transform: translateY(-50%);
		pointer-events: auto;
		z-index: 3;
	}
	.step {
		position: absolute;
		padding: 0;
		border: 0;
		background: none;
		cursor: pointer;
	}
	/* What is held is marked beside its colour, never on it or around it. */
	.mark {
		position: absolute;
		background: var(--ink);
		pointer-events: none;
	}
	.step:focus-visible {
		outline: 2px dashed var(--ink);
		outline-offset: 3px;
		box-shadow: none;
		z-index: 1;
	}
</style>
