import { createReadStream } from 'node:fs';
import { join } from 'node:path';
import { readIntoFile } from '../answer';
import { clearFolder, workFolder } from '../apart/made-file';
import { type Database } from '../database/database';
import { readHanded, type Asking } from '../drawing/drawing-room';
import { HAND_IN_TOO_LARGE, MOST_OF_HAND_IN } from '../limits';
import { keepHandIn, type KeepOutcome } from './repository';

/**
 * Takes in the file of a hand-in that is the body of a request: onto the disk, read apart from this process for what lists need of
 * it, and kept piece by piece, so that it is never in this process's memory as a whole.
 * @param study the study here that it was handed in from; null where it was collected
 * @throws Refusal
 */
export async function takeInHandIn(
	database: Database,
	request: Request,
	study: string | null,
	asking: Asking
): Promise<KeepOutcome> {
	const folder = await workFolder();
	try {
		const file = join(folder, 'sent');
		const body = await readIntoFile(request, file, MOST_OF_HAND_IN, HAND_IN_TOO_LARGE);
		const envelope = await readHanded(file, asking);
		const parts = createReadStream(file, { encoding: 'utf8', highWaterMark: 262_144 }) as AsyncIterable<string>;
		return await keepHandIn(database, { ...envelope, study, body }, parts);
	} finally {
		await clearFolder(folder);
	}
}
