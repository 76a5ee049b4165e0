import { LRUCache } from 'lru-cache';
import { type Queries } from '../database/database';
import { thumbnail, type Asking } from '../drawing/drawing-room';
import { readFirstPlateText } from './repository';

interface Picture {
	readonly svg: string;
	readonly revision: number;
}

/** Pictures that were drawn, by study; so many letters of them are remembered. */
const drawn = new LRUCache<string, Picture>({ maxSize: 24_000_000, sizeCalculation: ({ svg }) => svg.length + 100 });

/** The first plate of a study as SVG, in colours only, with the revision that it shows; null where there is no study or no plate. */
export async function pictureOf(database: Queries, id: string, asking: Asking): Promise<Picture | null> {
	const known = drawn.get(id);
	const stored = await readFirstPlateText(database, id, known?.revision);
	if (!stored) return null;
	if (stored.text === null) return known ?? null;
	const svg = await thumbnail(stored.text, asking);
	if (svg === null) return null;
	const picture = { svg, revision: stored.revision };
	drawn.set(id, picture);
	return picture;
}
