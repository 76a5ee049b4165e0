import { drawPlate } from '$lib/plates/draw-plate';
import { type Drawing } from '$lib/drawing/drawing';
import { drawingToSvg, type PictureSource } from '$lib/drawing/svg';
import { takenAway } from '$lib/drawing/taken-away';
import { type Palette } from '$lib/model/palette';
import { firstPlateSchema } from '$lib/study/requests';
import { type Made } from '../apart/messages';
import { made } from '../apart/refusing';
import { byNearness } from '../palettes/nearness';
import { readStored } from '../stored';

/**
 * What is short and often asked for, in a thread of its own: a study's first plate as the list shows it, palettes by nearness. Both
 * read no more than one document; what can grow beyond that is done in a process (apart/work.ts).
 */

/** The first plate of a stored study as SVG, in colours only; null where it has no plate. */
export const thumbnail = (text: string): Promise<Made<string | null>> =>
	made(async () => {
		const stored: unknown = JSON.parse(text);
		const { plates, linked } = readStored(stored, firstPlateSchema).document;
		const [plate] = plates;
		if (!plate) return null;
		const drawing = takenAway(drawPlate(plate, linked, 'colours'));
		return drawingToSvg(drawing, undefined, await sourcesIn(drawing, LONGEST_SMALL));
	});

/** Pixels along the longer side of a picture that is seen small. */
const LONGEST_SMALL = 420;

/** The pictures of a drawing; what reads them is only loaded where there are some. */
async function sourcesIn(drawing: Drawing, longest: number): Promise<PictureSource | undefined> {
	if (!drawing.shapes.some(({ kind }) => kind === 'image')) return undefined;
	const { pictureSources } = await import('../images/sources');
	return pictureSources(drawing, longest);
}

/** Palettes by how near one of their colours is to a colour. */
export const nearest = ({ palettes, text }: { palettes: readonly Palette[]; text: string }): Promise<Made<Palette[]>> =>
	made(() => byNearness(palettes, text));
