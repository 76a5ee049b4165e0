import { expose } from 'comlink';
import { type ReadonlyTriple } from '$lib/core/colour/vector';
import { nearestMixture, type NearestMixture } from '$lib/core/mix/nearest-mixture';

/** Mixtures that are searched for apart from the page. */
export class MixtureWork {
	nearest(target: ReadonlyTriple, paints: readonly ReadonlyTriple[]): NearestMixture {
		return nearestMixture(target, paints);
	}
}

expose(new MixtureWork());
