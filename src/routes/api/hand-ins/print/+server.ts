import { type RequestHandler } from '@sveltejs/kit';
import { printHandedSchema } from '$lib/study/handed/requests';
import { answering, readBody } from '$lib/server/answer';
import { database } from '$lib/server/app';
import { askedBy } from '$lib/server/asked-by';
import { printHanded } from '$lib/server/drawing/drawing-room';
import { filesToPrint } from '$lib/server/handed/repository';

/** Hand-ins that are kept here as a PDF: a portfolio, or one plate of each as a wall. */
export const POST: RequestHandler = (event) =>
	answering(async () => {
		const request = await readBody(event.request, printHandedSchema);
		const files = await filesToPrint(database(), request.ids);
		const pdf = await askedBy(event, (asking) => printHanded({ request, files }, asking));
		return new Response(pdf, { headers: { 'content-type': 'application/pdf' } });
	});
