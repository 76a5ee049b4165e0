import { z } from 'zod';
import {
	handInLineSchema,
	type GiveBack,
	type HandInLine,
	type HandInList,
	type HandInQuery,
	type KeepHandIn
} from '$lib/study/handed/requests';
import { givenBackSchema, type GivenBack, type Returned } from '$lib/study/handed/returned';
import { Refusal } from '../answer';
import { type Database, type Queries, type Row } from '../database/database';
import { bringBack, setAside } from '../database/set-aside';

const headSchema = z.object({ format: z.literal('ricercar hand-in'), handIn: z.object({ id: z.string() }) });

/** Whether a text is the file of the hand-in that it is said to be, as far as is seen from outside. @throws Refusal */
function checkContent({ id, content }: KeepHandIn): void {
	let head: unknown;
	try {
		head = JSON.parse(content);
	} catch {
		throw new Refusal(422, 'not-as-expected', 'The hand-in is no JSON.', 'Send the file as it was handed in.');
	}
	if (headSchema.safeParse(head).data?.handIn.id !== id)
		throw new Refusal(422, 'not-as-expected', 'The file is not that hand-in.', 'Send the file as it was handed in.');
}

/** Keeps a hand-in; one that is here already stays as it is. Gives whether it is new here. @throws Refusal */
export async function keepHandIn(database: Queries, kept: KeepHandIn): Promise<boolean> {
	checkContent(kept);
	const { id, brief, study, title, maker, at, held, asked, asWritten, fingerprint, content } = kept;
	const rows = await database.query(
		`insert into hand_in (id, brief, study, title, maker, handed_in, held, asked, as_written, brief_fingerprint, content)
		values ($1, $2, $3, $4, $5, $6, $7, $8, $9, $10, $11)
		on conflict (id) do update set deleted = null where hand_in.deleted is not null returning id`,
		[id, brief, study, title, maker, at, held, asked, asWritten, fingerprint, content]
	);
	return rows.length > 0;
}

const instant = z.date().transform((date) => date.toISOString());
const lineRow = z
	.object({
		...handInLineSchema.omit({ at: true, asWritten: true, fingerprint: true }).shape,
		handed_in: instant,
		as_written: z.boolean(),
		brief_fingerprint: z.string()
	})
	.transform(({ handed_in: at, as_written: asWritten, brief_fingerprint: fingerprint, ...line }) =>
		handInLineSchema.parse({ ...line, at, asWritten, fingerprint })
	);
const LINE = `id, brief, study, title, maker, handed_in, held, asked, as_written, brief_fingerprint, revision, given, seen, returned`;

/** A line out of a row; null where it cannot be read. */
function readLine(row: Row): HandInLine | null {
	try {
		return lineRow.parse(row);
	} catch {
		return null;
	}
}

/** Whose hand-ins are meant: all of a brief, of one study here, or of one maker, whatever the case of the name. */
function whose(query: HandInQuery): [condition: string, value: string] {
	if ('brief' in query) return ['brief = $1', query.brief];
	if ('study' in query) return ['study = $1', query.study];
	return ['lower(maker) = lower($1)', query.maker];
}

/** The hand-ins of a brief, of one study here, or of one maker, the oldest first, without what they hold. */
export async function listHandIns(database: Queries, query: HandInQuery): Promise<HandInList> {
	const [condition, value] = whose(query);
	const rows = await database.query(
		`select ${LINE} from hand_in where ${condition} and deleted is null order by handed_in, id`,
		[value]
	);
	const read = rows.map((row) => ({ id: String(row.id), line: readLine(row) }));
	return {
		lines: read.flatMap(({ line }) => line ?? []),
		unreadable: read.filter(({ line }) => line === null).map((each) => each.id)
	};
}

/** One hand-in without what it holds; null where there is none. */
export async function readHandInLine(database: Queries, id: string): Promise<HandInLine | null> {
	const [row] = await database.query(`select ${LINE} from hand_in where id = $1 and deleted is null`, [id]);
	return row ? lineRow.parse(row) : null;
}

/** The file of a hand-in as it is kept, unread; null where there is none. */
export async function readHandInFile(database: Queries, id: string): Promise<string | null> {
	const [row] = await database.query('select content from hand_in where id = $1 and deleted is null', [id]);
	return row ? String(row.content) : null;
}

export type GivenOutcome = { kind: 'kept'; revision: number } | { kind: 'stale' } | { kind: 'missing' };

/** Keeps what is given back with a hand-in, over the revision that it was made from. */
export async function giveBack(
	database: Database,
	id: string,
	{ revision, given, seen }: GiveBack
): Promise<GivenOutcome> {
	return database.transaction(async (queries) => {
		const [row] = await queries.query(
			`update hand_in set given = $3::jsonb, seen = $4, revision = revision + 1
			where id = $1 and revision = $2 and deleted is null returning revision`,
			[id, revision, JSON.stringify(given), seen]
		);
		if (row) return { kind: 'kept', revision: Number(row.revision) };
		return (await readHandInLine(queries, id)) ? { kind: 'stale' } : { kind: 'missing' };
	});
}

/** Keeps what came back with a hand-in from here. False where there is no such hand-in. */
export async function takeReturned(database: Queries, id: string, returned: Returned): Promise<boolean> {
	const rows = await database.query(
		'update hand_in set returned = $2::jsonb where id = $1 and deleted is null returning id',
		[id, JSON.stringify(returned)]
	);
	return rows.length > 0;
}

export const deleteHandIn = (database: Queries, id: string): Promise<boolean> => setAside(database, 'hand_in', id);
export const restoreHandIn = (database: Queries, id: string): Promise<boolean> => bringBack(database, 'hand_in', id);

const printedRow = z.object({
	id: z.string(),
	content: z.string(),
	given: givenBackSchema,
	// Of what came back, its notes and mark.
	returned: z.object(givenBackSchema.shape).nullable()
});

/** The files of hand-ins in the order that is asked for, each with what was given back with it; what is not here is left out. */
export async function filesToPrint(
	database: Queries,
	ids: readonly string[]
): Promise<{ text: string; given: GivenBack }[]> {
	const rows = await database.query(
		'select id, content, given, returned from hand_in where id = any($1) and deleted is null',
		[ids]
	);
	const read = rows.flatMap((row) => printedRow.safeParse(row).data ?? []);
	return ids.flatMap((id) => {
		const found = read.find((row) => row.id === id);
		return found ? [{ text: found.content, given: found.returned ?? found.given }] : [];
	});
}
