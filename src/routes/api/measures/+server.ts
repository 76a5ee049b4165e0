import { json, type RequestHandler } from '@sveltejs/kit';
import { createMeasureSchema } from '$lib/model/own-contrast';
import { answering, readBody } from '$lib/server/answer';
import { database } from '$lib/server/app';
import { createMeasure, listMeasures } from '$lib/server/measures/repository';

export const GET: RequestHandler = () => answering(async () => json({ measures: await listMeasures(database()) }));

export const POST: RequestHandler = ({ request }) =>
	answering(async () => {
		const { matches } = await readBody(request, createMeasureSchema);
		return json(await createMeasure(database(), matches), { status: 201 });
	});
