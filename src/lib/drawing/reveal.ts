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

/** The states in which a plate is shown to a room, one after the other: what is to be found out is hidden first. */
export function revealsOf(plate: Plate): Reveal[] {
	if (plate.kind === 'grounds' && isPaired(plate.exercise)) return ofPair(plate);
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
	if (plate.kind === 'grounds' && (plate.exercise === 'rows' || plate.exercise === 'edges'))
		return [
			{ plate: bared(plate), says: plate.exercise === 'rows' ? 'on every ground' : 'the border' },
			{
				plate: { ...plate, predicted: true },
				says: plate.exercise === 'rows' ? 'what they seem to become, by the model' : 'with its measure'
			}
		];
	if (plate.kind === 'grounds' && plate.exercise === 'assimilation')
		return [
			{ plate: bared(plate), says: 'is it one colour between the lines?' },
			{ plate: { ...bared(plate), strip: true }, says: 'with the proof strip' }
		];
	if (plate.kind === 'mixes')
		return [
			{ plate, asks: true, says: QUESTIONS[plate.exercise] },
			{ plate, says: ANSWERS[plate.exercise] }
		];
	return [{ plate, says: plate.title }];
}
