import { linearToOklab } from '../colour/oklab';
import { type Triple } from '../colour/vector';
import { type Fitted } from '../colour/shown';
import { pointOnWay, type Way } from './way';

const SURVEY = 48;
const HALVINGS = 24;

const chromaSquared = ({ linear }: Fitted): number => {
	const [, a, b] = linearToOklab(...linear);
	return a * a + b * b;
};

/** The point of a way that is nearest to a neutral: of the least OKLab chroma; the start, where nothing is less. */
export function mostNeutralOn(way: Way): Triple {
	const chromaAt = (share: number): number => chromaSquared(pointOnWay(way, share));
	let best = 0;
	for (let i = 1; i <= SURVEY; i++) if (chromaAt(i / SURVEY) < chromaAt(best / SURVEY)) best = i;
	let low = Math.max(0, (best - 1) / SURVEY);
	let high = Math.min(1, (best + 1) / SURVEY);
	for (let i = 0; i < HALVINGS; i++) {
		const third = (high - low) / 3;
		if (chromaAt(low + third) <= chromaAt(high - third)) high -= third;
		else low += third;
	}
	return pointOnWay(way, (low + high) / 2).linear;
}
