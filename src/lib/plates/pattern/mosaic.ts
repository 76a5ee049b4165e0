import { type Of } from '$lib/drawing/drawing';
import { type Box } from '$lib/drawing/box';
import { type Field } from './field';

type Content = readonly (number | null)[];

/** Cells of one colour as one path, and under it their borders towards each other and towards what is painted later. */
interface Grouped {
	readonly colours: readonly number[];
	readonly paths: readonly string[];
	readonly seams: readonly string[];
}

const known = new WeakMap<Content, readonly { readonly field: Field; readonly grouped: Grouped }[]>();
const MOST_KNOWN = 8;

function grouped(field: Field, content: Content): Grouped {
	const found = known.get(content)?.find((each) => each.field === field);
	if (found) return found.grouped;
	const { grid, paths, corners } = field;
	const ofColour = new Map<number, { path: string[]; seam: string[] }>();
	const partOf = (colour: number) => {
		const there = ofColour.get(colour);
		if (there) return there;
		const made = { path: [], seam: [] };
		ofColour.set(colour, made);
		return made;
	};
	for (let cell = 0; cell < content.length; cell++) {
		const colour = content[cell] ?? null;
		if (colour === null) continue;
		const part = partOf(colour);
		part.path.push(paths[cell]!);
		for (const { from, to, other } of grid.sides[cell]!) {
			const beside = other === null ? null : (content[other] ?? null);
			if (beside === null || beside < colour || (beside === colour && other! < cell)) continue;
			part.seam.push(`M${corners[from]!}L${corners[to]!}`);
		}
	}
	const parts = [...ofColour].sort(([one], [other]) => one - other);
	const made = {
		colours: parts.map(([colour]) => colour),
		paths: parts.map(([, { path }]) => path.join('')),
		seams: parts.map(([, { seam }]) => seam.join(''))
	};
	known.set(content, [{ field, grouped: made }, ...(known.get(content) ?? []).slice(0, MOST_KNOWN - 1)]);
	return made;
}

/** A design as one shape, each colour by its number in `codes`, `#rrggbb`. */
export function mosaicOf(
	field: Field,
	content: Content,
	codes: readonly string[],
	box: Box,
	taken: 'joined' | 'cells'
): Of<'mosaic'>[] {
	const { colours, paths, seams } = grouped(field, content);
	if (colours.length === 0) return [];
	return [{ kind: 'mosaic', ...box, paths, fills: colours.map((colour) => codes[colour]!), seams, taken }];
}
