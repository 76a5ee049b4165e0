import { json, type RequestHandler } from '@sveltejs/kit';
import { giveBackSchema } from '$lib/study/handed/requests';
import { answering, missingHandIn, readBody, Refusal } from '$lib/server/answer';
import { database } from '$lib/server/app';
import { giveBack } from '$lib/server/handed/repository';
import { handInId } from '$lib/server/ids';

export const PUT: RequestHandler = ({ params, request }) =>
	answering(async () => {
		const outcome = await giveBack(database(), handInId(params.id!), await readBody(request, giveBackSchema));
		if (outcome.kind === 'kept') return json({ revision: outcome.revision });
		if (outcome.kind === 'missing') throw missingHandIn();
		throw new Refusal(
			409,
			'stale',
			'Notes on this hand-in were changed elsewhere.',
			'Load the page again: what is written there comes with it.'
		);
	});
