<script lang="ts">
	import { percentOf } from '$lib/ui/percent-of';
	import { numberToHex } from '$lib/core/colour/code-number';
	import { colourWords } from '$lib/core/colour/hue-words';
	import { show } from '$lib/core/colour/shown';
	import { DIRECTIONS, type Direction } from '$lib/core/scheme/relatives';
	import { colourOf } from '$lib/model/resolve';
	import { type Box } from '$lib/drawing/box';
	import { boxInCross, relativeAt, type Cross } from '../cross-layout';
	import { PLATE_WIDTH } from '$lib/drawing/plate-size';
	import { relativesOfScheme } from '../scheme-of';
	import { type RelativeCell, type SchemePlate } from '../schema';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { type SchemePlace } from '../places';
	import { placeOn } from './scheme-state.svelte';
	import { chooseRelatives, isChosen, rangeBetween, withChosen, withoutChosen } from './chosen-relatives';

	interface Props {
		workbench: Workbench;
		plate: SchemePlate;
		crosses: readonly Cross[];
		height: number;
	}

	/**
	 * The relatives to be chosen: one with a click, a range by dragging or with Shift, by mouse or by keys. One button follows the
	 * place where one is, because there may be hundreds of relatives.
	 */
	let { workbench, plate, crosses, height }: Props = $props();

	let at = $state.raw<RelativeCell>({ member: 0, direction: 'lighter', step: 1 });
	/** Where a range begins, and whether it is being chosen or let go. */
	let range = $state.raw<{ from: RelativeCell; chosen: boolean; before: readonly RelativeCell[] } | null>(null);
	let button = $state<HTMLButtonElement>();

	const codes = $derived(relativesOfScheme(plate, workbench.document.linked));
	const countOf = (member: number, direction: Direction): number => codes[member]?.[direction].length ?? 0;
	const chosen = $derived(plate.relatives.chosen);
	/** Every relative that is drawn, with its box. */
	const cells = $derived(
		crosses.flatMap((cross) =>
			DIRECTIONS.flatMap((direction) =>
				Array.from({ length: countOf(cross.member, direction) }, (_, i) => ({
					cell: { member: cross.member, direction, step: i + 1 } as RelativeCell,
					box: boxInCross(cross, direction, i + 1)
				}))
			)
		)
	);
	const same = (one: RelativeCell, other: RelativeCell): boolean => isChosen([one], other);
	const here = $derived(cells.find(({ cell }) => same(cell, at)) ?? cells[0] ?? null);
	const said = $derived.by((): string => {
		if (!here) return 'No relative fits';
		const { member, direction, step } = here.cell;
		const hex = numberToHex(codes[member]![direction][step - 1]!);
		const words = colourWords(show(colourOf(hex)).linear);
		return `Member ${member + 1}, ${direction} ${step} of ${countOf(member, direction)}, ${hex}, ${words}`;
	});

	/** What all crosses take up. */
	const area = $derived.by((): Box => {
		const [first, last] = [crosses[0]!.cell, crosses.at(-1)!.cell];
		const right = Math.max(...crosses.map(({ cell }) => cell.x + cell.width));
		return { x: first.x, y: first.y, width: right - first.x, height: last.y + last.height - first.y };
	});
	const across = (x: number): string => percentOf(x, PLATE_WIDTH);
	const down = (y: number): string => percentOf(y, height);

	function choose(to: RelativeCell) {
		if (!range) return;
		const within = rangeBetween(range.from, to);
		const after = range.chosen ? withChosen(range.before, within) : withoutChosen(range.before, within);
		const { member, direction, step } = range.from;
		chooseRelatives(workbench, plate, after, `choose from ${member} ${direction} ${step}`);
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
		const scale = area.width / box.width;
		return relativeAt(
			crosses,
			countOf,
			area.x + (event.clientX - box.left) * scale,
			area.y + (event.clientY - box.top) * scale
		);
	}

	function press(event: PointerEvent & { currentTarget: HTMLElement }) {
		const cell = pointed(event);
		if (!cell) return;
		event.preventDefault();
		event.currentTarget.setPointerCapture(event.pointerId);
		if (event.shiftKey && here) {
			range = { from: here.cell, chosen: true, before: chosen };
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

	const middle = ({ x, y, width, height: high }: Box) => [x + width / 2, y + high / 2] as const;

	/** The nearest relative that lies this way on the plate. */
	function towards(dx: number, dy: number): RelativeCell | null {
		if (!here) return null;
		const [x, y] = middle(here.box);
		const far = cells.flatMap(({ cell, box }) => {
			const [px, py] = middle(box);
			const [ahead, aside] = [(px - x) * dx + (py - y) * dy, Math.abs((px - x) * dy) + Math.abs((py - y) * dx)];
			// What lies more beside than ahead is reached by the other keys; a slope is gone along by either.
			return ahead > 0.1 && aside <= ahead * 1.05 ? [{ cell, far: ahead + 1.5 * aside }] : [];
		});
		return far.sort((one, other) => one.far - other.far)[0]?.cell ?? null;
	}

	const KEYS: Readonly<Record<string, readonly [number, number]>> = {
		ArrowLeft: [-1, 0],
		ArrowRight: [1, 0],
		ArrowUp: [0, -1],
		ArrowDown: [0, 1]
	};

	function goByKey(event: KeyboardEvent) {
		const way = KEYS[event.key];
		if (!here) return;
		if (event.key === ' ') begin(here.cell);
		else if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === 'a') chooseCross();
		else if (way) {
			const to = towards(...way);
			if (to && event.shiftKey) {
				range ??= { from: here.cell, chosen: true, before: chosen };
				choose(to);
			}
			if (to) go(to);
		} else return;
		event.preventDefault();
	}

	/** All relatives of the member on whose cross one is. */
	function chooseCross() {
		const member = here!.cell.member;
		const all = cells.filter(({ cell }) => cell.member === member).map(({ cell }) => cell);
		chooseRelatives(workbench, plate, withChosen(chosen, all));
	}
</script>

<svelte:window onpointerup={() => (range = null)} onkeyup={(event) => event.key === 'Shift' && (range = null)} />

<div
	class="relatives"
	role="presentation"
	style:left={across(area.x)}
	style:top={down(area.y)}
	style:width={across(area.width)}
	style:height={down(area.height)}
	onpointerdown={press}
	onpointermove={drag}
></div>
{#if here}
	<button
		class="here"
		bind:this={button}
		aria-label={said}
		aria-pressed={isChosen(chosen, here.cell)}
		aria-describedby="how-relatives"
		title="Arrow keys go from relative to relative, Space chooses, Shift with an arrow chooses a range"
		style:left={across(here.box.x)}
		style:top={down(here.box.y)}
		style:width={across(here.box.width)}
		style:height={down(here.box.height)}
		onkeydown={goByKey}
		onfocus={() => placeOn(workbench)?.kind === 'relative' || go(here.cell)}
	></button>
{/if}
<p class="unseen" id="how-relatives">
	Relatives of the members. Arrow keys go from one to the next, Space chooses one, Shift with an arrow chooses a range.
</p>

<style>
	.relatives {
		position: absolute;
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
</style>
