import { json, type RequestHandler } from '@sveltejs/kit';
import { createPaletteSchema, paletteQuerySchema } from '$lib/model/palette';
import { answering, readBody } from '$lib/server/answer';
import { database } from '$lib/server/app';
import { createPalette, listPalettes } from '$lib/server/palettes/repository';

export const GET: RequestHandler = ({ url }) =>
	answering(async () =>
		json(await listPalettes(database(), paletteQuerySchema.parse(Object.fromEntries(url.searchParams))))
	);

export const POST: RequestHandler = ({ request }) =>
	answering(async () => {
		const { palette } = await readBody(request, createPaletteSchema);
		return json(await createPalette(database(), palette), { status: 201 });
	});
