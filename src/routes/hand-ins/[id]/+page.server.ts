import { idSchema } from '$lib/model/ids';
import { loading, missingHandIn } from '$lib/server/answer';
import { database } from '$lib/server/app';
import { listHandIns, readHandInLine } from '$lib/server/handed/repository';
import { nameKey } from '$lib/study/handed/on-wall';
import { type PageServerLoad } from './$types';

export const load: PageServerLoad = ({ params }) =>
	loading(async () => {
		const id = idSchema.safeParse(params.id);
		const line = id.success ? await readHandInLine(database(), id.data) : null;
		if (!line) throw missingHandIn();
		const { lines } = await listHandIns(database(), { brief: line.brief });
		// What the same maker handed in for the same brief, to be compared with it.
		const others = lines.filter(
			({ id, maker, study }) =>
				id !== line.id && (nameKey(maker) === nameKey(line.maker) || (study !== null && study === line.study))
		);
		return { line, others };
	});
