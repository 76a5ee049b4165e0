import { type z } from 'zod';
import { titleBlockSchema, type TitleBlock } from '$lib/study/parts';
import { keepHere, readHere } from './kept-here';

/** What of a title block is the maker's own from study to study. */
const ownSchema = titleBlockSchema.pick({ maker: true, course: true, unit: true });
type Own = z.infer<typeof ownSchema>;

const NAME = 'ricercar title block';

/** What this browser remembers of the last title block; empty where it remembers nothing. */
export const ownDefaults = (): Own => readHere(NAME, ownSchema) ?? { maker: '', course: '', unit: '' };

/** Remembers who makes what for which course, for the next study. */
export const keepDefaults = ({ maker, course, unit }: TitleBlock): boolean => keepHere(NAME, { maker, course, unit });
