import { type RequestHandler } from '@sveltejs/kit';
import { drawPlate } from '$lib/drawing/draw-plate';
import { pictureRequestSchema } from '$lib/model/requests';
import { answering, readBody } from '$lib/server/answer';
import { drawingToPng } from '$lib/server/picture/png';

/** A plate as PNG. It comes with the request, so that what is on screen is what is drawn, saved or not. */
export const POST: RequestHandler = ({ request }) =>
	answering(async () => {
		const { plate, linked, width } = await readBody(request, pictureRequestSchema);
		const png = await drawingToPng(drawPlate(plate, linked, 'full'), width);
		return new Response(new Uint8Array(png), { headers: { 'content-type': 'image/png' } });
	});
