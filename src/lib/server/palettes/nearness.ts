import { type Palette } from '$lib/model/palette';
import { nearnessOf } from '$lib/study/nearness';

/** Palettes sorted by how near their colours come to a colour, or to some in the mean; those without colours last. */
export function byNearness(palettes: readonly Palette[], near: string): Palette[] {
	const distances = new Map(palettes.map((palette) => [palette.id, nearnessOf(palette, near)?.distance ?? Infinity]));
	return [...palettes].sort((one, other) => distances.get(one.id)! - distances.get(other.id)!);
}
