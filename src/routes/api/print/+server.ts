import { type RequestHandler } from '@sveltejs/kit';
import { drawPlate } from '$lib/drawing/draw-plate';
import { coloursOfExercise } from '$lib/drawing/exercise-colours';
import { printRequestSchema } from '$lib/model/print';
import { answering, readBody } from '$lib/server/answer';
import { pagesToPdf } from '$lib/server/print/pdf';

/** Plates as a PDF. They come with the request, so that what is on screen is what is printed, saved or not. */
export const POST: RequestHandler = ({ request }) =>
	answering(async () => {
		const { titleBlock, plates, linked, form, codes } = await readBody(request, printRequestSchema);
		const pages = plates.map((plate) => ({
			drawing: drawPlate(plate, linked, 'full'),
			codes: codes ? coloursOfExercise(plate, linked).map(({ name, hex }) => `${name} ${hex}`) : []
		}));
		const pdf = await pagesToPdf(pages, titleBlock, form);
		return new Response(new Uint8Array(pdf), { headers: { 'content-type': 'application/pdf' } });
	});
