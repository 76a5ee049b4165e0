import { WAY_WORDS, WAYS } from '$lib/core/mix/ways';
import { type MixesPlate } from './schema';
import { type LinkedColour } from '$lib/model/linked';
import { parentName } from './mix-shapes';
import { mixesOf } from './mixes-of';
import { type Patch } from '$lib/drawing/patch';

/** The parents, and what the exercise makes of them, as files and palettes name them. */
export function coloursOfMixes(plate: MixesPlate, linked: readonly LinkedColour[]): { name: string; hex: string }[] {
	const made = mixesOf(plate, linked);
	const parents = made.parents.map(({ hex }, i) => ({ name: parentName(plate, i, linked), hex }));
	const row = (patches: readonly Patch[], name: (i: number) => string) =>
		patches.map(({ hex }, i) => ({ name: name(i), hex }));
	switch (plate.exercise) {
		case 'ways':
			return [...parents, ...WAYS.map((way) => ({ name: WAY_WORDS[way].name, hex: made.ways()[way].hex }))];
		case 'middle':
			return [...parents, { name: 'Middle', hex: made.middle().hex }];
		case 'halving':
			return [
				...row(made.halving().at(-1)!, (i) => `Step ${i + 1}`),
				...row(made.strokes().row, (i) => (i === 0 ? 'Bare ground' : `Stroke ${i}`))
			];
		case 'overlap':
			return [...parents, ...row(made.crossings(), (i) => `Crossing ${i + 1}`)];
		case 'balance':
			return parents;
		case 'optical':
			return [...parents, { name: 'Mean of light', hex: made.mean().hex }];
	}
}
