<script lang="ts">
	import { untrack } from 'svelte';
	import { type Drawing } from '$lib/drawing/drawing';
	import { inTurn } from '$lib/ui/in-turn';
	import { byThirds, LIGHTS, onFaces } from '$lib/core/pattern/boxes';
	import { lightToDark } from '../laying';
	import CheckField from '$lib/ui/CheckField.svelte';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { decidePattern, layDesign } from '../pattern-edits';
	import { MOST_SEED, type PatternPlate } from '../schema';
	import { hasBoxes, LAYING_WORDS, LAYINGS, type Laying } from '../words';
	import { previewOfLaying } from './previews';
	import SmallDesign from './SmallDesign.svelte';

	/** All cells at once: the row of colours laid by a rule, tried on the plate while it is pointed at. */
	let { workbench, plate }: { workbench: Workbench; plate: PatternPlate } = $props();

	const boxes = $derived(hasBoxes(plate));
	const layings = $derived(LAYINGS.filter((laying) => laying !== 'boxes' || boxes));
	const decided = $derived(workbench.decidedPlate?.id === plate.id ? (workbench.decidedPlate as PatternPlate) : plate);

	/** What decides the small pictures: not the cells, which every stroke changes. They follow when there is time. */
	const { grid, drawing, colours, seed } = $derived(decided);
	const standing = $derived(decided.boxes);
	const basis = $derived({ grid, drawing, colours, seed, boxes: standing, linked: workbench.document.linked });
	let pictures = $state.raw<readonly { readonly laying: Laying; readonly drawing: Drawing }[]>([]);
	$effect(() => {
		const { linked, ...latest } = basis;
		const plate = { ...untrack(() => decided), ...latest };
		const shown = layings;
		inTurn('rules of a pattern', () => {
			pictures = shown.map((laying) => ({ laying, drawing: previewOfLaying(plate, laying, linked) }));
		});
	});
	const pictureOf = (laying: Laying): Drawing | null =>
		pictures.find((each) => each.laying === laying)?.drawing ?? null;

	const lay = (laying: Laying) => workbench.edit('Lay the colours by rule', layDesign(plate.id, laying));
	const attempt = (laying: Laying | null) => workbench.try(laying === null ? null : () => lay(laying));

	function take(laying: Laying) {
		workbench.try(null);
		lay(laying);
	}

	function turnLight() {
		const light = (plate.boxes.light + 1) % LIGHTS;
		workbench.edit('Turn the light', layDesign(plate.id, 'boxes', { boxes: { ...plate.boxes, light } }));
	}
	const stand = (apart: boolean) =>
		workbench.edit('Change how boxes stand', layDesign(plate.id, 'boxes', { boxes: { ...plate.boxes, apart } }));
	/** Which colours the faces take, by their numbers: "lit 1 to 3, middle 4, dark 5 to 7". */
	const faces = $derived.by((): string => {
		const order = lightToDark({ ...decided, colours }, workbench.document.linked);
		const [lit, middle, dark] = byThirds(onFaces(order, standing.apart)).map((part) =>
			part.map((i) => i + 1).join(', ')
		);
		return `lit face ${lit}; middle ${middle}; dark ${dark}`;
	});
	const again = () =>
		workbench.edit('Lay at random again', layDesign(plate.id, 'random', { seed: (plate.seed + 1) % (MOST_SEED + 1) }));
	const empty = () => workbench.edit('Empty all cells', decidePattern(plate.id, { cells: '' }));
</script>

<section aria-labelledby="by-rule">
	<header>
		<h2 id="by-rule">By rule</h2>
		<p>tried while pointed at</p>
	</header>
	<div class="rules">
		{#each layings as laying (laying)}
			<button
				onclick={() => take(laying)}
				onpointerenter={() => attempt(laying)}
				onpointerleave={() => attempt(null)}
				onfocus={() => attempt(laying)}
				onblur={() => attempt(null)}
			>
				<i
					>{#if pictureOf(laying)}<SmallDesign {workbench} drawing={pictureOf(laying)!} />{/if}</i
				>
				<span>{LAYING_WORDS[laying]}</span>
			</button>
		{/each}
	</div>
	<div class="acts">
		{#if boxes}
			<button class="act small" title="Lays the boxes with the light from another side" onclick={turnLight}
				>Turn the light</button
			>
			<span class="faces">{faces}</span>
			<CheckField words="boxes apart, with shadows" checked={plate.boxes.apart} onset={stand} />
		{/if}
		<button class="act small" title="Lays them at random from another beginning" onclick={again}>At random again</button
		>
		<button class="act small" disabled={plate.cells === ''} onclick={empty}>Empty all</button>
	</div>
</section>

<style>
	section {
		display: grid;
		gap: 8px;
		padding-top: 10px;
		border-top: 1px solid var(--rule);
	}
	header {
		display: flex;
		align-items: baseline;
		justify-content: space-between;
	}
	header p {
		color: var(--soft);
	}
	h2 {
		font-size: 18px;
		line-height: 1.1;
	}
	.rules {
		display: grid;
		grid-template-columns: repeat(3, 1fr);
		gap: 8px;
	}
	.rules button {
		display: grid;
		gap: 2px;
		text-align: left;
		cursor: pointer;
	}
	.rules button:hover,
	.rules button:focus-visible {
		outline: 1px dashed var(--ink);
		outline-offset: 2px;
	}
	.rules i {
		aspect-ratio: 736 / 392;
	}
	.rules span {
		font-size: 11.5px;
	}
	.faces {
		color: var(--soft);
	}
	.acts {
		display: flex;
		flex-wrap: wrap;
		gap: 6px;
		align-items: center;
	}
</style>
