import { briefOf } from '$lib/study/brief/brief';
import { idSchema } from '$lib/model/ids';
import { loading, missingBrief } from '$lib/server/answer';
import { database } from '$lib/server/app';
import { listHandIns } from '$lib/server/handed/repository';
import { readWall } from '$lib/server/handed/walls';
import { readStudy } from '$lib/server/studies/repository';
import { BOARD_COOKIE, isBoard, type Board } from '$lib/ui/boards';
import { type PageServerLoad } from './$types';

export const load: PageServerLoad = ({ params, cookies }) =>
	loading(async () => {
		const id = idSchema.safeParse(params.id);
		const study = id.success ? await readStudy(database(), id.data) : null;
		const brief = study && briefOf(study.document);
		if (!brief) throw missingBrief();
		const remembered = cookies.get(BOARD_COOKIE);
		const board: Board = isBoard(remembered) ? remembered : 'light';
		const { id: set } = brief.terms;
		const [list, groups] = [await listHandIns(database(), { brief: set }), await readWall(database(), set)];
		return { study: study.id, brief, list, groups, board };
	});
