import { LRUCache } from 'lru-cache';
import { type Queries } from '../database/database';
import { thumbnail, type Asking } from '../drawing/drawing-room';
import { readRevision, readStudyText } from './repository';

/** Pictures that were drawn, by study and revision; so many letters of them are remembered. */
const drawn = new LRUCache<string, string>({ maxSize: 24_000_000, sizeCalculation: (svg) => svg.length + 100 });

/** The first plate of a study as SVG, in colours only, with the revision that it shows; null where there is no study or no plate. */
export async function pictureOf(
	database: Queries,
	id: string,
	asking: Asking
): Promise<{ svg: string; revision: number } | null> {
	const revision = await readRevision(database, id);
	if (revision === null) return null;
	const known = drawn.get(`${id} ${revision}`);
	if (known !== undefined) return { svg: known, revision };
	const stored = await readStudyText(database, id);
	if (!stored) return null;
	const svg = await thumbnail(stored.text, asking);
	if (svg === null) return null;
	drawn.set(`${id} ${stored.revision}`, svg);
	return { svg, revision: stored.revision };
}
