import { renderAsync } from '@resvg/resvg-js';
import sharp from 'sharp';
import { type Drawing } from '$lib/drawing/drawing';
import { drawingToSvg } from '$lib/drawing/svg';
import { pictureSources } from '../images/sources';
import { fontFiles } from './font-files';

/** What the shipped files call themselves inside (their name tables come from a variable font). */
const INNER_NAMES = { serif: 'Newsreader 16pt 16pt', sans: 'Archivo SemiBold' };

/** A drawing as PNG, `width` pixels wide, 8 bits a channel, with the sRGB profile inside so that its colours mean what they say. */
export async function drawingToPng(drawing: Drawing, width: number): Promise<Buffer> {
	const rendered = await renderAsync(drawingToSvg(drawing, INNER_NAMES, await pictureSources(drawing)), {
		fitTo: { mode: 'width', value: width },
		font: { loadSystemFonts: false, fontFiles: await fontFiles(), defaultFontFamily: INNER_NAMES.sans }
	});
	const raw = { width: rendered.width, height: rendered.height, channels: 4 as const };
	return sharp(rendered.pixels, { raw }).flatten({ background: drawing.paper }).withIccProfile('srgb').png().toBuffer();
}
