import { type RequestHandler } from '@sveltejs/kit';
import { answering, Refusal } from '$lib/server/answer';
import { pictureBytes } from '$lib/server/images/kept-pictures';
import { typeOfKept } from '$lib/server/images/kind-of-bytes';

/** What is kept of a picture. It never changes under its id, and whoever does not know the id cannot find it. */
export const GET: RequestHandler = ({ params }) =>
	answering(async () => {
		const bytes = await pictureBytes(params.id ?? '');
		if (!bytes)
			throw new Refusal(
				404,
				'no-such-picture',
				'There is no such picture.',
				'It was brought elsewhere, or no study has used it for a month. Bring it again.'
			);
		return new Response(new Uint8Array(bytes), {
			headers: {
				'content-type': typeOfKept(bytes),
				'cache-control': 'private, max-age=31536000, immutable',
				'content-security-policy': "default-src 'none'; frame-ancestors 'none'"
			}
		});
	});
