import { toLinear } from '$lib/core/colour/colour';
import { linearToOklab } from '$lib/core/colour/oklab';
import { readColour } from '$lib/core/colour/read';
import { valueOf } from '$lib/core/colour/value-of';
import { coloursOfPlate } from '$lib/plates/draw-plate';
import { type HandIn } from './hand-in';

/** One colour of one hand-in: where it lies seen from above (OKLab a and b), and how light it is (L*). */
export interface ClassColour {
	readonly maker: string;
	/** What it is called on its plate. */
	readonly name: string;
	readonly hex: string;
	readonly a: number;
	readonly b: number;
	readonly value: number;
}

/** Which colour of each plate is compared: by its place in the list of its colours, from 0, or all (null). */
export type WhichColour = number | null;

/** The colours of one plate of every hand-in, hand-in by hand-in. */
export function classColours(
	handIns: readonly HandIn[],
	placeIn: (handIn: HandIn) => number,
	which: WhichColour
): ClassColour[] {
	return handIns.flatMap((handIn) => {
		const plate = handIn.study.plates[placeIn(handIn)];
		if (!plate) return [];
		const colours = coloursOfPlate(plate, handIn.study.linked);
		const compared = which === null ? colours : colours.slice(which, which + 1);
		return compared.map(({ name, hex }): ClassColour => {
			const linear = toLinear(readColour(hex));
			const [, a, b] = linearToOklab(...linear);
			return { maker: handIn.maker, name, hex, a, b, value: valueOf(linear) };
		});
	});
}
