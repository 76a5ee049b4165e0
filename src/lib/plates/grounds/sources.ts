import { type ColourSource } from '$lib/model/colour-text';
import { type MapSources } from '$lib/model/sources';
import { type GroundsCommon } from './common';

type Two = [ColourSource, ColourSource];

/** Over the grounds and figures that every exercise has. */
export function mapCommonSources<P extends GroundsCommon>(plate: P, change: Parameters<MapSources<P>>[1]): P {
	const both = ([one, other]: Two): Two => [change(one), change(other)];
	return { ...plate, grounds: both(plate.grounds), figures: both(plate.figures) };
}
