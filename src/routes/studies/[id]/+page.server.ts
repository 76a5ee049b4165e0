import { error } from '@sveltejs/kit';
import { database } from '$lib/server/app';
import { idSchema } from '$lib/model/ids';
import { readStudy } from '$lib/server/studies/repository';
import { BOARD_COOKIE, isBoard, type Board } from '$lib/ui/boards';
import { type PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params, cookies }) => {
	const id = idSchema.safeParse(params.id);
	const study = id.success ? await readStudy(database(), id.data) : null;
	if (!study) error(404, 'There is no such study. It may have been deleted.');
	const remembered = cookies.get(BOARD_COOKIE);
	const board: Board = isBoard(remembered) ? remembered : 'light';
	return { study, board };
};
