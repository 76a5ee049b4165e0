import { z } from 'zod';
import { newId } from '$lib/model/ids';
import { copyOfStudy } from '$lib/study/new-study';
import {
	studyLineSchema,
	savedSchema,
	type ListQuery,
	type Saved,
	type SaveStudy,
	type Sort,
	type StudyLine,
	type StudyList
} from '$lib/study/requests';
import { HELPING } from '$lib/model/listed';
import { picturesOf } from '$lib/plates/kinds';
import { studyDocumentSchema, type Study, type StudyDocument } from '$lib/study/study';
import { Refusal } from '../answer';
import { type Database, type Queries, type Row } from '../database/database';
import { holdsWords } from '../database/patterns';
import { bringBack, setAside } from '../database/set-aside';
import { MOST_OF_DOCUMENT, TOO_LARGE } from '../limits';
import { readStored } from '../stored';

const day = z.date().transform((date) => date.toISOString());
const fullRow = z.object({ id: z.string(), revision: z.int(), changed: day, document: z.string() });
const keptRow = fullRow.omit({ document: true });
const savedRow = z.object({ revision: z.int(), changed: day }).pipe(savedSchema);
/** What else a row holds is left out. */
const lineRow = z.object({ ...studyLineSchema.shape, changed: day });
const placeRow = z.object({ id: z.string(), key: z.string() });

/** No database text holds U+0000. */
const NO_NULL = /^[^\0]*$/u;
/** A place in the list: what it is sorted by, and the id where that is the same. */
const placeSchema = z.tuple([z.string().max(400).regex(NO_NULL), z.string().max(40).regex(NO_NULL)]);
const LINE = 'id, title, maker, course, revision, plates, changed';

/** How a list goes on after a place ($2, $3), by the key that it is sorted by; the first helping knows no place. */
const SORTED: Readonly<Record<Sort, { key: string; after: string; order: string; first: readonly [string, string] }>> =
	{
		changed: {
			key: 'changed::text',
			after: '(changed, id) < ($2::timestamptz, $3)',
			order: 'changed desc, id desc',
			first: ['infinity', '']
		},
		title: { key: 'lower(title)', after: '(lower(title), id) > ($2, $3)', order: 'lower(title), id', first: ['', ''] }
	};

const writePlace = (row: Row): string => {
	const { key, id } = placeRow.parse(row);
	return Buffer.from(JSON.stringify([key, id])).toString('base64url');
};

/** Whether a text is a day and time of the calendar as PostgreSQL writes it: "2026-12-02 04:19:36.123456+00". */
const isInstant = (text: string): boolean =>
	z.iso.datetime({ offset: true }).safeParse(text.replace(' ', 'T').replace(/([+-]\d\d)$/, '$1:00')).success;

/** @throws Refusal for a text that names no place. */
function readPlace(after: string, sort: Sort): readonly [string, string] {
	if (after === '') return SORTED[sort].first;
	try {
		const place = placeSchema.parse(JSON.parse(Buffer.from(after, 'base64url').toString()));
		if (sort === 'title' || isInstant(place[0])) return place;
	} catch {
		// Said below, whatever it was.
	}
	throw new Refusal(400, 'not-as-expected', 'The list does not know this place.', 'Begin it anew, without “after”.');
}

/** Lists studies, or those that are set as briefs, whose title block holds every word, a helping at a time and without their documents. */
export async function listStudies(database: Queries, { words, sort, after, of }: ListQuery): Promise<StudyList> {
	const { key, after: beyond, order } = SORTED[sort];
	const { condition, patterns } = holdsWords(words, 5);
	const rows = await database.query(
		`select ${LINE}, ${key} as key from study
		where deleted is null and brief = $4 and ${beyond} and ${condition} order by ${order} limit $1`,
		[HELPING + 1, ...readPlace(after, sort), of === 'briefs', ...patterns]
	);
	const shown = rows.slice(0, HELPING);
	const read = shown.map((row) => ({ id: String(row.id), line: lineRow.safeParse(row) }));
	const lines = read.flatMap(({ line }): StudyLine[] => (line.success ? [line.data] : []));
	const unreadable = read.filter(({ line }) => !line.success).map(({ id }) => id);
	return { lines, unreadable, next: rows.length > HELPING ? writePlace(shown.at(-1)!) : null };
}

const ROW = 'id, revision, changed, document::text as document';

/**
 * The study of this id, or null where there is none or it was deleted.
 * @throws Refusal `unreadable` where what is stored is no study that this version can read.
 */
export async function readStudy(database: Queries, id: string): Promise<Study | null> {
	const [row] = await database.query(`select ${ROW} from study where id = $1 and deleted is null`, [id]);
	return row ? toStudy(row) : null;
}

const textRow = z.object({ revision: z.int(), text: z.string().nullable() });

/** The document of a study as the text that is stored, unread; null where there is none. */
export async function readStudyText(database: Queries, id: string): Promise<string | null> {
	const [row] = await database.query(
		'select revision, document::text as text from study where id = $1 and deleted is null',
		[id]
	);
	return row ? textRow.parse(row).text : null;
}

/**
 * The document of a study with no more than its first plate, as text, unread, and the study's revision; null where there is none.
 * @param known a revision whose text is not needed again: then it comes without
 */
export async function readFirstPlateText(
	database: Queries,
	id: string,
	known = 0
): Promise<{ text: string | null; revision: number } | null> {
	const [row] = await database.query(
		`select revision, case when revision = $2 then null
		else jsonb_set(document, '{plates}', jsonb_path_query_array(document, '$.plates[0]'))::text end as text
		from study where id = $1 and deleted is null`,
		[id, known]
	);
	return row ? textRow.parse(row) : null;
}

function toStudy(row: Row): Study {
	const { id, revision, changed, document: text } = fullRow.parse(row);
	const stored: unknown = JSON.parse(text);
	const { document, brought } = readStored(stored, studyDocumentSchema);
	return { id, revision, changed, document, ...(brought.length > 0 ? { brought } : {}) };
}

/** The columns that repeat parts of a document, in the order in which statements name them. */
function columnsOf(document: StudyDocument): unknown[] {
	const { title, maker, course, unit } = document.titleBlock;
	const words = [title, maker, course, unit].join(' ').toLowerCase();
	const text = JSON.stringify(document);
	if (Buffer.byteLength(text) > MOST_OF_DOCUMENT)
		throw new Refusal(413, 'too-large', 'The study is too large.', TOO_LARGE);
	const pictures = document.plates.flatMap(picturesOf).map(({ id }) => id);
	const { brief, answers } = document;
	return [
		title,
		maker,
		course,
		words,
		document.plates.length,
		pictures,
		brief !== undefined,
		answers?.terms.id ?? null,
		text
	];
}

/** Keeps a new study. */
export async function createStudy(database: Queries, document: StudyDocument): Promise<Study> {
	const [row] = await database.query(
		`insert into study (id, title, maker, course, words, plates, pictures, brief, answers, document)
		values ($1, $2, $3, $4, $5, $6, $7, $8, $9, $10::jsonb)
		returning id, revision, changed`,
		[newId(), ...columnsOf(document)]
	);
	return { ...keptRow.parse(row), document };
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
			`update study set title = $4, maker = $5, course = $6, words = $7, plates = $8, pictures = $9,
			brief = $10, answers = $11, document = $12::jsonb,
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
export async function duplicateStudy(database: Database, id: string, maker?: string): Promise<Study | null> {
	const study = await readStudy(database, id);
	return study && createStudy(database, studyDocumentSchema.parse(copyOfStudy(study.document, maker)));
}

/** Another title for a study, as a save like any other: its revision rises. False where there is no such study. */
export async function renameStudy(database: Database, id: string, title: string): Promise<boolean> {
	return database.transaction(async (queries) => {
		const study = await readStudy(queries, id);
		if (!study) return false;
		const document = { ...study.document, titleBlock: { ...study.document.titleBlock, title } };
		await queries.query(
			`update study set title = $2, maker = $3, course = $4, words = $5, plates = $6, pictures = $7,
			brief = $8, answers = $9, document = $10::jsonb,
			revision = revision + 1, changed = now() where id = $1`,
			[id, ...columnsOf(document)]
		);
		return true;
	});
}

/** The ids of all pictures that a study names, those that were set aside among them. */
export async function picturesInStudies(database: Queries): Promise<ReadonlySet<string>> {
	const rows = await database.query('select distinct unnest(pictures) as id from study');
	return new Set(rows.map(({ id }) => String(id)));
}

/** Sets a study aside; `restoreStudy` takes that back. False where there was none to set aside. */
export const deleteStudy = (database: Queries, id: string): Promise<boolean> => setAside(database, 'study', id);

export const restoreStudy = (database: Queries, id: string): Promise<boolean> => bringBack(database, 'study', id);
