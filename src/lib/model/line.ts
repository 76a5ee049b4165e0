import { z } from 'zod';

export const MOST_LETTERS = 120;

/** A line that somebody wrote: trimmed, at most 120 letters, and no control or broken characters, which no file could keep. */
export const lineSchema = z
	.string()
	.trim()
	.max(MOST_LETTERS)
	.regex(/^[^\p{Control}\p{Surrogate}]*$/u, 'a line without control characters');

/** Any text as a line that can be kept: control and broken characters left out, cut to so many letters and never inside of one. */
export const asLine = (text: string, most = MOST_LETTERS): string =>
	text
		.replace(/\p{Control}+/gu, ' ')
		.slice(0, most)
		.replace(/\p{Surrogate}/gu, '');
