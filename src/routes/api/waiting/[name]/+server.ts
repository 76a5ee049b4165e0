import { json, type RequestHandler } from '@sveltejs/kit';
import { answering, Refusal } from '$lib/server/answer';
import { placeOf } from '$lib/server/drawing/drawing-room';

/** How many prints and pictures come before the one of this name, itself included; 0 while it is being made. */
export const GET: RequestHandler = ({ params }) =>
	answering(() => {
		const place = placeOf(params.name!);
		if (place === null)
			throw new Refusal(404, 'nothing-waits', 'Nothing of this name waits.', 'It is done, or was never asked for.');
		return Promise.resolve(json({ place }));
	});
