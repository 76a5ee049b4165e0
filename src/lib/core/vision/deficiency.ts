import { type ReadonlyTriple, type Triple } from '../colour/vector';
import { MACHADO } from './machado';

/** Protan: the long-wave cones are missing or shifted; deutan: the middle-wave; tritan: the short-wave. */
export const DEFICIENCIES = ['protan', 'deutan', 'tritan'] as const;
export type Deficiency = (typeof DEFICIENCIES)[number];

const clip = (x: number): number => Math.min(1, Math.max(0, x));

/**
 * A colour (linear sRGB 0–1) as a person with a colour-vision deficiency would see it: Machado, Oliveira & Fernandes
 * (2009), applied in linear light, severity 0 (none) to 1 (no such cone), straight between the authors' tenths; clipped.
 */
export function simulateDeficiency([r, g, b]: ReadonlyTriple, deficiency: Deficiency, severity: number): Triple {
	const place = 10 * clip(severity);
	const tenth = Math.min(9, Math.floor(place));
	const share = place - tenth;
	const [low, high] = [MACHADO[deficiency][tenth]!, MACHADO[deficiency][tenth + 1]!];
	const row = (start: number): number => {
		const at = (i: number): number => low[start + i]! + (high[start + i]! - low[start + i]!) * share;
		return clip(at(0) * r + at(1) * g + at(2) * b);
	};
	return [row(0), row(3), row(6)];
}
