import { fit, fitted } from '$lib/core/colour/shown';
import { greatestChroma } from '$lib/core/colour/greatest-chroma';
import { holdLuminance } from '$lib/core/colour/hold-luminance';
import { valueToLuminance } from '$lib/core/colour/lab';
import { fromPolar, linearToOklch } from '$lib/core/colour/oklab';
import { type Triple } from '$lib/core/colour/vector';
import { luminance } from '$lib/core/colour/xyz';
import { patchBy, patchOf, type Patch } from '$lib/drawing/patch';
import { type LinkedColour } from '$lib/model/linked';
import { colourOf } from '$lib/model/resolve';
import { scaleOf } from '../../../scales/scale-of';
import { type GroundsCommon } from '../../common';
import { seenOn, type Seen } from '../../seen';
import { type Rows } from './schema';

/** All that stands on one ground of a row. */
export interface SeenRow {
	readonly ground: Patch;
	readonly seen: readonly Seen[];
	/** The mean of their shifts: value in L*, chroma of OKLCH. */
	readonly value: number;
	readonly chroma: number;
}

const GREY_CHROMA = 0.03;

/** The grounds of a row: a ladder of values, a ring of hues, rising chroma, or a palette. */
function groundsOfRow({ palette }: GroundsCommon, { row, count }: Rows, figure: Patch): Patch[] {
	const steps = Array.from({ length: count }, (_, i) => i / (count - 1));
	const [lightness, chroma, hue] = linearToOklch(figure.linear);
	switch (row) {
		case 'values':
			return steps.map((share) => {
				const y = valueToLuminance(100 * share);
				return patchOf([y, y, y]);
			});
		case 'hues':
			return steps.map((_, i) => {
				const [, a, b] = fromPolar([0, Math.max(0.1, chroma), hue + (360 * i) / count]);
				return patchOf(holdLuminance(luminance(...figure.linear), a, b).linear);
			});
		case 'chroma': {
			const at = chroma < GREY_CHROMA ? 30 : hue + 180;
			const most = greatestChroma(lightness, at);
			return steps.map((share) => patchOf(fitted(oklchLinear(lightness, most * share, at)).linear));
		}
		case 'palette':
			return (palette?.colours ?? []).map(({ text }) => patchOf(fit(colourOf(text)).linear));
	}
}

const oklchLinear = (lightness: number, chroma: number, hue: number): Triple =>
	fit({ space: 'oklch', channels: [lightness, chroma, hue], alpha: 1 }).linear;

/** What stands on every ground: the steps of the scale where there is one, or the figure. */
function figuresOfRow({ figures }: GroundsCommon, { scale }: Rows, linked: readonly LinkedColour[]): readonly Patch[] {
	if (!scale) return [patchBy(figures[0], linked)];
	return scaleOf(scale, linked).steps.map(({ linear, hex }) => ({ linear, hex }));
}

/** The figure, or each step of a scale, on each ground of a row. */
export function rowOf(common: GroundsCommon, settings: Rows, linked: readonly LinkedColour[]): SeenRow[] {
	const figures = figuresOfRow(common, settings, linked);
	// A scale is laid over what its middle asks for.
	const middle = figures[Math.floor(figures.length / 2)]!;
	return groundsOfRow(common, settings, middle).map((ground) => {
		const all = figures.map((each) => seenOn(each, ground, common.strengths));
		const mean = (of: (each: Seen) => number): number => all.reduce((sum, each) => sum + of(each), 0) / all.length;
		return { ground, seen: all, value: mean(({ shift }) => shift.value), chroma: mean(({ shift }) => shift.chroma) };
	});
}
