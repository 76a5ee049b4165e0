<script lang="ts">
	import { pictureWork } from '$lib/client/pictures';
	import { linearToOklab } from '$lib/core/colour/oklab';
	import { toLinear } from '$lib/core/colour/colour';
	import { valueOf } from '$lib/core/colour/value-of';
	import { PLANE_SIDE, VALUE_CELLS, type Density } from '$lib/core/picture/density';
	import { seenHex } from '$lib/drawing/view';
	import { colourOf } from '$lib/model/resolve';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { type PicturePlate } from '../schema';
	import { heldOn } from './held-place';

	interface Props {
		workbench: Workbench;
		plate: PicturePlate;
		/** Whether the picture is at hand. */
		ready: boolean;
	}

	/** Where all pixels of the picture lie by hue and chroma, and by value; with the places among them. */
	let { workbench, plate, ready }: Props = $props();

	let density = $state.raw<Density | null>(null);
	const id = $derived(plate.picture.id);
	let begun = '';
	$effect(() => {
		const wanted = id;
		if (!ready || begun === wanted) return;
		begun = wanted;
		void pictureWork()
			.density(wanted)
			.then((found) => wanted === id && (density = found))
			.catch(() => undefined);
	});

	const SIDE = 132;
	/** Pixels of the canvas to a cell. */
	const CELL = 4;
	const held = $derived(heldOn(workbench));

	let plane = $state<HTMLCanvasElement>();
	$effect(() => {
		const context = plane?.getContext('2d');
		if (!context || !density) return;
		const { view } = workbench;
		context.clearRect(0, 0, plane!.width, plane!.height);
		density.plane.forEach((cell, i) => {
			if (!cell) return;
			context.fillStyle = seenHex(view, cell.hex);
			// The fuller a cell, the larger its square: what there is most of is seen first, and a single pixel is still seen.
			const side = CELL * (0.6 + 0.4 * Math.min(1, cell.share * 20) ** 0.5);
			const [x, y] = [(i % PLANE_SIDE) * CELL, Math.floor(i / PLANE_SIDE) * CELL];
			context.fillRect(x + (CELL - side) / 2, y + (CELL - side) / 2, side, side);
		});
	});

	let values = $state<HTMLCanvasElement>();
	const BAR = 46;
	$effect(() => {
		const context = values?.getContext('2d');
		if (!context || !density) return;
		const { view } = workbench;
		context.clearRect(0, 0, values!.width, values!.height);
		const high = values!.height / VALUE_CELLS;
		density.values.forEach((cell, i) => {
			if (!cell) return;
			context.fillStyle = seenHex(view, cell.hex);
			context.fillRect(0, values!.height - (i + 1) * high, Math.max(1, 2 * BAR * cell.share), high + 0.5);
		});
	});

	const reach = $derived(density?.reach ?? 0.34);
	/** Rings of chroma, by steps of 0.05. */
	const rings = $derived([0.05, 0.1, 0.15, 0.2, 0.25, 0.3].filter((chroma) => chroma < reach));
	const spots = $derived(
		plate.places.map(({ id: place, text }, i) => {
			const linear = toLinear(colourOf(text));
			const [, a, b] = linearToOklab(...linear);
			const at = (each: number): number => ((each + reach) / (2 * reach)) * SIDE;
			return {
				place,
				number: i + 1,
				x: at(a),
				y: SIDE - at(b),
				value: SIDE * (1 - valueOf(linear) / 100),
				held: held?.kind === 'place' && held.id === place
			};
		})
	);
</script>

<div class="plots">
	<figure>
		<figcaption>Hue and chroma</figcaption>
		<div class="plot" style:width="{SIDE}px" style:height="{SIDE}px">
			<canvas bind:this={plane} width={PLANE_SIDE * CELL} height={PLANE_SIDE * CELL} aria-hidden="true"></canvas>
			<svg viewBox="0 0 {SIDE} {SIDE}" aria-hidden="true">
				{#each rings as chroma (chroma)}
					<circle cx={SIDE / 2} cy={SIDE / 2} r={(chroma / reach) * (SIDE / 2)} />
				{/each}
				<text class="ring" x={SIDE / 2 + 2} y={SIDE / 2 - (rings.at(-1)! / reach) * (SIDE / 2) + 9}
					>{rings.at(-1)!.toFixed(2)}</text
				>
				{#each spots as { place, number, x, y, held: isHeld } (place)}
					<path d="M{x - 4} {y}h8M{x} {y - 4}v8" class="under" />
					<path d="M{x - 4} {y}h8M{x} {y - 4}v8" class:strong={isHeld} />
					<text x={x + 4} y={y - 3}>{number}</text>
				{/each}
			</svg>
		</div>
	</figure>
	<figure>
		<figcaption>Value</figcaption>
		<div class="plot value" style:height="{SIDE}px">
			<svg viewBox="0 0 30 {SIDE}" width="30" height={SIDE} aria-hidden="true">
				{#each spots as { place, number, value, held: isHeld } (place)}
					<path d="M22 {value}h8" class:strong={isHeld} />
					<text x={number % 2 ? 2 : 12} y={Math.max(9, Math.min(SIDE - 1, value + 4))}>{number}</text>
				{/each}
			</svg>
			<canvas bind:this={values} width={2 * BAR} height={2 * SIDE} aria-hidden="true"></canvas>
		</div>
	</figure>
</div>

<style>
	.plots {
		display: flex;
		justify-content: space-between;
		gap: 8px;
	}
	figure {
		margin: 0;
	}
	figcaption {
		margin-bottom: 3px;
		font-size: 12px;
		color: var(--soft);
	}
	.plot {
		position: relative;
		background: #fff;
	}
	.plot canvas {
		width: 100%;
		height: 100%;
	}
	.plot svg {
		position: absolute;
		inset: 0;
	}
	.value {
		display: flex;
		width: 78px;
	}
	.value svg {
		position: static;
		flex: none;
	}
	.value canvas {
		width: 46px;
	}
	circle,
	path {
		fill: none;
		stroke: #1c1c1c;
	}
	circle {
		stroke: #00000024;
	}
	path.under {
		stroke: #fff;
		stroke-width: 3;
	}
	path.strong {
		stroke-width: 2;
	}
	text.ring {
		fill: #5a5a5a;
		font-size: 8.5px;
	}
	text {
		font: 500 10.5px var(--font-serif);
		fill: #1c1c1c;
	}
</style>
