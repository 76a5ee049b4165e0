import { type RequestHandler } from '@sveltejs/kit';
import { drawPlate } from '$lib/drawing/draw-plate';
import { printRequestSchema } from '$lib/model/print';
import { answering, readBody } from '$lib/server/answer';
import { drawingsToPdf } from '$lib/server/print/pdf';

/** Plates as a PDF. They come with the request, so that what is on screen is what is printed, saved or not. */
export const POST: RequestHandler = ({ request }) =>
	answering(async () => {
		const { titleBlock, plates, linked, form } = await readBody(request, printRequestSchema);
		const drawings = plates.map((plate) => drawPlate(plate, linked, 'full'));
		const pdf = await drawingsToPdf(drawings, titleBlock, form);
		return new Response(new Uint8Array(pdf), { headers: { 'content-type': 'application/pdf' } });
	});
