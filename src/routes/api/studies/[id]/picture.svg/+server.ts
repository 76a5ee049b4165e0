import { type RequestHandler } from '@sveltejs/kit';
import { answering, missingStudy } from '$lib/server/answer';
import { database } from '$lib/server/app';
import { clientOf } from '$lib/server/client-of';
import { studyId } from '$lib/server/ids';
import { pictureOf } from '$lib/server/studies/pictures';

/** The first plate of a study, in colours only. Its address names the revision, so a browser may keep it. */
export const GET: RequestHandler = (event) =>
	answering(async () => {
		const picture = await pictureOf(database(), studyId(event.params.id!), { client: clientOf(event) });
		if (!picture) throw missingStudy();
		const lasting = event.url.searchParams.get('revision') === String(picture.revision);
		return new Response(picture.svg, {
			headers: {
				'content-type': 'image/svg+xml',
				'cache-control': lasting ? 'private, max-age=31536000, immutable' : 'no-store'
			}
		});
	});
