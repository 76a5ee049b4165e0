import { z } from 'zod';
import { keepHere, readHere } from './kept-here';

const NAME = 'ricercar hints done';
const schema = z.array(z.string().max(40)).max(50);

/** The hints that somebody at this browser has no more need of. */
export const hintsDone = (): readonly string[] => readHere(NAME, schema) ?? [];

/** Remembers that a hint has done its work. */
export const keepHintDone = (hint: string): boolean => keepHere(NAME, [...new Set([...hintsDone(), hint])]);
