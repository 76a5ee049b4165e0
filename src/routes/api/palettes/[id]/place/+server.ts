import { type RequestHandler } from '@sveltejs/kit';
import { placePaletteSchema } from '$lib/model/palette';
import { answering, missingPalette, readBody } from '$lib/server/answer';
import { database } from '$lib/server/app';
import { paletteId } from '$lib/server/ids';
import { placePalette } from '$lib/server/palettes/repository';

export const PUT: RequestHandler = ({ params, request }) =>
	answering(async () => {
		const id = paletteId(params.id!);
		const { before } = await readBody(request, placePaletteSchema);
		if (!(await placePalette(database(), id, before))) throw missingPalette();
		return new Response(null, { status: 204 });
	});
