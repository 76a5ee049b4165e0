import { idSchema } from '$lib/model/ids';
import { missingStudy, loading, Refusal } from '$lib/server/answer';
import { database } from '$lib/server/app';
import { readStudy } from '$lib/server/studies/repository';
import { BOARD_COOKIE, isBoard, type Board } from '$lib/ui/boards';
import { type PageServerLoad } from './$types';

export const load: PageServerLoad = ({ params, cookies }) =>
	loading(async () => {
		const id = idSchema.safeParse(params.id);
		const remembered = cookies.get(BOARD_COOKIE);
		const board: Board = isBoard(remembered) ? remembered : 'light';
		try {
			const study = id.success ? await readStudy(database(), id.data) : null;
			if (!study) throw missingStudy();
			return { study, board };
		} catch (error) {
			// Shown with its id and the reason, so that it can be deleted or its text be taken away.
			if (error instanceof Refusal && error.code === 'unreadable' && id.success)
				return { unreadable: { id: id.data, reason: error.detail } };
			throw error;
		}
	});
