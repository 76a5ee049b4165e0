import { type ReadonlyTriple, type Triple } from '../colour/vector';
import { Problem } from '../problem';

/** One colour of a mix (linear sRGB 0–1) and how much of it there is: any weights ≥ 0, not all 0. */
export interface Part {
	readonly linear: ReadonlyTriple;
	readonly weight: number;
}

/** A mixed colour in linear sRGB 0–1, and whether it was too bright for a screen and was clipped. */
export interface Mixed {
	readonly linear: Triple;
	readonly clipped: boolean;
}

/** The sum of the weights. @throws Problem `parts` where there is nothing to mix. */
export function totalOf(parts: readonly Part[]): number {
	let total = 0;
	for (const { weight } of parts) total += weight >= 0 ? weight : Number.NaN;
	if (!(total > 0) || !Number.isFinite(total))
		throw new Problem('parts', 'These parts cannot be mixed.', 'weights of 0 or more, at least one of them over 0');
	return total;
}

const channelwise = (channel: (i: 0 | 1 | 2) => number): Triple => [channel(0), channel(1), channel(2)];

/** Coloured lights shone on one place: their weighted sum, clipped where it is brighter than the screen's white. */
export function addLights(parts: readonly Part[]): Mixed {
	totalOf(parts);
	const sum = channelwise((i) => parts.reduce((light, { linear, weight }) => light + linear[i] * weight, 0));
	return { linear: channelwise((i) => Math.min(1, sum[i])), clipped: sum.some((channel) => channel > 1 + 1e-9) };
}

/** The weighted mean of light: lights that share one power, and small areas seen from far off (optical mix). */
export function meanOfLight(parts: readonly Part[]): Triple {
	const total = totalOf(parts);
	return channelwise((i) => parts.reduce((light, { linear, weight }) => light + linear[i] * weight, 0) / total);
}
