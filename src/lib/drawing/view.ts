import { linearToHex } from '$lib/core/colour/bytes';
import { hexToNumber, numberToHex } from '$lib/core/colour/code-number';
import { toLinear } from '$lib/core/colour/colour';
import { readColour } from '$lib/core/colour/read';
import { simulateDeficiency } from '$lib/core/vision/deficiency';
import { valueOnly } from '$lib/core/vision/value-only';
import { type Triple } from '$lib/core/colour/vector';
import { type Drawing, type SeenAs, type Shape } from './drawing';
import { type View } from './view-kinds';

export { PLAIN_VIEW, VIEWS, type View } from './view-kinds';

export const VIEW_WORDS: Readonly<Record<View['kind'], string>> = {
	colour: 'Seen in colour',
	value: 'Seen by value only',
	protan: 'Seen red-weak (protan)',
	deutan: 'Seen green-weak (deutan)',
	tritan: 'Seen blue-weak (tritan)'
};

/** Linear sRGB as it is seen in a view. */
export function seenLinear({ kind, severity }: View, linear: Triple): Triple {
	if (kind === 'colour') return linear;
	return kind === 'value' ? valueOnly(linear) : simulateDeficiency(linear, kind, severity);
}

const MOST_KNOWN = 4000;
const known = new Map<string, string>();

/** A code `#rrggbb` as it is seen in a view. */
export function seenHex(view: View, hex: string): string {
	const { kind, severity } = view;
	if (kind === 'colour') return hex;
	const key = `${kind} ${severity} ${hex}`;
	const found = known.get(key);
	if (found) return found;
	const seen = linearToHex(...seenLinear(view, toLinear(readColour(hex))));
	if (known.size >= MOST_KNOWN) known.clear();
	known.set(key, seen);
	return seen;
}

/** The pixels of a raster as they were last seen: the same ones come again with every other change. */
const rasters = new WeakMap<Uint32Array, { readonly key: string; readonly codes: Uint32Array }>();

function seenCodes(view: View, codes: Uint32Array): Uint32Array {
	const key = `${view.kind} ${view.severity}`;
	const before = rasters.get(codes);
	if (before?.key === key) return before.codes;
	const found = new Map<number, number>();
	const made = codes.map((code) => {
		const there = found.get(code);
		if (there !== undefined) return there;
		const [r, g, b] = seenLinear(view, toLinear(readColour(numberToHex(code))));
		const number = hexToNumber(linearToHex(r, g, b));
		found.set(code, number);
		return number;
	});
	rasters.set(codes, { key, codes: made });
	return made;
}

const seenPicture = (view: View, seen: SeenAs): SeenAs =>
	seen.as === 'itself' ? { ...seen, view } : { ...seen, shown: seen.shown.map((code) => seenHex(view, code)) };

function seenShape(view: View, shape: Shape): Shape {
	switch (shape.kind) {
		case 'rule':
			return shape;
		case 'row':
			return { ...shape, codes: shape.codes.map((code) => hexToNumber(seenHex(view, numberToHex(code)))) };
		case 'gradient':
			return { ...shape, stops: shape.stops.map(({ at, fill }) => ({ at, fill: seenHex(view, fill) })) };
		case 'raster':
			return { ...shape, codes: seenCodes(view, shape.codes) };
		case 'image':
			return { ...shape, seen: seenPicture(view, shape.seen) };
		case 'mosaic':
			return { ...shape, fills: shape.fills.map((fill) => seenHex(view, fill)) };
		default:
			return { ...shape, fill: seenHex(view, shape.fill) };
	}
}

/** A drawing as it is seen in a view; the very same one in colour. */
export function seenDrawing(view: View, drawing: Drawing): Drawing {
	if (view.kind === 'colour') return drawing;
	return {
		...drawing,
		paper: seenHex(view, drawing.paper),
		shapes: drawing.shapes.map((shape) => seenShape(view, shape))
	};
}
