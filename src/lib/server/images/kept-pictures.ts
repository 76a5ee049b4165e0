import { randomUUID } from 'node:crypto';
import { mkdir, readdir, readFile, rename, rm, stat, writeFile } from 'node:fs/promises';
import { join } from 'node:path';
import { idSchema, newId } from '$lib/model/ids';
import { type TakenIn } from '$lib/model/picture';
import { shippedPictureFile } from '../built';
import { freeSpace } from '../database/disk';
import { OutOfSpace } from '../database/failures';
import { diskMargin, pictureFolder } from '../settings';
import { inTurn } from './in-turn';
import { takeIn } from './take-in';

/**
 * Pictures are files of a folder beside the database's, each under an id that nobody can guess: whoever draws reads them there without
 * asking the database, whose log and backups stay as small as what people decided. Half-written ones are never seen: they get their
 * name when they are whole.
 */
export async function keepPicture(sent: Uint8Array, client: string): Promise<TakenIn> {
	const folder = pictureFolder();
	await mkdir(folder, { recursive: true });
	const free = await freeSpace(folder);
	if (free < diskMargin()) throw new OutOfSpace(free, diskMargin());
	const { bytes, width, height, says } = await inTurn(client, () => takeIn(sent));
	const id = newId();
	const begun = join(folder, `${id}.${randomUUID()}.begun`);
	try {
		await writeFile(begun, bytes, { flush: true });
		await rename(begun, join(folder, id));
	} catch (error) {
		await rm(begun, { force: true });
		throw error;
	}
	return { id, width, height, says: [...says] };
}

/** What is kept of a picture, or of one that ships; null where there is none of this id. */
export async function pictureBytes(id: string): Promise<Buffer | null> {
	if (!idSchema.safeParse(id).success) return null;
	for (const file of [shippedPictureFile(id), join(pictureFolder(), id)])
		try {
			return await readFile(file);
		} catch (error) {
			if (!(error instanceof Error && 'code' in error && error.code === 'ENOENT')) throw error;
		}
	return null;
}

/** Milliseconds after which a picture that no study names is forgotten: as long as what was deleted can be brought back. */
const FORGOTTEN = 30 * 86_400_000;

/** Forgets pictures that no study has named for thirty days, and what was begun and never finished. */
export async function forgetPictures(named: ReadonlySet<string>, now = Date.now()): Promise<void> {
	const folder = pictureFolder();
	const names = await readdir(folder).catch(() => []);
	for (const name of names) {
		const { mtimeMs } = await stat(join(folder, name));
		if (now - mtimeMs >= FORGOTTEN && !named.has(name)) await rm(join(folder, name), { force: true });
	}
}

/** Takes all of them away: of a demo that begins again. */
export const forgetAllPictures = (): Promise<void> => rm(pictureFolder(), { recursive: true, force: true });
