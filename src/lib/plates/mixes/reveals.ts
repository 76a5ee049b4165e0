import { type Reveal } from '../kind';
import { type MixesPlate } from './schema';

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

/** The question first, then what it comes to. */
export function revealsOfMixes(plate: MixesPlate): Reveal<MixesPlate>[] {
	// The middle hides by itself what is to be found.
	const hides = plate.exercise === 'middle';
	return [
		{ ...(hides ? { plate: { ...plate, revealed: false } } : { plate, asks: true }), says: QUESTIONS[plate.exercise] },
		{ plate: hides ? { ...plate, revealed: true } : plate, says: ANSWERS[plate.exercise] }
	];
}
