<script lang="ts">
	import { percentOf } from '$lib/ui/percent-of';
	import { fit } from '$lib/core/colour/shown';
	import { luminance } from '$lib/core/colour/xyz';
	import { turn, type Triple } from '$lib/core/colour/vector';
	import { colourAt, colourAtLuminance, RIM, type Place } from '$lib/core/scheme/wheel-place';
	import { pointsOf } from '../draw-hue-map';
	import { placeOnMap, reachOf } from '../hue-map';
	import { type SchemeLayout } from '../scheme-layout';
	import { PLATE_WIDTH } from '$lib/drawing/plate-size';
	import { schemeOf } from '../scheme-of';
	import { type SchemePlate } from '../schema';
	import { type StudyDocument } from '$lib/study/study';
	import { placeMember } from '../scheme-edits';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { memberPlace } from '../places';
	import { indexHeld } from './scheme-state.svelte';

	interface Props {
		workbench: Workbench;
		plate: SchemePlate;
		layout: SchemeLayout;
	}

	/** Each member on the unrolled wheel, to be dragged or moved by keys in hue and distance. The scheme stays what it is while one turns. */
	let { workbench, plate, layout }: Props = $props();

	const made = $derived(schemeOf(plate, workbench.document.linked));
	const points = $derived(pointsOf(made.spec, made.members, layout.map));
	const places = $derived(made.members.map(({ place }) => place));
	const held = $derived(indexHeld(workbench));
	const across = (x: number): string => percentOf(x, PLATE_WIDTH);
	const down = (y: number): string => percentOf(y, layout.height);

	/** The colour at another place of the wheel; with the value held where the scheme holds it. */
	function colourFrom(linear: Triple, place: Place): Triple {
		const { wheel, holdValue } = plate;
		return holdValue ? colourAtLuminance(wheel, place, luminance(...linear)).linear : colourAt(wheel, place).linear;
	}

	let drag: { index: number; from: StudyDocument; linear: Triple; place: Place; reach: number } | null = null;

	/** Every move of a drag starts from where the drag began, so that nothing is lost on the way through a narrow gamut. */
	function move(index: number, linear: Triple, place: Place, from: StudyDocument) {
		const edit = placeMember(plate.id, index, colourFrom(linear, place));
		workbench.edit('Move a member', () => edit(from), `member ${index}`);
	}

	function press(event: PointerEvent & { currentTarget: HTMLElement }, index: number) {
		workbench.hold(memberPlace(index));
		const { linear } = made.members[index]!;
		drag = { index, from: workbench.document, linear, place: places[index]!, reach: reachOf(made.spec) };
		event.currentTarget.setPointerCapture(event.pointerId);
	}

	function moveTo(event: PointerEvent & { currentTarget: HTMLElement }) {
		if (!drag) return;
		const box = event.currentTarget.closest('.lay')!.getBoundingClientRect();
		const scale = PLATE_WIDTH / box.width;
		const [x, y] = [(event.clientX - box.left) * scale, (event.clientY - box.top) * scale];
		const { index, linear, place, from, reach } = drag;
		move(index, linear, { ...place, ...placeOnMap(layout.map, reach, x, y) }, from);
	}

	const TURNS: Readonly<Record<string, number>> = { ArrowUp: 1, ArrowDown: -1 };
	const OUT: Readonly<Record<string, number>> = { ArrowRight: 1, ArrowLeft: -1 };

	/** Up and down turn by 1° (Shift 10°), right and left go out and in. */
	function moveByKey(event: KeyboardEvent, index: number) {
		const [by, out] = [TURNS[event.key], OUT[event.key]];
		if (by === undefined && out === undefined) return;
		event.preventDefault();
		const much = event.shiftKey ? 10 : 1;
		const place = places[index]!;
		const distance = place.distance + (out ?? 0) * much * 0.01 * RIM[plate.wheel];
		const next = {
			...place,
			angle: turn(place.angle + (by ?? 0) * much),
			distance: Math.max(0, Math.min(RIM[plate.wheel], distance))
		};
		const { linear } = fit({ space: 'srgb-linear', channels: made.members[index]!.linear, alpha: 1 });
		move(index, linear, next, workbench.document);
	}

	const saidOf = (index: number): string => {
		const { angle, distance } = places[index]!;
		return `${angle.toFixed(0)}°, ${((100 * distance) / RIM[plate.wheel]).toFixed(0)} % of the way out`;
	};
</script>

<div role="group" aria-label="Members on the wheel">
	{#each points as point, index (index)}
		<button
			class="handle"
			class:held={held === index}
			data-member={index}
			role="slider"
			aria-label="{index === 0 ? 'Lead colour' : `Member ${index + 1}`} on the wheel"
			aria-valuemin={0}
			aria-valuemax={360}
			aria-valuenow={Math.round(places[index]!.angle)}
			aria-valuetext={saidOf(index)}
			title="Drag in hue and strength; up and down turn it, right and left make it stronger and quieter"
			style:left={across(point[0])}
			style:top={down(point[1])}
			onpointerdown={(event) => press(event, index)}
			onpointermove={moveTo}
			onpointerup={() => (drag = null)}
			onpointercancel={() => (drag = null)}
			onfocus={() => workbench.hold(memberPlace(index))}
			onkeydown={(event) => moveByKey(event, index)}
		></button>
	{/each}
</div>

<style>
	.handle {
		position: absolute;
		width: 20px;
		height: 20px;
		margin: -10px 0 0 -10px;
		cursor: grab;
		touch-action: none;
	}
	/* Four small ticks round the one that is held; nothing lies on its colour. */
	.handle.held::before,
	.handle.held::after {
		content: '';
		position: absolute;
		inset: 9.25px -3px;
		border: solid var(--ink);
		border-width: 0 5px;
	}
	.handle.held::after {
		inset: -3px 9.25px;
		border-width: 5px 0;
	}
	.handle:focus-visible {
		outline: 2px dashed var(--ink);
		outline-offset: 3px;
	}
</style>
