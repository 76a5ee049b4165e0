import { type Strengths } from '$lib/core/ground/on-ground';

/** One strength, with a true minus sign. */
export const sayStrength = (strength: number): string => strength.toFixed(2).replace('-', '−');

/** "−0.30 on value, −0.08 on colour" */
export const sayStrengths = ({ value, colour }: Strengths): string =>
	`${sayStrength(value)} on value, ${sayStrength(colour)} on colour`;

/** Strengths as they are set by hand, in hundredths. */
export const inHundredths = ({ value, colour }: Strengths): Strengths => ({
	value: Math.round(value * 100) / 100,
	colour: Math.round(colour * 100) / 100
});
