import { linearToHex } from '$lib/core/colour/bytes';
import { greatestChroma } from '$lib/core/colour/greatest-chroma';
import { valueToLuminance } from '$lib/core/colour/lab';
import { valueOf } from '$lib/core/colour/value-of';
import { turn } from '$lib/core/colour/vector';
import { type SchemeSpec } from '$lib/core/scheme/schemes';
import { type Wheel } from '$lib/core/scheme/wheel';
import { colourAt, colourAtLuminance, placeOf, RIM, type Place } from '$lib/core/scheme/wheel-place';
import { type Box } from '$lib/drawing/box';
import { type Of } from '$lib/drawing/drawing';
import { outlineOf } from '$lib/drawing/figure';

/*
 * A wheel unrolled: its hues stand upright, in their order on the wheel, and a colour lies the farther to the right the farther from
 * grey it is. So hue and strength are each one direction, and what is far apart in hue is far apart on the plate.
 */

/** The angle at the lower edge: between two hues that have names, so that none is cut in two. */
const FROM = -30;
/** White between the patches, in plate units. */
const GAP = 1.1;
const HUES = 24;
const RINGS = 5;
/** In so many steps of lightness a map is printed: finer is not seen, and the same ones come again while a dial is turned. */
const LIGHT_STEPS = 100;
/** The perceptual wheel is as wide as what a screen shows at a lightness, and never narrower than this chroma. */
const LEAST_REACH = 0.03;

/** What a map follows from: `light` 0–1 is brightness or lightness, or a hundredth of the value that it holds. */
interface Print {
	readonly wheel: Wheel;
	readonly holdValue: boolean;
	readonly light: number;
	/** The distance from grey at the right edge. */
	readonly reach: number;
}

/** The greatest chroma of any hue, by the step of lightness it is at: three times a frame it is asked for. */
const widest = new Map<number, number>();

function widestAt(light: number): number {
	const before = widest.get(light);
	if (before !== undefined) return before;
	const all = Array.from({ length: HUES }, (_, i) => greatestChroma(light, (360 * i) / HUES));
	const most = Math.max(...all);
	widest.set(light, most);
	return most;
}

const inSteps = (light: number): number => Math.round(light * LIGHT_STEPS) / LIGHT_STEPS;

/** The distance at the right edge: that of the wheel's rim, on the perceptual wheel the greatest chroma at the lead's lightness. */
export function reachOf({ wheel, lead }: Pick<SchemeSpec, 'wheel' | 'lead'>): number {
	if (wheel !== 'perceptual') return RIM[wheel];
	return Math.min(RIM[wheel], Math.max(LEAST_REACH, widestAt(inSteps(placeOf(wheel, lead).light))));
}

function printOf(spec: SchemeSpec): Print {
	const { wheel, lead, holdValue = false } = spec;
	const light = inSteps(holdValue ? valueOf(lead) / 100 : placeOf(wheel, lead).light);
	return { wheel, holdValue, light, reach: reachOf(spec) };
}

/** Where a place of the wheel lies on the plate; what lies beyond the edge, at the edge. */
export function pointOn(map: Box, reach: number, { angle, distance }: Pick<Place, 'angle' | 'distance'>) {
	const up = turn(angle - FROM) / 360;
	return [map.x + map.width * Math.min(1, distance / reach), map.y + map.height * (1 - up)] as const;
}

/** Angle in degrees and distance of a point of the plate: beyond the upper edge the hues begin again at the lower one. */
export function placeOnMap(map: Box, reach: number, x: number, y: number): Pick<Place, 'angle' | 'distance'> {
	return {
		angle: turn(FROM + 360 * (1 - (y - map.y) / map.height)),
		distance: reach * Math.min(1, Math.max(0, (x - map.x) / map.width))
	};
}

/** One patch: its outline, and the colour there, or a dot where no screen shows it. */
function patchAt(
	map: Box,
	{ wheel, holdValue, light, reach }: Print,
	i: number
): readonly [path: string, fill: string] {
	const [hue, ring] = [i % HUES, Math.floor(i / HUES)];
	const place = { angle: (360 * hue) / HUES, distance: (reach * (ring + 0.5)) / RINGS, light };
	const [x, y] = pointOn(map, reach, place);
	const { linear, mapped } = holdValue
		? colourAtLuminance(wheel, place, valueToLuminance(100 * light))
		: colourAt(wheel, place);
	if (mapped) return [outlineOf('squares', { x: x - 0.8, y: y - 0.8, width: 1.6, height: 1.6 }), NO_COLOUR];
	const [width, height] = [map.width / RINGS - GAP, map.height / HUES - GAP];
	return [outlineOf('squares', { x: x - width / 2, y: y - height / 2, width, height }), linearToHex(...linear)];
}

/** A dot where there is no colour is seen on every ground. */
const NO_COLOUR = '#5f5f5f';

const MOST_KNOWN = 200;
const known = new Map<string, Of<'mosaic'>>();

/** The map at the lightness of the lead colour. Turning it to and fro finds the same ones again. */
export function huePatches(spec: SchemeSpec, map: Box): Of<'mosaic'> {
	const print = printOf(spec);
	const key = `${map.x} ${map.y} ${map.width} ${map.height} ${print.wheel} ${print.holdValue} ${print.light} ${print.reach}`;
	const found = known.get(key);
	if (found) return found;
	if (known.size >= MOST_KNOWN) known.clear();
	const patches = Array.from({ length: HUES * RINGS }, (_, i) => patchAt(map, print, i));
	const made = {
		kind: 'mosaic',
		...map,
		paths: patches.map(([path]) => path),
		fills: patches.map(([, fill]) => fill)
	} as const;
	known.set(key, made);
	return made;
}
