import { type ReadonlyTriple, type Triple } from '../colour/vector';
import { differenceOfLinear, linearToLab } from '../difference/lab-of-linear';
import { clipped, inGamut } from '../colour/gamut';
import { greatestAt } from '../colour/greatest-chroma';
import { labToXyz } from '../colour/lab';
import { fromPolar, linearToOklch } from '../colour/oklab';
import { luminance, WHITE_D65, xyzToLinear } from '../colour/xyz';
import { angleBetween } from '../colour/vector';
import { edgeBetween, type Edge } from './edges';

/** A colour beside a given one, and how their border behaves. */
export interface Partner {
	readonly linear: Triple;
	readonly edge: Edge;
}

const HUE_STEP = 3;
const HALVINGS = 24;
/** No screen colour lies farther than this from a neutral, in CIELAB. */
const FARTHEST = 140;
/** How far a vanishing partner differs from its colour, in ΔE00: as plainly as somebody wants it. */
export const PARTNER_DIFFERENCES = { least: 4, most: 20, usual: 8 } as const;

const oneRound = (step: number): number[] => Array.from({ length: 360 / step }, (_, i) => i * step);

/** The colour of this value (a luminance) so far away in a direction of the a*b* plane; null where no screen shows it. */
function onPlane([lightness, a, b]: ReadonlyTriple, direction: number, reach: number): Triple | null {
	const [, da, db] = fromPolar([0, reach, direction]);
	const linear = xyzToLinear(labToXyz([lightness, a + da, b + db], WHITE_D65));
	return inGamut(...linear) ? clipped(linear) : null;
}

/** The colour of the same value that lies just so many ΔE00 away in a direction, or as far as a screen shows. */
function awayBy(colour: ReadonlyTriple, direction: number, difference: number): Triple {
	const lab = linearToLab(colour);
	let [low, high] = [0, FARTHEST];
	for (let i = 0; i < HALVINGS; i++) {
		const reach = (low + high) / 2;
		const there = onPlane(lab, direction, reach);
		if (there && differenceOfLinear(colour, there) < difference) low = reach;
		else high = reach;
	}
	return onPlane(lab, direction, low) ?? [colour[0], colour[1], colour[2]];
}

/** How near a partner's difference must come to the one asked. */
const MET = 0.05;

/**
 * The colour beside which the border of a given one (linear sRGB) vanishes most, though the two differ by so many ΔE00: of its own value,
 * in whatever direction, and of those that differ as asked the one whose hue lies farthest away. Where none does, the farthest.
 */
export function vanishingPartner(colour: ReadonlyTriple, difference: number): Partner {
	const [, , hue] = linearToOklch(colour);
	const all = oneRound(HUE_STEP).map((direction) => {
		const linear = awayBy(colour, direction, difference);
		const [, , other] = linearToOklch(linear);
		return { linear, differs: differenceOfLinear(colour, linear), turned: angleBetween(hue, other) };
	});
	const farthest = Math.max(...all.map(({ differs }) => differs));
	const met = all.filter(({ differs }) => differs >= farthest - MET);
	const { linear } = met.reduce((best, each) => (each.turned > best.turned ? each : best));
	return { linear, edge: edgeBetween(colour, linear) };
}

/** The colour beside which the border of a given one (linear sRGB) vibrates most: of its own value, at the greatest chroma of each hue. */
export function vibratingPartner(colour: ReadonlyTriple): Partner {
	const y = luminance(colour[0], colour[1], colour[2]);
	const all = oneRound(HUE_STEP).map((hue): Partner => {
		const { linear } = greatestAt(y, hue);
		return { linear, edge: edgeBetween(colour, linear) };
	});
	return all.reduce((best, each) => (each.edge.vibrating > best.edge.vibrating ? each : best));
}
