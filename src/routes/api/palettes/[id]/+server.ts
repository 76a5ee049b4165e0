import { json, type RequestHandler } from '@sveltejs/kit';
import { savePaletteSchema } from '$lib/model/palette';
import { answering, missingPalette, readBody, Refusal } from '$lib/server/answer';
import { database } from '$lib/server/app';
import { paletteId } from '$lib/server/ids';
import { deletePalette, readPalette, savePalette } from '$lib/server/palettes/repository';

export const GET: RequestHandler = ({ params }) =>
	answering(async () => {
		const palette = await readPalette(database(), paletteId(params.id!));
		if (!palette) throw missingPalette();
		return json(palette);
	});

export const PUT: RequestHandler = ({ params, request }) =>
	answering(async () => {
		const id = paletteId(params.id!);
		const { revision, palette } = await readBody(request, savePaletteSchema);
		const outcome = await savePalette(database(), id, revision, palette);
		if (outcome.kind === 'saved') return json(outcome.palette);
		if (outcome.kind === 'missing') throw missingPalette();
		throw new Refusal(
			409,
			'stale',
			'This palette was changed elsewhere.',
			'What it is now is shown; make the change again.'
		);
	});

export const DELETE: RequestHandler = ({ params }) =>
	answering(async () => {
		if (!(await deletePalette(database(), paletteId(params.id!)))) throw missingPalette();
		return new Response(null, { status: 204 });
	});
