import { z } from 'zod';
import { readSealed, readUnsealed, writeSealed, type OurFormat, type Sealed } from '../our-file';
import { handInSchema, type HandIn } from './hand-in';

const before = z.looseObject({ asked: z.array(z.looseObject({})) });
function withoutFigures(content: unknown): unknown {
	const { data } = before.safeParse(content);
	return data ? { ...data, asked: data.asked.map((each) => ({ ...each, figure: null })) } : content;
}

/** A hand-in as a file, `….handin.json`. */
export const HAND_IN_FORMAT: OurFormat<'handIn', HandIn> = {
	format: 'ricercar hand-in',
	version: 2,
	field: 'handIn',
	schema: handInSchema,
	expected: 'a hand-in as it was handed in',
	// The first version kept what was measured only in the reason.
	bringOver: { 1: withoutFigures }
};

export const writeHandIn = (handIn: HandIn): string => writeSealed(HAND_IN_FORMAT, handIn);

/** Without looking whether it is as it was written, which takes as long as reading it. @throws Problem `file` */
export const readHandInOnly = (text: string): HandIn => readUnsealed(text, HAND_IN_FORMAT);

/** @throws Problem `file` */
export const readHandIn = (text: string): Sealed<HandIn> => readSealed(text, HAND_IN_FORMAT);
