import { type RequestHandler } from '@sveltejs/kit';
import { printHandedSchema } from '$lib/study/handed/requests';
import { answering, readBody } from '$lib/server/answer';
import { database } from '$lib/server/app';
import { askedBy } from '$lib/server/asked-by';
import { printHanded } from '$lib/server/drawing/drawing-room';
import { readHandInFile, toPrint } from '$lib/server/handed/repository';

/** Hand-ins that are kept here as a PDF: a portfolio, or one plate of each as a wall. Each is read when it is its turn. */
export const POST: RequestHandler = (event) =>
	answering(async () => {
		const request = await readBody(event.request, printHandedSchema);
		const found = await toPrint(database(), request.ids);
		const handed = { request, given: found.map(({ given }) => given) };
		const give = (number: number) => readHandInFile(database(), found[number]!.id);
		return askedBy(event, (asking) => printHanded(handed, give, asking));
	});
