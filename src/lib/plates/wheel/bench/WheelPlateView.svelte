<script lang="ts">
	import { percentOf } from '$lib/ui/percent-of';
	import { colourWords } from '$lib/core/colour/hue-words';
	import { drawnFor } from '$lib/workbench/study/drawn';
	import { chartOf, hueRing } from '../chart-of';
	import { layOutWheel, type CellPlace } from '../wheel-layout';
	import { PLATE_HEIGHT, PLATE_WIDTH } from '$lib/drawing/plate-size';
	import { type WheelPlate } from '../schema';
	import PlateSurface from '$lib/workbench/study/PlateSurface.svelte';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { ringsOf } from '../places';
	import { chosenCell, holdCell } from './chosen-cell';
	import { cellName } from '../cell-names';
	import { focusMixer } from '$lib/workbench/mixer/focus-mixer';

	let { workbench, plate }: { workbench: Workbench; plate: WheelPlate } = $props();

	const linked = $derived(workbench.document.linked);
	const drawing = $derived(drawnFor(workbench, plate));
	const chart = $derived(chartOf(plate, linked));
	const counts = $derived(JSON.stringify([plate.hues, plate.inside, plate.outside]));
	// The places only depend on counts, so they stay as they are while a colour is turned.
	const layout = $derived.by(() => {
		const [hues, inside, outside] = JSON.parse(counts) as [
			WheelPlate['hues'],
			WheelPlate['inside'],
			WheelPlate['outside']
		];
		return layOutWheel({ hues, inside, outside }, true);
	});
	const rings = $derived(ringsOf(plate));
	const chosen = $derived(chosenCell(workbench, plate));

	const style = ({ box, reach }: CellPlace): string => {
		const points = reach.map(([x, y]) => `${(100 * x).toFixed(1)}% ${(100 * y).toFixed(1)}%`).join(',');
		const across = (x: number): string => percentOf(x, PLATE_WIDTH);
		const down = (y: number): string => percentOf(y, PLATE_HEIGHT);
		return `left:${across(box.x)};width:${across(box.width)};top:${down(box.y)};height:${down(box.height)};clip-path:polygon(${points})`;
	};
	const places = $derived(layout.spokes.map(({ cells }) => cells.map(style)));

	/** Code and value of the cell that is held, for screen readers, once and not in the name of each of many buttons. */
	const heldWords = $derived.by((): string => {
		const step = chosen && chart[chosen.spoke]?.steps[chosen.ring];
		return step ? `${step.hex}, value ${step.value.toFixed(0)}, ${colourWords(step.linear)}` : '';
	});

	let surface = $state<HTMLElement>();

	const TURNS: Readonly<Record<string, number>> = { ArrowRight: 1, ArrowLeft: -1 };
	const OUTWARDS: Readonly<Record<string, number>> = { ArrowUp: 1, ArrowDown: -1 };

	/** Left and right go round the wheel, up and down outwards and inwards, Home to the hue itself; Enter goes to the mixer. */
	function goByKey(event: KeyboardEvent, spoke: number, ring: number) {
		const [turn, out] = [TURNS[event.key], OUTWARDS[event.key]];
		let target = [spoke, ring];
		if (event.key === 'Enter') focusMixer();
		else if (turn !== undefined) target = [(spoke + turn + plate.hues) % plate.hues, ring];
		else if (out !== undefined) target = [spoke, Math.max(0, Math.min(rings - 1, ring + out))];
		else if (event.key === 'Home') target = [spoke, hueRing(plate)];
		else return;
		event.preventDefault();
		if (event.key !== 'Enter') surface?.querySelector<HTMLElement>(`[data-place="${target.join(' ')}"]`)?.focus();
	}
</script>

<PlateSurface {workbench} {plate} {drawing} {heldWords} bind:element={surface}>
	<div class="cells">
		<div role="group" aria-label="Wheel of {plate.hues} hues">
			{#each places as cells, spoke (spoke)}
				{#each cells as place, ring (ring)}
					{@const held = chosen?.spoke === spoke && chosen.ring === ring}
					<button
						class="cell"
						data-place="{spoke} {ring}"
						tabindex={held || (!chosen && spoke === 0 && ring === hueRing(plate)) ? 0 : -1}
						style={place}
						aria-pressed={held}
						aria-label="{cellName(plate, { spoke, ring })}{spoke === 0 &&
						ring === hueRing(plate) &&
						plate.from !== 'given'
							? ', lead colour'
							: ''}"
						onclick={() => holdCell(workbench, plate, spoke, ring)}
						onfocus={() => holdCell(workbench, plate, spoke, ring)}
						onkeydown={(event) => goByKey(event, spoke, ring)}
					></button>
				{/each}
			{/each}
		</div>
		{#if chosen}
			<svg class="marks" viewBox="0 0 {PLATE_WIDTH} {PLATE_HEIGHT}" aria-hidden="true">
				<path d={layout.spokes[chosen.spoke]!.mark} />
				{#each ['focus under', 'focus'] as line (line)}
					<path class={line} d={layout.spokes[chosen.spoke]!.cells[chosen.ring]!.path} />
				{/each}
			</svg>
		{/if}
	</div>
</PlateSurface>

<style>
	.cell {
		position: absolute;
		padding: 0;
		border: 0;
		background: none;
		cursor: pointer;
	}
	/* A button cut to its outline cuts its focus line too: the line is drawn for it, only while the keyboard is used. */
	.cell:focus-visible {
		outline: 0;
		box-shadow: none;
	}
	.focus {
		display: none;
		fill: none;
		stroke: var(--ink);
		stroke-width: 1.6;
		stroke-dasharray: 5 3;
	}
	.focus.under {
		stroke: var(--paper);
		stroke-dasharray: none;
	}
	.cells:has(.cell:focus-visible) .focus {
		display: block;
	}
	.marks {
		position: absolute;
		inset: 0;
		width: 100%;
		height: 100%;
		fill: var(--ink);
		pointer-events: none;
	}
</style>
