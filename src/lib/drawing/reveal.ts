import { isPaired, type GroundsPlate } from '$lib/model/grounds-plate';
import { type MixesPlate } from '$lib/model/mixes-plate';
import { type Plate } from '$lib/model/plate';

/** One state of a plate as it is shown to a room, with what is new in it. */
export interface Reveal {
	readonly plate: Plate;
	readonly says: string;
	/** Whether what an exercise of mixes comes to is still to be found out. */
	readonly asks?: boolean;
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

type Asked = Readonly<Record<MixesPlate['exercise'], string>>;
const QUESTIONS: Asked = {
	ways: 'the parents',
	middle: 'both parents',
	halving: 'halved once',
	overlap: 'do they seem transparent?',
	optical: 'the pattern',
	balance: 'the areas as they were set'
};
const ANSWERS: Asked = {
	ways: 'mixed six ways',
	middle: 'and their middle',
	halving: 'halved again and again, and by strokes',
	overlap: 'the verdicts',
	optical: 'and the mean of its light',
	balance: 'and in balance'
};

function ofGrounds(plate: GroundsPlate): Reveal[] {
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

function ofMixes(plate: MixesPlate): Reveal[] {
	// The middle hides by itself what is to be found.
	const hides = plate.exercise === 'middle';
	return [
		{ ...(hides ? { plate: { ...plate, revealed: false } } : { plate, asks: true }), says: QUESTIONS[plate.exercise] },
		{ plate: hides ? { ...plate, revealed: true } : plate, says: ANSWERS[plate.exercise] }
	];
}

/** The states in which a plate is shown to a room, one after the other: what is to be found out is hidden first. */
export function revealsOf(plate: Plate): Reveal[] {
	if (plate.kind === 'grounds') return ofGrounds(plate);
	return plate.kind === 'mixes' ? ofMixes(plate) : [{ plate, says: plate.title }];
}
