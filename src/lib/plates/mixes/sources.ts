import { type MapSources } from '$lib/model/sources';
import { type MixesCommon } from './common';

/** Over the parents that every exercise has. */
export const mapCommonSources = <P extends MixesCommon>(plate: P, change: Parameters<MapSources<P>>[1]): P => ({
	...plate,
	parents: plate.parents.map((parent) => ({ ...parent, colour: change(parent.colour) }))
});
