import { type Reveal } from '../kind';
import { isPaired, type GroundsPlate } from './schema';

/** Nothing shown that is to be found out. */
const bared = (plate: GroundsPlate): GroundsPlate => ({
	...plate,
	predicted: false,
	strip: false,
	cover: false,
	solved: false
});

function ofPair(plate: GroundsPlate): Reveal<GroundsPlate>[] {
	const bare = bared(plate);
	const solvable = plate.exercise !== 'one-as-two';
	const proof = { ...bare, strip: plate.exercise !== 'two-as-one' };
	return [
		{ plate: bare, says: 'figures on their grounds' },
		...(proof.strip ? [{ plate: proof, says: 'with the proof strip' }] : []),
		{ plate: { ...bare, cover: true }, says: 'the grounds covered' },
		{ plate: { ...bare, predicted: true }, says: 'what each figure looks like, by the model' },
		...(solvable ? [{ plate: { ...bare, predicted: true, solved: true }, says: 'with the solution' }] : [])
	];
}

/** How long a colour is looked at before its after-image, in seconds (common practice, no source). */
const LOOK = 20;

/** What is to be found out is hidden first. */
export function revealsOfGrounds(plate: GroundsPlate): Reveal<GroundsPlate>[] {
	if (isPaired(plate.exercise)) return ofPair(plate);
	const bare = bared(plate);
	switch (plate.exercise) {
		case 'after-image':
			return [
				{ plate: bare, says: 'look at the cross', seconds: LOOK },
				{ plate: { ...bare, cover: true }, says: 'the neutral field' },
				{ plate: { ...bare, cover: true, predicted: true }, says: 'the after-image, by the model' }
			];
		case 'rows':
			return [
				{ plate: bare, says: 'on every ground' },
				{ plate: { ...plate, predicted: true }, says: 'what they seem to become, by the model' }
			];
		case 'edges':
			return [
				{ plate: bare, says: 'the border' },
				{ plate: { ...plate, predicted: true }, says: 'with its measure' }
			];
		case 'assimilation':
			return [
				{ plate: bare, says: 'is it one colour between the lines?' },
				{ plate: { ...bare, strip: true }, says: 'with the proof strip' }
			];
		default:
			return [{ plate, says: plate.title }];
	}
}
