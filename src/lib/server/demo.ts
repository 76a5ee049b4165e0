import { readdir, readFile } from 'node:fs/promises';
import { join } from 'node:path';
import { studyDocumentSchema } from '$lib/model/study';
import { type Database } from './database/database';
import { createStudy } from './studies/repository';

/** Takes everything out of a demo database, so that it can be filled again. */
export async function emptyDemo(database: Database): Promise<void> {
	await database.transaction(async (queries) => {
		await queries.query('delete from study');
		await queries.query("delete from fact where name = 'demo filled'");
	});
}

/**
 * Fills a demo database once with the made-up studies of a folder (one JSON document a file, in the order of their
 * names, the last one the newest). Later starts keep what people did with them.
 */
export async function fillDemo(database: Database, folder: string): Promise<void> {
	await database.transaction(async (queries) => {
		const [filled] = await queries.query("select 1 from fact where name = 'demo filled'");
		if (filled) return;
		const files = (await readdir(folder)).filter((file) => file.endsWith('.json')).sort();
		for (const file of files) {
			const content: unknown = JSON.parse(await readFile(join(folder, file), 'utf8'));
			const study = await createStudy(queries, studyDocumentSchema.parse(content));
			// Each a day older than the one after it, so that "last changed" has something to sort.
			const days = files.length - 1 - files.indexOf(file);
			await queries.query('update study set changed = now() - make_interval(days => $2) where id = $1', [
				study.id,
				days
			]);
		}
		await queries.query("insert into fact (name, content) values ('demo filled', now()::text)");
	});
}
