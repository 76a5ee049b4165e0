import { linearToHex } from '$lib/core/colour/bytes';
import { valueToLuminance } from '$lib/core/colour/lab';
import { valueOf } from '$lib/core/colour/value-of';
import { type SchemeSpec } from '$lib/core/scheme/schemes';
import { type Wheel } from '$lib/core/scheme/wheel';
import { colourAt, colourAtLuminance, placeOf, RIM } from '$lib/core/scheme/wheel-place';
import { type Of } from '$lib/drawing/drawing';
import { around, sector } from '$lib/drawing/sector';
import { type WheelCircle } from './scheme-layout';

/** How finely the wheel is printed: on the plate, and in a thumbnail. */
interface Grain {
	readonly hues: number;
	readonly rings: number;
}
export const FINE: Grain = { hues: 24, rings: 5 };
export const COARSE: Grain = { hues: 12, rings: 3 };

/** White paper between the patches, and the middle that is left out, in plate units. */
const GAP = 1.1;
const MIDDLE = 5;

/** One patch of the printed wheel: the colour there, or null where no screen shows it. */
type Patch = string | null;

/** What the patches follow from: `light` 0–1 is brightness or lightness, or a hundredth of the value that they hold. */
interface Print {
	readonly wheel: Wheel;
	readonly holdValue: boolean;
	readonly light: number;
}

/** In so many steps of lightness a wheel is printed: finer is not seen, and the same ones come again while a dial is turned. */
const LIGHT_STEPS = 100;

function printOf({ wheel, lead, holdValue = false }: SchemeSpec): Print {
	const light = holdValue ? valueOf(lead) / 100 : placeOf(wheel, lead).light;
	return { wheel, holdValue, light: Math.round(light * LIGHT_STEPS) / LIGHT_STEPS };
}

function patchesOf({ wheel, holdValue, light }: Print, { hues, rings }: Grain): Patch[] {
	const y = valueToLuminance(100 * light);
	return Array.from({ length: hues * rings }, (_, i): Patch => {
		const place = {
			angle: (360 * (i % hues)) / hues,
			distance: (RIM[wheel] * (Math.floor(i / hues) + 0.5)) / rings,
			light
		};
		const { linear, mapped } = holdValue ? colourAtLuminance(wheel, place, y) : colourAt(wheel, place);
		return mapped ? null : linearToHex(...linear);
	});
}

/** The outline of each patch, and the dot that stands there for what no screen shows. */
interface PatchPlace {
	readonly path: string;
	readonly dot: string;
}

function placesOf({ cx, cy, rim }: WheelCircle, { hues, rings }: Grain): PatchPlace[] {
	const at = around(cx, cy);
	const half = Math.PI / hues;
	return Array.from({ length: hues * rings }, (_, i): PatchPlace => {
		const angle = 2 * half * (i % hues);
		const ring = Math.floor(i / hues);
		const inner = Math.max(MIDDLE, (rim * ring) / rings + GAP / 2);
		const outer = (rim * (ring + 1)) / rings - GAP / 2;
		const slack = Math.min(half * 0.8, GAP / 2 / ((inner + outer) / 2));
		const [x, y] = at((inner + outer) / 2, angle);
		return {
			path: sector(at, outer, inner, angle - half + slack, angle + half - slack),
			dot: `M${(x - 0.8).toFixed(2)} ${(y - 0.8).toFixed(2)}h1.6v1.6h-1.6z`
		};
	});
}

/** The circles in which wheels are printed are few: on the plate, with relatives or without, and in the thumbnail. */
const places = new Map<string, PatchPlace[]>();
const nameOf = ({ cx, cy, rim }: WheelCircle, { hues, rings }: Grain): string => `${cx} ${cy} ${rim} ${hues} ${rings}`;

/** A dot where there is no colour is seen on every ground. */
const NO_COLOUR = '#5f5f5f';

/** Where no screen shows a colour there is a dot, so that the gamut is the shape of what is printed. */
function mosaicOf(patches: readonly Patch[], circle: WheelCircle, grain: Grain): Of<'mosaic'> {
	const { cx, cy, rim } = circle;
	const name = nameOf(circle, grain);
	const known = places.get(name) ?? placesOf(circle, grain);
	places.set(name, known);
	return {
		kind: 'mosaic',
		x: cx - rim,
		y: cy - rim,
		width: 2 * rim,
		height: 2 * rim,
		paths: patches.map((patch, i) => (patch === null ? known[i]!.dot : known[i]!.path)),
		fills: patches.map((patch) => patch ?? NO_COLOUR)
	};
}

const MOST_KNOWN = 200;
const known = new Map<string, Of<'mosaic'>>();

/** The wheel's patches at the lightness of the lead colour. Turning it to and fro finds the same ones again. */
export function wheelPatches(spec: SchemeSpec, circle: WheelCircle, grain: Grain): Of<'mosaic'> {
	const print = printOf(spec);
	const key = `${nameOf(circle, grain)} ${print.wheel} ${print.holdValue} ${print.light}`;
	const found = known.get(key);
	if (found) return found;
	if (known.size >= MOST_KNOWN) known.clear();
	const made = mosaicOf(patchesOf(print, grain), circle, grain);
	known.set(key, made);
	return made;
}
