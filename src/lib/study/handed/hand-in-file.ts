import { readSealed, writeSealed, type OurFormat, type Sealed } from '../our-file';
import { handInSchema, type HandIn } from './hand-in';

/** A hand-in as a file, `….handin.json`. */
export const HAND_IN_FORMAT: OurFormat<'handIn', HandIn> = {
	format: 'ricercar hand-in',
	version: 1,
	field: 'handIn',
	schema: handInSchema,
	expected: 'a hand-in as it was handed in'
};

export const writeHandIn = (handIn: HandIn): string => writeSealed(HAND_IN_FORMAT, handIn);

/** @throws Problem `file` */
export const readHandIn = (text: string): Sealed<HandIn> => readSealed(text, HAND_IN_FORMAT);
