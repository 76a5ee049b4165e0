import { randomUUID } from 'node:crypto';
import { mkdir, readdir, readFile, rename, rm, stat, writeFile } from 'node:fs/promises';
import { dirname, join } from 'node:path';
import { idSchema, newId } from '$lib/model/ids';
import { type TakenIn } from '$lib/model/picture';
import { shippedPictureFile } from '../built';
import { freeSpace, syncFolder } from '../database/disk';
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
	if (await mkdir(folder, { recursive: true })) await syncFolder(dirname(folder));
	const free = await freeSpace(folder);
	if (free < diskMargin()) throw new OutOfSpace(free, diskMargin());
	const { bytes, width, height, says } = await inTurn(client, () => takeIn(sent));
	const id = newId();
	const begun = join(folder, `${id}.${randomUUID()}.begun`);
	try {
		await writeFile(begun, bytes, { flush: true });
		await rename(begun, join(folder, id));
		await syncFolder(folder);
	} catch (error) {
		await rm(begun, { force: true });
		throw error;
	}
	return { id, width, height, says: [...says] };
}

/** By what a system says that there is no such file to be read here, whatever else has the name: a folder, a link to nowhere. */
const MISSING: readonly unknown[] = ['ENOENT', 'EISDIR', 'ENOTDIR', 'ELOOP', 'EACCES', 'EPERM', 'ENXIO'];
const isMissing = (error: unknown): boolean =>
	error instanceof Error && 'code' in error && MISSING.includes(error.code);

/** A file that is one: nobody reads from what only looks like a file and never ends. */
async function fileBytes(path: string): Promise<Buffer | null> {
	try {
		return (await stat(path)).isFile() ? await readFile(path) : null;
	} catch (error) {
		if (isMissing(error)) return null;
		throw error;
	}
}

/** What is kept of a picture, or of one that ships; null where there is none of this id that can be read. */
export async function pictureBytes(id: string): Promise<Buffer | null> {
	if (!idSchema.safeParse(id).success) return null;
	return (await fileBytes(shippedPictureFile(id))) ?? (await fileBytes(join(pictureFolder(), id)));
}

/** Milliseconds after which a picture that no study names is forgotten: as long as what was deleted can be brought back. */
const FORGOTTEN = 30 * 86_400_000;

/**
 * Forgets pictures that no study has named for thirty days, and what was begun and never finished. Each by itself: what somebody else
 * put there, or what cannot be looked at, is left alone and hides no other.
 */
export async function forgetPictures(named: ReadonlySet<string>, now = Date.now()): Promise<void> {
	const folder = pictureFolder();
	const entries = await readdir(folder, { withFileTypes: true }).catch(() => []);
	for (const entry of entries) {
		if (!entry.isFile() || named.has(entry.name)) continue;
		const path = join(folder, entry.name);
		try {
			if (now - (await stat(path)).mtimeMs >= FORGOTTEN) await rm(path, { force: true });
		} catch {
			// The next start looks again.
		}
	}
}

/** Takes all of them away: of a demo that begins again. */
export const forgetAllPictures = (): Promise<void> => rm(pictureFolder(), { recursive: true, force: true });
