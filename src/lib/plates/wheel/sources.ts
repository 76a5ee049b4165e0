import { type MapSources } from '$lib/model/sources';
import { type WheelPlate } from './schema';

export const mapWheelSources: MapSources<WheelPlate> = (plate, change) => ({ ...plate, lead: change(plate.lead) });

export const sourcesOfWheel = ({ lead }: WheelPlate) => [lead];
