import { wrap, type Remote } from 'comlink';
import { type ReadonlyTriple } from '$lib/core/colour/vector';
import { type NearestMixture } from '$lib/core/mix/nearest-mixture';
import { type MixtureWork } from '$lib/workers/mixtures';

let work: Remote<MixtureWork> | null = null;

/** The mixture of paints that comes nearest to a colour, looked for in a thread of its own. Colours in linear sRGB. */
export function nearestMixtureApart(
	target: ReadonlyTriple,
	paints: readonly ReadonlyTriple[]
): Promise<NearestMixture> {
	work ??= wrap<MixtureWork>(new Worker(new URL('../workers/mixtures.ts', import.meta.url), { type: 'module' }));
	return work.nearest([...target] as unknown as ReadonlyTriple, [...paints]);
}
