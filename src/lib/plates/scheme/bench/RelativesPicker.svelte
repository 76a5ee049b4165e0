<script lang="ts">
	import { percentOf } from '$lib/ui/percent-of';
	import { numberToHex } from '$lib/core/colour/code-number';
	import { colourWords } from '$lib/core/colour/hue-words';
	import { show } from '$lib/core/colour/shown';
	import { colourOf } from '$lib/model/resolve';
	import { boxOfRelative, relativeAt, THREADS, type RelativeCell, type RelativesLayout } from '../scheme-layout';
	import { PLATE_WIDTH } from '$lib/drawing/plate-size';
	import { relativesOfScheme } from '../scheme-of';
	import { type SchemePlate } from '../schema';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { type SchemePlace } from '../places';
	import { chooseRelatives, chosenRelatives, placeOn } from './scheme-state.svelte';
	import { isChosen, rangeBetween, withChosen, withoutChosen } from './chosen-relatives';

	interface Props {
		workbench: Workbench;
		plate: SchemePlate;
		layout: RelativesLayout;
		height: number;
	}

	/**
	 * The relatives to be chosen: one with a click, a range by dragging or with Shift, by mouse or by keys. One button follows the
	 * place where one is, because there may be a thousand relatives.
	 */
	let { workbench, plate, layout, height }: Props = $props();

	let at = $state.raw<RelativeCell>({ member: 0, direction: 'lighter', step: 1 });
	/** Where a range begins, and whether it is being chosen or let go. */
	let range = $state.raw<{ from: RelativeCell; chosen: boolean; before: readonly RelativeCell[] } | null>(null);
	let button = $state<HTMLButtonElement>();

	const chosen = $derived(chosenRelatives(plate));
	const here = $derived<RelativeCell>({
		...at,
		member: Math.min(at.member, plate.others.length),
		step: Math.min(at.step, plate.relatives.steps)
	});
	const said = $derived.by((): string => {
		const code = relativesOfScheme(plate, workbench.document.linked)[here.member]?.[here.direction][here.step - 1];
		const hex = code === undefined ? null : numberToHex(code);
		const words = hex ? `${hex}, ${colourWords(show(colourOf(hex)).linear)}` : '';
		return `Member ${here.member + 1}, ${here.direction} ${here.step} of ${plate.relatives.steps}, ${words}`;
	});

	const across = (x: number): string => percentOf(x, PLATE_WIDTH);
	const down = (y: number): string => percentOf(y, height);

	function choose(to: RelativeCell) {
		if (!range) return;
		const cells = rangeBetween(range.from, to);
		chooseRelatives(plate, range.chosen ? withChosen(range.before, cells) : withoutChosen(range.before, cells));
	}

	function begin(from: RelativeCell) {
		range = { from, chosen: !isChosen(chosen, from), before: chosen };
		choose(from);
	}

	function go(to: RelativeCell) {
		at = to;
		workbench.hold({ kind: 'relative', ...to } satisfies SchemePlace);
	}

	function pointed(event: PointerEvent & { currentTarget: HTMLElement }): RelativeCell | null {
		const box = event.currentTarget.getBoundingClientRect();
		const scale = PLATE_WIDTH / box.width;
		const top = layout.blocks[0]!.y;
		return relativeAt(layout, (event.clientX - box.left) * scale, top + (event.clientY - box.top) * scale);
	}

	function press(event: PointerEvent & { currentTarget: HTMLElement }) {
		const cell = pointed(event);
		if (!cell) return;
		event.preventDefault();
		event.currentTarget.setPointerCapture(event.pointerId);
		if (event.shiftKey) {
			range = { from: here, chosen: true, before: chosen };
			choose(cell);
		} else begin(cell);
		go(cell);
		button?.focus({ preventScroll: true });
	}

	function drag(event: PointerEvent & { currentTarget: HTMLElement }) {
		const cell = range && event.buttons > 0 ? pointed(event) : null;
		if (!cell) return;
		choose(cell);
		go(cell);
	}

	/** The cell beside this one along its thread: through the member it goes on on the other side. */
	function beside({ member, direction, step }: RelativeCell, by: number): RelativeCell {
		const [left, right] = THREADS.find((ends) => ends.includes(direction))!;
		const place = (direction === right ? step : -step) + by;
		const next = place === 0 ? by : place;
		const most = plate.relatives.steps;
		return { member, direction: next > 0 ? right : left, step: Math.min(most, Math.abs(next)) };
	}

	/** The cell at the same distance on the next thread; from the last one of a member to the first of the next. */
	function under({ member, direction, step }: RelativeCell, by: number): RelativeCell {
		const thread = THREADS.findIndex((ends) => ends.includes(direction));
		const side = THREADS[thread]!.indexOf(direction);
		const all = THREADS.length * (plate.others.length + 1);
		const next = (member * THREADS.length + thread + by + all) % all;
		const ends = THREADS[next % THREADS.length]!;
		return { member: Math.floor(next / THREADS.length), direction: ends[side === 1 ? 1 : 0], step };
	}

	function goByKey(event: KeyboardEvent) {
		const [by, line] = [{ ArrowLeft: -1, ArrowRight: 1 }[event.key], { ArrowUp: -1, ArrowDown: 1 }[event.key]];
		if (event.key === ' ') begin(here);
		else if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === 'a') chooseThread();
		else if (by !== undefined || line !== undefined) {
			const to = by === undefined ? under(here, line!) : beside(here, by);
			if (event.shiftKey) {
				range ??= { from: here, chosen: true, before: chosen };
				choose(to);
			}
			go(to);
		} else return;
		event.preventDefault();
	}

	/** All of the thread on which one is. */
	function chooseThread() {
		const [left, right] = THREADS.find((ends) => ends.includes(here.direction))!;
		const cells = [left, right].flatMap((direction) =>
			rangeBetween({ ...here, direction, step: 1 }, { ...here, direction, step: plate.relatives.steps })
		);
		chooseRelatives(plate, withChosen(chosen, cells));
	}

	const box = $derived(boxOfRelative(layout, here));
	const first = $derived(layout.blocks[0]!);
	const last = $derived(layout.blocks.at(-1)!);
	const whole = $derived({ y: first.y, height: last.y + last.height - first.y });
</script>

<svelte:window onpointerup={() => (range = null)} onkeyup={(event) => event.key === 'Shift' && (range = null)} />

<div
	class="relatives"
	role="presentation"
	style:top={down(whole.y)}
	style:height={down(whole.height)}
	onpointerdown={press}
	onpointermove={drag}
></div>
<button
	class="here"
	bind:this={button}
	aria-label={said}
	aria-pressed={isChosen(chosen, here)}
	aria-describedby="how-relatives"
	title="Arrow keys go from relative to relative, Space chooses, Shift with an arrow chooses a range"
	style:left={across(box.x)}
	style:top={down(box.y)}
	style:width={across(box.width)}
	style:height={down(box.height)}
	onkeydown={goByKey}
	onfocus={() => placeOn(workbench)?.kind === 'relative' || go(here)}
></button>
<p class="unseen" id="how-relatives">
	Relatives of the members. Arrow keys go from one to the next, Space chooses one, Shift with an arrow chooses a range.
</p>
<svg class="marks" viewBox="0 0 {PLATE_WIDTH} {height}" aria-hidden="true">
	{#each chosen as cell (`${cell.member} ${cell.direction} ${cell.step}`)}
		{#if cell.member < layout.blocks.length && cell.step <= layout.steps}
			{@const { x, y, width, height: high } = boxOfRelative(layout, cell)}
			<path d="M{x + width / 2 - 3.2} {y + high / 2}l2.4 2.6l4.2 -5.2" class="under" />
			<path d="M{x + width / 2 - 3.2} {y + high / 2}l2.4 2.6l4.2 -5.2" />
		{/if}
	{/each}
</svg>

<style>
	.relatives {
		position: absolute;
		left: 0;
		width: 100%;
		cursor: cell;
		touch-action: none;
	}
	.here {
		position: absolute;
		padding: 0;
		pointer-events: none;
	}
	.here:focus-visible {
		outline: 2px dashed var(--ink);
		outline-offset: 2px;
		box-shadow: 0 0 0 2px #fff;
	}
	.marks {
		position: absolute;
		inset: 0;
		width: 100%;
		height: 100%;
		pointer-events: none;
	}
	/* A tick that stands out on any colour: dark on light. */
	path {
		fill: none;
		stroke: #000;
		stroke-width: 1.3;
	}
	.under {
		stroke: var(--paper);
		stroke-width: 3.4;
	}
</style>
