import { type GroundsPlate } from '$lib/model/grounds-plate';
import { type Plate } from '$lib/model/plate';

/** One state of a plate as it is shown to a room, with what is new in it. */
export interface Reveal {
	readonly plate: Plate;
	readonly says: string;
	/** After so many seconds the next state follows by itself. */
	readonly seconds?: number;
}

/** Nothing shown that is to be found out. */
const bared = (plate: GroundsPlate): GroundsPlate => ({
	...plate,
	predicted: false,
	strip: false,
	cover: false,
	solved: false
});

function ofPair(plate: GroundsPlate): Reveal[] {
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

/** The states in which a plate is shown to a room, one after the other: what is to be found out is hidden first. */
export function revealsOf(plate: Plate): Reveal[] {
	if (plate.kind === 'grounds' && ['one-as-two', 'two-as-one', 'like-ground'].includes(plate.exercise))
		return ofPair(plate);
	if (plate.kind === 'grounds' && plate.exercise === 'after-image')
		return [
			{ plate: bared(plate), says: 'look at the cross', seconds: LOOK },
			{ plate: { ...bared(plate), cover: true }, says: 'the neutral field' },
			{ plate: { ...bared(plate), cover: true, predicted: true }, says: 'the after-image, by the model' }
		];
	if (plate.kind === 'mixes' && plate.exercise === 'middle')
		return [
			{ plate: { ...plate, revealed: false }, says: 'both parents' },
			{ plate: { ...plate, revealed: true }, says: 'and their middle' }
		];
	return [{ plate, says: plate.title }];
}
