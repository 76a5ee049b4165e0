import { valueOf } from '../colour/value-of';
import { linearToOklab } from '../colour/oklab';
import { valueToLuminance } from '../colour/lab';
import { type Triple } from '../colour/vector';
import { type Fitted } from '../colour/shown';
import { pointOnPassage, type Passage } from './passage';

const SURVEY = 48;
const HALVINGS = 24;

const chromaSquared = ({ linear }: Fitted): number => {
	const [, a, b] = linearToOklab(...linear);
	return a * a + b * b;
};

/** The point of a passage that is nearest to a neutral: of the least OKLab chroma; the start, where nothing is less. */
export function mostNeutralOn(passage: Passage): Triple {
	const chromaAt = (share: number): number => chromaSquared(pointOnPassage(passage, share));
	let best = 0;
	for (let i = 1; i <= SURVEY; i++) if (chromaAt(i / SURVEY) < chromaAt(best / SURVEY)) best = i;
	let low = Math.max(0, (best - 1) / SURVEY);
	let high = Math.min(1, (best + 1) / SURVEY);
	for (let i = 0; i < HALVINGS; i++) {
		const third = (high - low) / 3;
		if (chromaAt(low + third) <= chromaAt(high - third)) high -= third;
		else low += third;
	}
	return pointOnPassage(passage, (low + high) / 2).linear;
}

/** The neutral half way between two colours (linear sRGB): the grey of their mean L*. */
export function neutralBetween(one: Triple, other: Triple): Triple {
	const value = (valueOf(one) + valueOf(other)) / 2;
	const y = valueToLuminance(value);
	return [y, y, y];
}
