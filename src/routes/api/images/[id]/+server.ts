import { type RequestHandler } from '@sveltejs/kit';
import { answering, Refusal } from '$lib/server/answer';
import { pictureBytes } from '$lib/server/images/kept-pictures';
import { asPng } from '$lib/server/images/as-png';
import { typeOfKept } from '$lib/server/images/kind-of-bytes';

/** What is kept of a picture. It never changes under its id, and whoever does not know the id cannot find it. */
export const GET: RequestHandler = ({ params, url }) =>
	answering(async () => {
		const bytes = await pictureBytes(params.id ?? '');
		if (!bytes)
			throw new Refusal(
				404,
				'no-such-picture',
				'There is no such picture.',
				'It was brought elsewhere, or no study has used it for a month. Bring it again.'
			);
		// A PNG of the very same pixels, for whoever takes it elsewhere: kept there again it loses nothing.
		const given = url.searchParams.get('as') === 'png' ? await asPng(bytes) : bytes;
		if (!given)
			throw new Refusal(
				422,
				'damaged',
				'The picture is damaged where it is kept.',
				'Bring it again, or put a copy of the folder of pictures in its place.'
			);
		return new Response(new Uint8Array(given), {
			headers: {
				'content-type': typeOfKept(given),
				'cache-control': 'private, max-age=31536000, immutable',
				'content-security-policy': "default-src 'none'; frame-ancestors 'none'"
			}
		});
	});
