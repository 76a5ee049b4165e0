import { readColour } from '$lib/core/colour/read';
import { fit } from '$lib/core/colour/shown';
import { type Triple } from '$lib/core/colour/vector';
import { nearestIn, readied } from '$lib/core/scheme/nearest';
import { nearTexts, type PaletteColour, type PaletteContent } from '$lib/model/palette';

/** How near a palette comes to some colours. */
export interface Nearness {
	/** ΔE00 from each to the nearest colour of the palette, in the mean. */
	readonly distance: number;
	/** The nearest to the first of them. */
	readonly nearest: PaletteColour;
}

const linearOf = (text: string): Triple => fit(readColour(text)).linear;

/** How near the colours of a palette come to one colour, or to some; null where one of the two has none. */
export function nearnessOf({ colours }: Pick<PaletteContent, 'colours'>, near: string): Nearness | null {
	const palette = readied(colours.map(({ text }) => linearOf(text)));
	const found = nearTexts(near).map((text) => nearestIn(palette, linearOf(text)));
	const [first] = found;
	if (!first) return null;
	const sum = found.reduce((all, each) => all + each!.distance, 0);
	return { distance: sum / found.length, nearest: colours[first.index]! };
}
