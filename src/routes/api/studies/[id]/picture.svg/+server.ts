import { type RequestHandler } from '@sveltejs/kit';
import { drawPlate } from '$lib/drawing/draw-plate';
import { drawingToSvg } from '$lib/drawing/svg';
import { answering, missingStudy } from '$lib/server/answer';
import { database } from '$lib/server/app';
import { studyId } from '$lib/server/ids';
import { readStudy } from '$lib/server/studies/repository';

/** The first plate of a study, in colours only. Its address names the revision, so a browser may keep it. */
export const GET: RequestHandler = ({ params, url }) =>
	answering(async () => {
		const study = await readStudy(database(), studyId(params.id!));
		const plate = study?.document.plates[0];
		if (!study || !plate) throw missingStudy();
		const lasting = url.searchParams.get('revision') === String(study.revision);
		return new Response(drawingToSvg(drawPlate(plate, study.document.linked, 'colours')), {
			headers: {
				'content-type': 'image/svg+xml',
				'cache-control': lasting ? 'private, max-age=31536000, immutable' : 'no-store'
			}
		});
	});
