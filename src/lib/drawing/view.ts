import { linearToHex } from '$lib/core/colour/bytes';
import { hexToNumber, numberToHex } from '$lib/core/colour/code-number';
import { toLinear } from '$lib/core/colour/colour';
import { readColour } from '$lib/core/colour/read';
import { simulateDeficiency, type Deficiency } from '$lib/core/vision/deficiency';
import { valueOnly } from '$lib/core/vision/value-only';
import { type Drawing, type Shape } from './drawing';

/** How a study is looked at: it changes what is seen, never what is stored or taken away. */
export const VIEWS = ['colour', 'value', 'protan', 'deutan', 'tritan'] as const satisfies readonly (
	'colour' | 'value' | Deficiency
)[];

export interface View {
	readonly kind: (typeof VIEWS)[number];
	/** How strong a deficiency is, 0–1. */
	readonly severity: number;
}

export const PLAIN_VIEW: View = { kind: 'colour', severity: 1 };

export const VIEW_WORDS: Readonly<Record<View['kind'], string>> = {
	colour: 'Seen in colour',
	value: 'Seen by value only',
	protan: 'Seen red-weak (protan)',
	deutan: 'Seen green-weak (deutan)',
	tritan: 'Seen blue-weak (tritan)'
};

const MOST_KNOWN = 4000;
const known = new Map<string, string>();

/** A code `#rrggbb` as it is seen in a view. */
export function seenHex({ kind, severity }: View, hex: string): string {
	if (kind === 'colour') return hex;
	const key = `${kind} ${severity} ${hex}`;
	const found = known.get(key);
	if (found) return found;
	const linear = toLinear(readColour(hex));
	const [r, g, b] = kind === 'value' ? valueOnly(linear) : simulateDeficiency(linear, kind, severity);
	const seen = linearToHex(r, g, b);
	if (known.size >= MOST_KNOWN) known.clear();
	known.set(key, seen);
	return seen;
}

function seenShape(view: View, shape: Shape): Shape {
	switch (shape.kind) {
		case 'rule':
			return shape;
		case 'row':
			return { ...shape, codes: shape.codes.map((code) => hexToNumber(seenHex(view, numberToHex(code)))) };
		case 'gradient':
			return { ...shape, stops: shape.stops.map(({ at, fill }) => ({ at, fill: seenHex(view, fill) })) };
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
