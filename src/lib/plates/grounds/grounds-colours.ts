import { type GroundsPlate } from './schema';
import { type MadeGrounds } from './grounds-of';

/** The colours that a plate of grounds is read by: what was set, or what it seems to become. */
export function coloursOfGrounds(plate: GroundsPlate, made: MadeGrounds): { name: string; hex: string }[] {
	const [first, second] = made.pair;
	const grounds = [
		{ name: 'First ground', hex: first.ground.hex },
		{ name: 'Second ground', hex: second.ground.hex }
	];
	switch (plate.exercise) {
		// What is judged or matched is not to be read.
		case 'judging':
		case 'own-contrast':
			return [];
		case 'rows':
			return plate.scale
				? (made.row[0]?.seen ?? []).map(({ figure }, i) => ({ name: `Step ${i + 1}`, hex: figure.hex }))
				: made.row.flatMap(({ seen }, i) =>
						seen.map(({ looks, shift }) => ({ name: `On ground ${i + 1}: ${shift.words}`, hex: looks.hex }))
					);
		case 'edges':
			return grounds;
		case 'after-image':
			return [grounds[0]!, { name: 'Figure', hex: first.figure.hex }];
		case 'two-as-one':
			return [
				...grounds,
				{ name: 'First figure', hex: first.figure.hex },
				{ name: 'Second figure', hex: second.figure.hex }
			];
		default:
			return [...grounds, { name: 'Figure', hex: first.figure.hex }];
	}
}
