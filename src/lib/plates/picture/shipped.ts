import { type PictureRef } from '$lib/model/picture';
import { type Start } from './start';
import { cloth } from './shipped/cloth';
import { garden } from './shipped/garden';
import { market } from './shipped/market';
import { marsh } from './shipped/marsh';
import { yarn } from './shipped/yarn';

/** A picture that ships: made by a script of ours (scripts/shipped), and given with the rest under the same licence. */
export interface Shipped {
	readonly picture: PictureRef;
	readonly says: string;
	readonly start: Start;
}

const size = { width: 1440, height: 960 } as const;

export const SHIPPED: readonly Shipped[] = [
	{
		picture: { id: 'shippedcloth', name: 'Cloth in the dye house', ...size },
		says: 'Lengths over a pole, the last sun through a door.',
		start: cloth
	},
	{
		picture: { id: 'shippedmarsh', name: 'The saltmarsh at dusk', ...size },
		says: 'A sky that goes out, and its light in the creeks.',
		start: marsh
	},
	{
		picture: { id: 'shippedyarn', name: 'Yarn on the table', ...size },
		says: 'Balls and skeins in the light of a window.',
		start: yarn
	},
	{
		picture: { id: 'shippedgarden', name: 'The dye garden in flower', ...size },
		says: 'Beds in the morning sun, some in shade.',
		start: garden
	},
	{
		picture: { id: 'shippedmarket', name: 'A stall at the market', ...size },
		says: 'Blankets and baskets under an awning at noon.',
		start: market
	}
];
