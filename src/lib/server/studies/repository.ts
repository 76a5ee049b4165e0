import { z } from 'zod';
import { newId } from '$lib/model/ids';
import { copyOfStudy } from '$lib/model/new-study';
import {
	studyLineSchema,
	savedSchema,
	type ListQuery,
	type Saved,
	type SaveStudy,
	type StudyLine
} from '$lib/model/requests';
import { studySchema, type Study, type StudyDocument } from '$lib/model/study';
import { type Database, type Queries, type Row } from '../database/database';
import { patternsOf } from '../database/patterns';
import { bringBack, setAside } from '../database/set-aside';

const day = z.date().transform((date) => date.toISOString());
const fullRow = z.object({ id: z.string(), revision: z.int(), changed: day, document: z.unknown() });
const savedRow = z.object({ revision: z.int(), changed: day }).pipe(savedSchema);
const lineRow = studyLineSchema.extend({ changed: day });

const ORDERS = { changed: 'changed desc, id desc', title: 'lower(title), id' } as const;

/** Lists studies whose title block holds every word, without their documents; and whether there are more. */
export async function listStudies(
	database: Database,
	query: ListQuery
): Promise<{ lines: StudyLine[]; more: boolean }> {
	const rows = await database.query(
		`select id, title, maker, course, revision, plates, changed from study
		where deleted is null and words like all ($1::text[]) order by ${ORDERS[query.sort]} limit $2`,
		[patternsOf(query.words), query.most + 1]
	);
	const lines = rows.slice(0, query.most).map((row) => lineRow.parse(row));
	return { lines, more: rows.length > query.most };
}

/** The study of this id, or null where there is none or it was deleted. */
export async function readStudy(database: Queries, id: string): Promise<Study | null> {
	const [row] = await database.query(
		'select id, revision, changed, document from study where id = $1 and deleted is null',
		[id]
	);
	return row ? toStudy(row) : null;
}

const toStudy = (row: Row): Study => studySchema.parse(fullRow.parse(row));

/** The columns that repeat parts of a document, in the order in which statements name them. */
function columnsOf(document: StudyDocument): unknown[] {
	const { title, maker, course, unit } = document.titleBlock;
	const words = [title, maker, course, unit].join(' ').toLowerCase();
	return [title, maker, course, words, document.plates.length, JSON.stringify(document)];
}

/** Keeps a new study. */
export async function createStudy(database: Queries, document: StudyDocument): Promise<Study> {
	const [row] = await database.query(
		`insert into study (id, title, maker, course, words, plates, document) values ($1, $2, $3, $4, $5, $6, $7::jsonb)
		returning id, revision, changed, document`,
		[newId(), ...columnsOf(document)]
	);
	return toStudy(row!);
}

export type SaveOutcome =
	{ kind: 'saved'; saved: Saved } | { kind: 'stale'; revision: number } | { kind: 'deleted' } | { kind: 'missing' };

/**
 * Saves a document over the revision that it was made from. Another revision is never overwritten: the answer is
 * `stale`. A save that comes again because its answer was lost is answered again and changes nothing.
 */
export async function saveStudy(database: Database, id: string, save: SaveStudy): Promise<SaveOutcome> {
	return database.transaction(async (queries) => {
		const [row] = await queries.query(
			`update study set title = $4, maker = $5, course = $6, words = $7, plates = $8, document = $9::jsonb,
			revision = revision + 1, last_save = $3, changed = now()
			where id = $1 and revision = $2 and deleted is null returning revision, changed`,
			[id, save.revision, save.saveId, ...columnsOf(save.document)]
		);
		if (row) return { kind: 'saved', saved: savedRow.parse(row) };
		const [now] = await queries.query('select revision, changed, last_save, deleted from study where id = $1', [id]);
		if (!now) return { kind: 'missing' };
		if (now.deleted) return { kind: 'deleted' };
		const saved = savedRow.parse(now);
		return now.last_save === save.saveId ? { kind: 'saved', saved } : { kind: 'stale', revision: saved.revision };
	});
}

/** A copy of a study under a title that says so, or null where there is no such study. */
export async function duplicateStudy(database: Database, id: string): Promise<Study | null> {
	const study = await readStudy(database, id);
	return study && createStudy(database, copyOfStudy(study.document));
}

/** Another title for a study, as a save like any other: its revision rises. False where there is no such study. */
export async function renameStudy(database: Database, id: string, title: string): Promise<boolean> {
	return database.transaction(async (queries) => {
		const study = await readStudy(queries, id);
		if (!study) return false;
		const document = { ...study.document, titleBlock: { ...study.document.titleBlock, title } };
		await queries.query(
			`update study set title = $2, maker = $3, course = $4, words = $5, plates = $6, document = $7::jsonb,
			revision = revision + 1, changed = now() where id = $1`,
			[id, ...columnsOf(document)]
		);
		return true;
	});
}

/** Sets a study aside; `restoreStudy` takes that back. False where there was none to set aside. */
export const deleteStudy = (database: Queries, id: string): Promise<boolean> => setAside(database, 'study', id);

export const restoreStudy = (database: Queries, id: string): Promise<boolean> => bringBack(database, 'study', id);
