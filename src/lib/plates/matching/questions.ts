import { type LitRegion } from '$lib/core/matching/lit-shares';
import { PLAIN_QUESTIONS, QUESTIONS } from './exercises/lit-form/lit-words';

/** What to ask of a region in place of numbers; of anything but a lit form the same questions. */
export const questionsOf = (
	lit: LitRegion | null
): { readonly value: string; readonly chroma: string; readonly hue: string } =>
	lit ? QUESTIONS[lit] : PLAIN_QUESTIONS;
