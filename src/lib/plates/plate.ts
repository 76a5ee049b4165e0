import { z } from 'zod';
import { kindNamed, KINDS, type Kind } from './kinds';

/** A plate of any kind that there is. */
export type Plate = { [K in Kind]: z.infer<(typeof KINDS)[K]['schema']> }[Kind];

const [first, ...rest] = Object.values(KINDS).map(({ schema }) => schema);
const todaysSchema = z.discriminatedUnion('kind', [first!, ...rest]);

/** A stored plate in today's shape, whichever version has stored it; what is none stays as it is, to be refused. */
function broughtOver(stored: unknown): unknown {
	if (typeof stored !== 'object' || stored === null || !('kind' in stored) || typeof stored.kind !== 'string')
		return stored;
	const kind = Object.hasOwn(KINDS, stored.kind) ? kindNamed(stored.kind) : null;
	return kind?.bringOver?.(stored as Readonly<Record<string, unknown>>) ?? stored;
}

/** A plate; its kind says what is on it. */
export const plateSchema = z.preprocess(broughtOver, todaysSchema) as unknown as z.ZodType<Plate>;
