import { makeScale } from '$lib/core/scale/scale';
import { patchOf, type Patch } from '$lib/drawing/patch';

/** Both colours with so many even steps between them. */
export function stepsBetween(one: Patch, other: Patch, between: number): Patch[] {
	const colour = ({ linear }: Patch) => ({ space: 'srgb-linear', channels: linear, alpha: 1 }) as const;
	const parents = [colour(one), colour(other)];
	const { steps } = makeScale({ recipe: 'interval', parents, between, method: 'oklab', spacing: 'differences' });
	return steps.map(({ linear }) => patchOf(linear));
}
