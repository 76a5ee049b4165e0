import { json, type RequestHandler } from '@sveltejs/kit';
import { createPaletteSchema, paletteQuerySchema } from '$lib/model/palette';
import { answering, readBody, readQuery } from '$lib/server/answer';
import { database } from '$lib/server/app';
import { clientOf } from '$lib/server/client-of';
import { nearest } from '$lib/server/drawing/drawing-room';
import { createPalette, listPalettes, type SortByNearness } from '$lib/server/palettes/repository';

export const GET: RequestHandler = (event) =>
	answering(async () => {
		const sort: SortByNearness = (palettes, text) => nearest(palettes, text, { client: clientOf(event) });
		return json(await listPalettes(database(), readQuery(event.url, paletteQuerySchema), sort));
	});

export const POST: RequestHandler = ({ request }) =>
	answering(async () => {
		const { palette } = await readBody(request, createPaletteSchema);
		return json(await createPalette(database(), palette), { status: 201 });
	});
