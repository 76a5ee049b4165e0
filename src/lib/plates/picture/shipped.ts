import { type PictureRef } from '$lib/model/picture';
import { type PicturePlate } from './schema';
import cloth from './shipped/cloth.json';
import garden from './shipped/garden.json';
import market from './shipped/market.json';
import marsh from './shipped/marsh.json';
import yarn from './shipped/yarn.json';

/** What was taken from a picture that ships, before it was shipped; reckoned from the file (shipped.test.ts). */
export interface Start {
	readonly places: readonly { readonly x: number; readonly y: number; readonly text: string }[];
	readonly known: NonNullable<PicturePlate['known']>;
	readonly measured: NonNullable<PicturePlate['measured']>;
	/** Along the line across the middle. */
	readonly line: string[];
}

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
		start: cloth as unknown as Start
	},
	{
		picture: { id: 'shippedmarsh', name: 'The saltmarsh at dusk', ...size },
		says: 'A sky that goes out, and its light in the creeks.',
		start: marsh as unknown as Start
	},
	{
		picture: { id: 'shippedyarn', name: 'Yarn on the table', ...size },
		says: 'Balls and skeins in the light of a window.',
		start: yarn as unknown as Start
	},
	{
		picture: { id: 'shippedgarden', name: 'The dye garden in flower', ...size },
		says: 'Beds in the morning sun, some in shade.',
		start: garden as unknown as Start
	},
	{
		picture: { id: 'shippedmarket', name: 'A stall at the market', ...size },
		says: 'Blankets and baskets under an awning at noon.',
		start: market as unknown as Start
	}
];
