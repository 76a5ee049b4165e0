import { z } from 'zod';

/** So many studies or palettes are listed at once; "Show more", or coming to the end, asks for the next helping. */
export const HELPING = 48;

/** Revisions are counted by the database in 32 bits. */
export const revisionSchema = z.int().min(1).max(2_147_483_647);

/** Words to search for. No text in the database holds control characters. */
export const wordsSchema = z
	.string()
	.trim()
	.max(120)
	.regex(/^[^\p{Control}\p{Surrogate}]*$/u, 'words without control characters');
