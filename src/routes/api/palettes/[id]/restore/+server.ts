import { type RequestHandler } from '@sveltejs/kit';
import { answering, missingPalette } from '$lib/server/answer';
import { database } from '$lib/server/app';
import { paletteId } from '$lib/server/ids';
import { restorePalette } from '$lib/server/palettes/repository';

export const POST: RequestHandler = ({ params }) =>
	answering(async () => {
		if (!(await restorePalette(database(), paletteId(params.id!)))) throw missingPalette();
		return new Response(null, { status: 204 });
	});
