<script lang="ts">
	import { tick } from 'svelte';
	import { benchOf } from '$lib/plates/benches.svelte';
	import { drawPlate } from '$lib/plates/draw-plate';
	import { asTold } from './drawn';
	import { captionHeight } from '$lib/drawing/caption';
	import { PLATE_HEIGHT } from '$lib/drawing/plate-size';
	import { seenDrawing, VIEW_WORDS, VIEWS } from '$lib/drawing/view';
	import { capital } from '$lib/model/surroundings';
	import { corresponding } from '$lib/study/corresponding';
	import CheckField from '$lib/ui/CheckField.svelte';
	import PlateDrawing from '$lib/ui/PlateDrawing.svelte';
	import SelectField from '$lib/ui/SelectField.svelte';
	import Differences from './Differences.svelte';
	import { SIDES, type Side, type SideNumber, type Sides } from './sides.svelte';
	import ZoomPicker from './ZoomPicker.svelte';

	/**
	 * Two plates at one scale, each in its own view, of one study or of two. The one that is open is changed; a click on a colour of
	 * the other opens that one and holds it.
	 */
	let { sides, pair, onalone }: { sides: Sides; pair: readonly [Side, Side]; onalone: () => void } = $props();

	const ofTwo = $derived(pair[0].workbench !== pair[1].workbench);
	const tall = $derived(PLATE_HEIGHT + Math.max(...pair.map(({ plate }) => captionHeight(plate.caption))));
	const zoom = $derived(sides.own.workbench.zoom);
	const linkedOf = (side: Side) => side.workbench.document.linked;
	let together = $state(true);
	let scrollers = $state<HTMLElement[]>([]);

	/** What can stand on this side: the plates of its study but the one on the other side. */
	const choicesOf = ({ workbench }: Side, other: Side): string[] =>
		workbench.document.plates.map(({ id }) => id).filter((id) => ofTwo || id !== other.plate.id);
	const titlesOf = ({ workbench }: Side): Record<string, string> =>
		Object.fromEntries(workbench.document.plates.map(({ id, title }, i) => [id, `${i + 1} ${title}`]));

	/** Opens the other one, and lets the click fall on what stands there now. */
	async function go(event: MouseEvent, side: SideNumber) {
		sides.change(side);
		await tick();
		const under = document.elementFromPoint(event.clientX, event.clientY);
		if (event.detail > 0 && under instanceof HTMLElement) under.click();
	}

	/** Moved together, the other one shows the same part. */
	function follow(side: number) {
		const [moved, other] = [scrollers[side], scrollers[1 - side]];
		if (!together || !moved || !other) return;
		other.scrollTo(moved.scrollLeft, moved.scrollTop);
	}
</script>

<div class="pair" style:--tall={tall}>
	{#each pair as side, number (number)}
		{@const { workbench, plate } = side}
		{@const bench = benchOf(plate)}
		{@const word = SIDES[number]!}
		<section aria-label="{capital(word)} plate: {plate.title}">
			<header>
				<b>{capital(word)}{number === sides.open ? ', being changed' : ''}</b>
				{#if ofTwo}<i>{workbench.document.titleBlock.title}</i>{/if}
				<span></span>
				<SelectField
					label="Plate on the {word}"
					choices={choicesOf(side, pair[1 - number]!)}
					words={titlesOf(side)}
					value={plate.id}
					onchoose={(id) => void sides.put(number as SideNumber, id)}
				/>
				<SelectField
					label="View of the {word} plate"
					choices={VIEWS}
					words={VIEW_WORDS}
					value={sides.viewOf(side).kind}
					onchoose={(kind) => sides.seeAs(side, kind)}
				/>
			</header>
			<div class="scroller" bind:this={scrollers[number]} onscroll={() => follow(number)}>
				<div class="plate {zoom}" class:open={number === sides.open}>
					{#if number === sides.open && bench}
						<bench.view {workbench} {plate} />
					{:else}
						<PlateDrawing
							drawing={seenDrawing(sides.viewOf(side), asTold(workbench, drawPlate(plate, linkedOf(side), 'full')))}
						/>
						<button onclick={(event) => void go(event, number as SideNumber)} aria-label="Change the {word} plate"
						></button>
					{/if}
				</div>
			</div>
		</section>
	{/each}
</div>
<div class="foot">
	<ZoomPicker workbench={sides.own.workbench} />
	<CheckField words="move together" checked={together} onset={(checked) => (together = checked)} />
	<button class="alone" onclick={onalone}>One plate alone</button>
</div>
<Differences
	rows={corresponding(pair[0].plate, pair[1].plate, linkedOf(pair[0]), linkedOf(pair[1]))}
	views={[sides.viewOf(pair[0]), sides.viewOf(pair[1])]}
/>

<style>
	.pair {
		display: grid;
		flex: 1;
		grid-template-columns: 1fr 1fr;
		gap: 14px;
		min-height: 0;
		padding: 8px 16px 4px;
	}
	section {
		display: flex;
		flex-direction: column;
		min-width: 0;
		min-height: 0;
	}
	header {
		display: flex;
		flex: none;
		align-items: center;
		gap: 8px;
		min-height: 30px;
		padding-bottom: 4px;
		font-size: 12px;
		white-space: nowrap;
		color: var(--on-board);
	}
	header i {
		overflow: hidden;
		font: italic 13px var(--font-serif);
		text-overflow: ellipsis;
	}
	header span {
		flex: 1;
	}
	header :global(.choice) {
		flex: none;
		width: 132px;
	}
	.scroller {
		flex: 1;
		min-height: 0;
		padding: 3px;
		overflow: auto;
		container-type: size;
	}
	.plate {
		position: relative;
		width: min(100cqw, 100cqh * 792 / var(--tall));
		margin-inline: auto;
		outline: 1px solid #00000030;
	}
	.plate.whole {
		width: 792px;
	}
	.plate.double {
		width: 1584px;
	}
	.plate.open {
		outline: 2px solid var(--on-board);
	}
	.plate > button {
		position: absolute;
		inset: 0;
		cursor: pointer;
	}
	.plate > button:focus-visible {
		outline: 2px dashed var(--on-board);
		outline-offset: -3px;
		box-shadow: none;
	}
	.foot {
		display: flex;
		flex: none;
		align-items: center;
		gap: 18px;
		min-height: 30px;
		padding: 0 16px 4px;
		font-size: 12px;
		color: var(--on-board);
		--focus: var(--on-board);
	}
	.foot :global(label) {
		display: flex;
		align-items: center;
		gap: 6px;
	}
	.alone {
		min-height: 24px;
		padding: 0 6px;
		cursor: pointer;
	}
	.alone:hover {
		text-decoration: underline;
		text-underline-offset: 3px;
	}
	@media (max-width: 800px) {
		.pair {
			grid-template-columns: 1fr;
		}
		.scroller {
			container-type: inline-size;
		}
		.plate:not(.whole, .double) {
			width: 100%;
		}
	}
</style>
