import { readFileSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import { studyDocumentSchema } from '../src/lib/study/study';
import { openEmbedded } from '../src/lib/server/database/embedded';
import { createStudy } from '../src/lib/server/studies/repository';

/** Studies that are kept together: each by itself would be written through to the disk. */
const TOGETHER = 200;

/** Fills a database with as many studies as a course has in some years: those of the demo, again and again. Gives their ids. */
export async function fillWithStudies(folder: string, count: number): Promise<string[]> {
	const documents = readdirSync('demo')
		.filter((name) => name.endsWith('.json'))
		.map((name) => studyDocumentSchema.parse(JSON.parse(readFileSync(join('demo', name), 'utf8'))));
	const database = await openEmbedded(folder);
	const ids: string[] = [];
	while (ids.length < count)
		await database.transaction(async (queries) => {
			for (let i = 0; i < TOGETHER && ids.length < count; i++) {
				const document = documents[ids.length % documents.length]!;
				const title = `${document.titleBlock.title}, ${ids.length}`;
				const { id } = await createStudy(queries, { ...document, titleBlock: { ...document.titleBlock, title } });
				ids.push(id);
			}
		});
	await database.query('analyze study');
	await database.close();
	return ids;
}
