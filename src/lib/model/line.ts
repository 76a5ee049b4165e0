import { z } from 'zod';

export const MOST_LETTERS = 120;

/** A line that somebody wrote: trimmed, at most 120 letters, and no control or broken characters, which no file could keep. */
export const lineSchema = z
	.string()
	.trim()
	.max(MOST_LETTERS)
	.regex(/^[^\p{Control}\p{Surrogate}]*$/u, 'a line without control characters');
