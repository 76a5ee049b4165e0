import { z } from 'zod';
import { KINDS, type Kind } from './kinds';

/** A plate of any kind that there is. */
export type Plate = { [K in Kind]: z.infer<(typeof KINDS)[K]['schema']> }[Kind];

const [first, ...rest] = Object.values(KINDS).map(({ schema }) => schema);

/** A plate; its kind says what is on it. */
export const plateSchema = z.discriminatedUnion('kind', [first!, ...rest]) as unknown as z.ZodType<Plate>;
