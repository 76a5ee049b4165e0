import { createHash } from 'node:crypto';
import { readdir, readFile } from 'node:fs/promises';
import { join } from 'node:path';
import { z } from 'zod';
import { idSchema } from '$lib/model/ids';
import { briefOf } from '$lib/study/brief/brief';
import { handInOf } from '$lib/study/handed/hand-in';
import { writeHandIn } from '$lib/study/handed/hand-in-file';
import { envelopeOf } from '$lib/study/handed/requests';
import { givenBackSchema } from '$lib/study/handed/returned';
import { studyDocumentSchema } from '$lib/study/study';
import { paletteContentSchema } from '$lib/model/palette';
import { type Database, type Queries } from './database/database';
import { inPieces, keepPieces } from './handed/pieces';
import { keepHandInRow } from './handed/repository';
import { createPalette } from './palettes/repository';
import { createStudy } from './studies/repository';

/** Takes everything out of a demo database, so that it can be filled again. */
export async function emptyDemo(database: Database): Promise<void> {
	await database.transaction(async (queries) => {
		await queries.query('delete from study');
		await queries.query('delete from palette');
		await queries.query('delete from measure');
		await queries.query('delete from hand_in');
		await queries.query('delete from hand_in_piece');
		await queries.query('delete from wall');
		await queries.query("delete from fact where name = 'demo filled'");
	});
}

/** What the JSON files of a folder hold, in the order of their names. */
async function contentsOf(folder: string): Promise<unknown[]> {
	const names = (await readdir(folder)).filter((file) => file.endsWith('.json')).sort();
	return Promise.all(names.map(async (name) => JSON.parse(await readFile(join(folder, name), 'utf8')) as unknown));
}

/** Made-up palettes, the first file the first in the list. */
async function fillPalettes(queries: Queries, folder: string): Promise<void> {
	for (const content of (await contentsOf(folder)).reverse())
		await createPalette(queries, paletteContentSchema.parse(content));
}

/** The brief of a made-up class, and what a hand-in of it was before it was frozen. */
const BRIEF = 'brief.json';
const classworkSchema = z.strictObject({
	handIn: idSchema,
	at: z.iso.datetime(),
	study: studyDocumentSchema,
	given: givenBackSchema.optional()
});

/** A made-up class: a brief, and what was handed in for it, frozen as its makers' own computers would have. */
async function fillClass(queries: Queries, folder: string): Promise<void> {
	const files = (await readdir(folder)).filter((file) => file.endsWith('.json') && file !== BRIEF).sort();
	const contentOf = async (file: string) => JSON.parse(await readFile(join(folder, file), 'utf8')) as unknown;
	const set = studyDocumentSchema.parse(await contentOf(BRIEF));
	const brief = briefOf(set);
	if (!brief) throw new Error(`The demo’s ${BRIEF} is no brief.`);
	await createStudy(queries, set);
	for (const file of files) {
		const { handIn: id, at, study, given } = classworkSchema.parse(await contentOf(file));
		const content = handInOf({ ...study, answers: brief }, { id, at, pictures: {} })!;
		const text = writeHandIn(content);
		const body = createHash('sha256').update(text).digest('hex');
		await keepPieces(queries, body, inPieces([text]));
		await keepHandInRow(queries, { ...envelopeOf({ content, asWritten: true }), study: null, body });
		if (given)
			await queries.query('update hand_in set given = $2::jsonb, seen = true where id = $1', [
				id,
				JSON.stringify(given)
			]);
	}
}

/**
 * Fills a demo database once with the made-up studies of a folder (one JSON document a file, in the order of their
 * names, the last one the newest). Later starts keep what people did with them.
 */
export async function fillDemo(database: Database, folder: string): Promise<void> {
	await database.transaction(async (queries) => {
		const [filled] = await queries.query("select 1 from fact where name = 'demo filled'");
		if (filled) return;
		const files = await contentsOf(folder);
		for (const [i, content] of files.entries()) {
			const study = await createStudy(queries, studyDocumentSchema.parse(content));
			// Each a day older than the one after it, so that "last changed" has something to sort.
			const days = files.length - 1 - i;
			await queries.query('update study set changed = now() - make_interval(days => $2) where id = $1', [
				study.id,
				days
			]);
		}
		await fillPalettes(queries, join(folder, 'palettes'));
		await fillClass(queries, join(folder, 'class'));
		await queries.query("insert into fact (name, content) values ('demo filled', now()::text)");
	});
}
