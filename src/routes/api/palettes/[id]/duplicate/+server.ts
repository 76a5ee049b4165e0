import { json, type RequestHandler } from '@sveltejs/kit';
import { answering, missingPalette } from '$lib/server/answer';
import { database } from '$lib/server/app';
import { paletteId } from '$lib/server/ids';
import { duplicatePalette } from '$lib/server/palettes/repository';

export const POST: RequestHandler = ({ params }) =>
	answering(async () => {
		const copy = await duplicatePalette(database(), paletteId(params.id!));
		if (!copy) throw missingPalette();
		return json(copy, { status: 201 });
	});
