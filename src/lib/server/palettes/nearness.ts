import { readColour } from '$lib/core/colour/read';
import { fit } from '$lib/core/colour/shown';
import { nearestOf } from '$lib/core/scheme/nearest';
import { type Palette } from '$lib/model/palette';

/** Palettes sorted by how near one of their colours is to a colour; those without colours last. */
export function byNearness(palettes: readonly Palette[], text: string): Palette[] {
	const linear = (colour: string) => fit(readColour(colour)).linear;
	const target = linear(text);
	const distances = new Map(
		palettes.map((palette) => {
			const nearest = nearestOf(
				palette.colours.map((colour) => linear(colour.text)),
				target
			);
			return [palette.id, nearest?.distance ?? Infinity];
		})
	);
	return [...palettes].sort((one, other) => distances.get(one.id)! - distances.get(other.id)!);
}
