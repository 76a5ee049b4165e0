import { json, type RequestHandler } from '@sveltejs/kit';
import { handInQuerySchema, keepHandInQuerySchema } from '$lib/study/handed/requests';
import { answering, readQuery, Refusal } from '$lib/server/answer';
import { database } from '$lib/server/app';
import { askedBy } from '$lib/server/asked-by';
import { takeInHandIn } from '$lib/server/handed/take-in';
import { listHandIns } from '$lib/server/handed/repository';

export const GET: RequestHandler = ({ url }) =>
	answering(async () => json(await listHandIns(database(), readQuery(url, handInQuerySchema))));

/** Takes a hand-in in, as its file. */
export const POST: RequestHandler = (event) =>
	answering(async () => {
		const { study = null } = readQuery(event.url, keepHandInQuerySchema);
		const outcome = await askedBy(event, (asking) => takeInHandIn(database(), event.request, study, asking));
		if (outcome === 'another')
			throw new Refusal(
				409,
				'another-hand-in',
				'Another hand-in with this number is here already.',
				'It has other contents. Delete the one that is here first, or have this one handed in again.'
			);
		return json({ isNew: outcome === 'new' }, { status: outcome === 'new' ? 201 : 200 });
	});
