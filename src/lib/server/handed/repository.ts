import { z } from 'zod';
import {
	handInLineSchema,
	type Envelope,
	type GiveBack,
	type HandInLine,
	type HandInList,
	type HandInQuery
} from '$lib/study/handed/requests';
import { givenBackSchema, type GivenBack, type Returned } from '$lib/study/handed/returned';
import { type Database, type Queries, type Row } from '../database/database';
import { bringBack, setAside } from '../database/set-aside';
import { forgetPieces, inPieces, keepPieces, readPieces } from './pieces';

/** A hand-in to be kept: what its file says of itself, the study here that it was handed in from, and the name of its pieces. */
export interface KeepHandIn extends Envelope {
	readonly study: string | null;
	/** SHA-256 of the file, hexadecimal; its pieces are kept under it already (pieces.ts). */
	readonly body: string;
}

/** It is new here, was here already just as it is, or another one has its number. */
export type KeepOutcome = 'new' | 'here' | 'another';

const SET = `brief = $2, title = $4, maker = $5, handed_in = $6, held = $7, asked = $8, as_written = $9,
	brief_fingerprint = $10, body = $11`;
/** What was written about a hand-in that is deleted does not go over to another one under its number. */
const BEGUN_ANEW = `given = default, seen = default, returned = default, revision = hand_in.revision + 1, made = now()`;

/** Keeps a hand-in whose pieces are kept already. Several statements: in a transaction. */
export async function keepHandInRow(queries: Queries, kept: KeepHandIn): Promise<KeepOutcome> {
	const { id, brief, study, title, maker, at, held, asked, asWritten, fingerprint, body } = kept;
	const values = [id, brief, study, title, maker, at, held, asked, asWritten, fingerprint, body];
	const inserted = await queries.query(
		`insert into hand_in (id, brief, study, title, maker, handed_in, held, asked, as_written, brief_fingerprint, body)
		values ($1, $2, $3, $4, $5, $6, $7, $8, $9, $10, $11) on conflict (id) do nothing returning id`,
		values
	);
	if (inserted.length > 0) return 'new';
	const [same] = await queries.query(
		`update hand_in set study = coalesce(study, $2), deleted = null where id = $1 and body = $3
		returning (select before.deleted from hand_in before where before.id = $1) is not null as back`,
		[id, study, body]
	);
	if (same) return same.back === true ? 'new' : 'here';
	const instead = await queries.query(
		`update hand_in set study = $3, ${SET}, ${BEGUN_ANEW}, deleted = null
		where id = $1 and deleted is not null returning id`,
		values
	);
	return instead.length > 0 ? 'new' : 'another';
}

/**
 * Keeps a hand-in with its file, which comes in parts. One that is here stays as it is; one that was deleted is here again when it is
 * sent again, and where what is sent is another one, it is that one.
 */
export async function keepHandIn(
	database: Database,
	kept: KeepHandIn,
	parts: AsyncIterable<string> | Iterable<string>
): Promise<KeepOutcome> {
	try {
		await keepPieces(database, kept.body, inPieces(parts));
		return await database.transaction((queries) => keepHandInRow(queries, kept));
	} finally {
		// Of what was not kept after all.
		await forgetPieces(database, kept.body);
	}
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

const fileRow = z.object({ body: z.string(), pieces: z.int() });

/** The file of a hand-in as it is kept, unread, piece by piece; null where there is none. */
export async function readHandInFile(database: Queries, id: string): Promise<AsyncGenerator<string> | null> {
	const [row] = await database.query(
		`select body, (select count(*)::integer from hand_in_piece where hand_in_piece.body = hand_in.body) as pieces
		from hand_in where id = $1 and deleted is null`,
		[id]
	);
	if (!row) return null;
	const { body, pieces } = fileRow.parse(row);
	return readPieces(database, body, pieces);
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

/** Keeps what came back with a hand-in from here. False where there is no such hand-in, or it answers another brief. */
export async function takeReturned(database: Queries, returned: Returned): Promise<boolean> {
	const rows = await database.query(
		'update hand_in set returned = $3::jsonb where id = $1 and brief = $2 and deleted is null returning id',
		[returned.handIn, returned.brief.id, JSON.stringify(returned)]
	);
	return rows.length > 0;
}

export const deleteHandIn = (database: Queries, id: string): Promise<boolean> => setAside(database, 'hand_in', id);
export const restoreHandIn = (database: Queries, id: string): Promise<boolean> => bringBack(database, 'hand_in', id);

const printedRow = z.object({
	id: z.string(),
	given: givenBackSchema,
	// Of what came back, its notes and mark.
	returned: z.object(givenBackSchema.shape).nullable()
});

/** The hand-ins that are here, in the order that is asked for, each with what was given back with it. Their files are read one by one. */
export async function toPrint(database: Queries, ids: readonly string[]): Promise<{ id: string; given: GivenBack }[]> {
	const rows = await database.query('select id, given, returned from hand_in where id = any($1) and deleted is null', [
		ids
	]);
	const read = rows.flatMap((row) => printedRow.safeParse(row).data ?? []);
	return ids.flatMap((id) => {
		const found = read.find((row) => row.id === id);
		return found ? [{ id, given: found.returned ?? found.given }] : [];
	});
}
