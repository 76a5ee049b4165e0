import { z } from 'zod';
import { idSchema } from '$lib/model/ids';
import { keepHere, readHere } from './kept-here';

const NAME = 'ricercar left off';
/** So many studies are remembered, those left last. */
const MOST = 50;
const schema = z.array(z.tuple([idSchema, idSchema])).max(MOST);

const remembered = (): z.infer<typeof schema> => readHere(NAME, schema) ?? [];

/** The plate at which this browser left a study; null where it does not know. */
export const plateLeft = (study: string): string | null => remembered().find(([id]) => id === study)?.[1] ?? null;

/** Remembers at which plate a study stands. */
export function leaveAt(study: string, plate: string): void {
	const others = remembered().filter(([id]) => id !== study);
	keepHere(NAME, [[study, plate], ...others].slice(0, MOST));
}
